<?php

declare(strict_types=1);

namespace Bouclier\Core\CodeBook;

/** What breaker copper conductors may be on. */
final class Ampacity
{
    /** NEC 240.4(D): 14 to 10 AWG, whatever their insulation, in A. */
    private const SMALL = [14 => 15.0, 12 => 20.0, 10 => 30.0];

    /** NEC Table 310.16, copper, in A by AWG: 60 C, which NM cable has and terminals may be taken to have, and 75 C. */
    private const AT_60_C = [8 => 40.0, 6 => 55.0, 4 => 70.0, 2 => 95.0];

    private const AT_75_C = [8 => 50.0, 6 => 65.0, 4 => 85.0, 2 => 115.0];

    /** Standard breakers (240.6), in A. */
    private const STANDARD = [15.0, 20.0, 25.0, 30.0, 35.0, 40.0, 45.0, 50.0, 60.0, 70.0, 80.0, 90.0, 100.0, 110.0, 125.0];

    /** Whether 240.4(D) speaks of the wire. */
    public static function isSmall(int $awg): bool
    {
        return isset(self::SMALL[$awg]);
    }

    /** The largest breaker, in A: the next standard size up is allowed beyond the small ones (240.4(B)). */
    public static function mostAmps(int $awg, bool $at75C): float
    {
        $carries = self::SMALL[$awg] ?? ($at75C ? self::AT_75_C : self::AT_60_C)[$awg];
        if (self::isSmall($awg)) {
            return $carries;
        }

        return min(array_filter(self::STANDARD, fn(float $size): bool => $size >= $carries));
    }
}
