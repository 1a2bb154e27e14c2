<?php

declare(strict_types=1);

namespace Bouclier\Core\House;

/** Times of records, ISO 8601 as text: compared as seconds, spoken as a clock. */
final readonly class Moment
{
    /** @return int|null seconds since 1970, null for what is no time */
    public static function seconds(mixed $time): ?int
    {
        $seconds = is_string($time) ? strtotime($time) : false;

        return $seconds === false ? null : $seconds;
    }

    /** " at 09:42", as it was written down; nothing where no time is known. */
    public static function at(?string $time): string
    {
        return $time === null ? '' : ' at ' . substr($time, 11, 5);
    }
}
