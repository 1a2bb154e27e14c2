<?php

declare(strict_types=1);

namespace Bouclier\Core\Plan;

use Bouclier\Core\Diagnose\TripChance;
use Bouclier\Core\Network\Tripping;

/** How near a GFCI comes to tripping by itself, on what its zone leaks when nothing is wrong. */
final readonly class Nuisance
{
    /**
     * @param float $ma what it leaks, mA
     * @param float $marginMa mA left to where it may trip, as much as it should leak
     * @param float $spareAtWorstMa mA left to there of what it may leak at worst
     * @param float $chance that what it may leak within the ranges of its appliances passes the threshold
     */
    private function __construct(
        public float $ma,
        public float $marginMa,
        public float $spareAtWorstMa,
        public float $chance,
    ) {
    }

    public static function of(Stretch $zone): self
    {
        $ma = $zone->milliamperes();
        return new self(
            $ma,
            Tripping::HOLDS_MA - $ma,
            Tripping::HOLDS_MA - $zone->atWorstMa(),
            (new TripChance($ma, $zone->off(), Tripping::HOLDS_MA, Tripping::TRIPS_MA))->opens(),
        );
    }
}
