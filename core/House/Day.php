<?php

declare(strict_types=1);

namespace Bouclier\Core\House;

/** Days of the calendar as text, ISO 8601. */
final readonly class Day
{
    public static function isDay(string $text): bool
    {
        return preg_match('/^(\d{4})-(\d\d)-(\d\d)$/D', $text, $of) === 1 && checkdate((int) $of[2], (int) $of[3], (int) $of[1]);
    }

    public static function after(string $day, int $days): string
    {
        return (new \DateTimeImmutable($day, new \DateTimeZone('UTC')))->modify("+$days days")->format('Y-m-d');
    }

    /** The same day of the next month, or its last. */
    public static function monthAfter(string $day): string
    {
        $first = (new \DateTimeImmutable(substr($day, 0, 8) . '01', new \DateTimeZone('UTC')))->modify('+1 month');

        return $first->format('Y-m-') . sprintf('%02d', min((int) substr($day, 8, 2), (int) $first->format('t')));
    }
}
