<?php

declare(strict_types=1);

namespace Bouclier\Core\Feed;

/** Copper conductors and the breakers they go with. */
final class Gauge
{
    /** Most amperes of the breaker by AWG. NEC 240.4(D) to 10 AWG; above, the format's own pairs. */
    private const MAX_AMPS = [14 => 15.0, 12 => 20.0, 10 => 30.0, 8 => 40.0, 6 => 55.0, 4 => 70.0, 2 => 95.0];

    public static function maxAmps(int $awg): float
    {
        return self::MAX_AMPS[$awg];
    }

    /** The thinnest wire for a breaker, in AWG: what a cable is taken to be while nobody has said. */
    public static function for(float $amps): int
    {
        foreach (self::MAX_AMPS as $awg => $most) {
            if ($amps <= $most) {
                return $awg;
            }
        }

        return 2;
    }
}
