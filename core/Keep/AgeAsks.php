<?php

declare(strict_types=1);

namespace Bouclier\Core\Keep;

/** How soon the age of a device asks for another. */
enum AgeAsks: string
{
    case Now = 'now';
    case ThisYear = 'this_year';
    case Later = 'later';
    case Unknown = 'unknown';

    /**
     * @param string|null $on the day it is due to be replaced, ISO 8601; null where that is not known
     * @param string $today ISO 8601, a day
     */
    public static function of(?string $on, string $today): self
    {
        return match (true) {
            $on === null => self::Unknown,
            $on <= $today => self::Now,
            $on <= substr($today, 0, 4) . '-12-31' => self::ThisYear,
            default => self::Later,
        };
    }
}
