<?php

declare(strict_types=1);

namespace Bouclier\Core\House;

/**
 * When a protective device was made, as far as can be known: a date, or bounds from what it can and cannot do. A device made before
 * mid-2015 does not test itself; a listed GFCI made since then does (UL 943, 29 June 2015).
 */
final readonly class DeviceAge
{
    private const SELF_TEST_SINCE = '2015-06-29';

    /**
     * @param string|null $from not made before, ISO 8601, a year, a month or a day
     * @param string|null $to not made after
     * @param string $rests what the bounds rest on
     */
    private function __construct(
        public ?string $from,
        public ?string $to,
        public string $rests,
    ) {
    }

    public static function of(Point|Circuit $device): ?self
    {
        $kind = $device instanceof Point ? $device->device : $device->breaker();
        if (! $kind->givesGfci() && ! $kind->givesAfci()) {
            return null;
        }
        [$madeFrom, $madeTo] = [...($device instanceof Point ? $device->madeBetween ?? [] : []), null, null];
        $from = $madeFrom === null ? null : (string) $madeFrom;
        $to = $madeTo === null ? $device->installedOn : (string) $madeTo;
        $rests = array_filter([
            $from === null && $madeTo === null ? null : 'its date code',
            $device->installedOn === null ? null : "installed {$device->installedOn}",
        ], is_string(...));
        if ($kind->givesGfci() && $device->selfTest === false) {
            $to = self::earlier($to, self::SELF_TEST_SINCE);
            $rests[] = 'it does not test itself';
        }
        if ($kind->givesGfci() && $device->selfTest === true) {
            $from = self::later($from, self::SELF_TEST_SINCE);
            $rests[] = 'it tests itself';
        }

        return $from === null && $to === null ? null : new self($from, $to, implode(', ', $rests));
    }

    /** The day it is that many years old at the latest, ISO 8601; null where nothing bounds it from above. */
    public function reaches(int $years): ?string
    {
        if ($this->to === null) {
            return null;
        }
        $day = self::day($this->to);
        $year = (int) substr($day, 0, 4) + $years;

        return sprintf('%04d%s', $year, substr($day, 4) === '-02-29' ? '-03-01' : substr($day, 4));
    }

    /** How old it is on a day, in whole years: at least and at most; null where there is no bound. */
    public function yearsOn(string $day): string
    {
        $atLeast = $this->to === null ? 0 : self::years($this->to, $day);
        $atMost = $this->from === null ? null : self::years($this->from, $day);

        return match (true) {
            $atMost === null => "$atLeast years or more",
            $atMost <= $atLeast => $atLeast === 1 ? '1 year' : "$atLeast years",
            default => "$atLeast to $atMost years",
        };
    }

    private static function years(string $since, string $day): int
    {
        $since = self::day($since);

        return max(0, (int) substr($day, 0, 4) - (int) substr($since, 0, 4) - (substr($day, 5) < substr($since, 5) ? 1 : 0));
    }

    /** A year alone is taken from its middle, a month from its first day. */
    private static function day(string $since): string
    {
        return $since . match (strlen($since)) {
            4 => '-07-01',
            7 => '-01',
            default => '',
        };
    }

    private static function earlier(?string $one, string $other): string
    {
        return $one === null || strcmp($one, $other) > 0 ? $other : $one;
    }

    private static function later(?string $one, string $other): string
    {
        return $one === null || strcmp($one, $other) < 0 ? $other : $one;
    }
}
