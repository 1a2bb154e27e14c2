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

    public static function of(Point $point): ?self
    {
        if (! $point->device->feedsThrough()) {
            return null;
        }
        [$madeFrom, $madeTo] = [...($point->madeBetween ?? []), null, null];
        $from = $madeFrom === null ? null : (string) $madeFrom;
        $to = $madeTo === null ? $point->installedOn : (string) $madeTo;
        $rests = array_filter([
            $from === null && $madeTo === null ? null : 'its date code',
            $point->installedOn === null ? null : "installed {$point->installedOn}",
        ], is_string(...));
        if ($point->device->givesGfci() && $point->selfTest === false) {
            $to = self::earlier($to, self::SELF_TEST_SINCE);
            $rests[] = 'it does not test itself';
        }
        if ($point->device->givesGfci() && $point->selfTest === true) {
            $from = self::later($from, self::SELF_TEST_SINCE);
            $rests[] = 'it tests itself';
        }

        return $from === null && $to === null ? null : new self($from, $to, implode(', ', $rests));
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
        // A year alone is taken from its middle, a month from its first day.
        $since .= match (strlen($since)) {
            4 => '-07-01',
            7 => '-01',
            default => '',
        };

        return max(0, (int) substr($day, 0, 4) - (int) substr($since, 0, 4) - (substr($day, 5) < substr($since, 5) ? 1 : 0));
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
