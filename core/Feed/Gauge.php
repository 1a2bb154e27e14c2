<?php

declare(strict_types=1);

namespace Bouclier\Core\Feed;

/** The copper conductor a cable is taken to be. */
final class Gauge
{
    /** The format's own pairs of breaker and wire, in A by AWG. */
    private const MAX_AMPS = [14 => 15.0, 12 => 20.0, 10 => 30.0, 8 => 40.0, 6 => 55.0, 4 => 70.0, 2 => 95.0];

    /** @return non-empty-list<int> in AWG, the thinnest first */
    public static function all(): array
    {
        return array_keys(self::MAX_AMPS);
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
