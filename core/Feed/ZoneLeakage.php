<?php

declare(strict_types=1);

namespace Bouclier\Core\Feed;

use Bouclier\Core\House\Cable;
use Bouclier\Core\House\Circuit;
use Bouclier\Core\House\Point;
use Bouclier\Core\Network\Capacitance;

/**
 * What leaks through the sensor of a GFCI when nothing is wrong: appliances of its outlets, and the cables beyond it, which do not include its own
 * feed. Milliamperes at 120 V; in phase and in quadrature they add at right angles.
 */
final readonly class ZoneLeakage
{
    private function __construct(
        public float $resistiveMa,
        public float $capacitiveMa,
    ) {
    }

    public static function of(Guard $guard, Zones $zones, FeedMap $feeds): self
    {
        $points = array_column($zones->of($guard), null, 'id');
        $resistive = 0.0;
        $capacitive = 0.0;
        foreach ($feeds->house->appliances as $appliance) {
            if ($appliance->at !== null && isset($points[$appliance->at])) {
                $resistive += $appliance->leakage->resistiveMa ?? 0.0;
                $capacitive += $appliance->leakage->capacitiveMa ?? 0.0;
            }
        }
        $by = $guard->by;
        $feet = $by instanceof Point ? self::feetBeyond($by, $feeds) : self::feetOf($by, $feeds);

        return new self($resistive, $capacitive + Capacitance::milliamperes($feet));
    }

    public function milliamperes(): float
    {
        return hypot($this->resistiveMa, $this->capacitiveMa);
    }

    private static function feetBeyond(Point $device, FeedMap $feeds): float
    {
        $feet = 0.0;
        $next = array_filter($feeds->cablesOutOf($device), fn(Cable $cable): bool => $cable->landingAtStart()?->isLoad() === true);
        while (($cable = array_shift($next)) !== null) {
            $feet += self::feet($cable);
            array_push($next, ...$feeds->cablesOutOf($feeds->house->point($cable->to->point)));
        }

        return $feet;
    }

    private static function feetOf(Circuit $circuit, FeedMap $feeds): float
    {
        return array_sum(array_map(function (Point $point) use ($feeds): float {
            $cable = $feeds->feed($point)->cable;

            return $cable === null ? 0.0 : self::feet($cable);
        }, $feeds->pointsOn($circuit)));
    }

    /** A cable without a ground wire has nothing beside it to leak into. */
    private static function feet(Cable $cable): float
    {
        return $cable->ground === false ? 0.0 : ($cable->lengthFt ?? 0.0);
    }
}
