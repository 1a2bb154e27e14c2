<?php

declare(strict_types=1);

namespace Bouclier\Core\Network;

/** Copper conductors at 75 C. */
final class Copper
{
    /** Ohms of 1000 ft, by AWG. NEC chapter 9, Table 8. */
    private const OHMS_PER_1000_FT = [14 => 3.07, 12 => 1.93, 10 => 1.21, 8 => 0.778, 6 => 0.491, 4 => 0.308, 2 => 0.194];

    /** Between two terminals; joined where there is no length. */
    public static function strand(Grid $grid, int $terminal, int $near, int $far, int $awg, float $feet): Strand
    {
        if ($feet <= 0.0) {
            $grid->join($near, $far);

            return new Strand($terminal, $near, $far, null);
        }

        return new Strand($terminal, $near, $far, $grid->resistor($near, $far, self::ohms($awg, $feet)));
    }

    /** Of one conductor. */
    public static function ohms(int $awg, float $feet): float
    {
        return self::OHMS_PER_1000_FT[$awg] * $feet / 1000.0;
    }

    /** The ground in an 8 AWG cable and heavier is 10 AWG. */
    public static function groundGauge(int $awg): int
    {
        return max($awg, 10);
    }
}
