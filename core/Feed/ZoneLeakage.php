<?php

declare(strict_types=1);

namespace Bouclier\Core\Feed;

use Bouclier\Core\House\Appliance;
use Bouclier\Core\House\Arithmetic;
use Bouclier\Core\House\Cable;
use Bouclier\Core\House\Circuit;
use Bouclier\Core\House\Point;

/**
 * What leaks through the sensor of a GFCI when nothing is wrong: appliances of its outlets, and the cables beyond it, which do not include
 * its own feed. Milliamperes at 120 V; in phase and in quadrature they add at right angles.
 */
final readonly class ZoneLeakage
{
    /** @param list<LeakagePart> $parts those that leak anything */
    private function __construct(public array $parts)
    {
    }

    public static function of(Guard $guard, Zones $zones, FeedMap $feeds): self
    {
        $points = array_column($zones->of($guard), null, 'id');
        $appliances = array_filter(
            $feeds->house->appliances,
            fn(Appliance $appliance): bool => $appliance->at !== null && isset($points[$appliance->at]),
        );
        $by = $guard->by;
        $cables = $by instanceof Point ? self::beyond($by, $feeds) : self::ofCircuit($by, $feeds);
        $parts = [...array_map(self::appliance(...), array_values($appliances)), ...array_map(self::cable(...), $cables)];

        return new self(array_values(array_filter($parts, fn(LeakagePart $part): bool => $part->milliamperes() > 0.0)));
    }

    public function milliamperes(): float
    {
        return Arithmetic::magnitude($this->resistiveMa(), $this->capacitiveMa());
    }

    public function resistiveMa(): float
    {
        return array_sum(array_map(fn(LeakagePart $part): float => $part->resistiveMa, $this->parts));
    }

    public function capacitiveMa(): float
    {
        return array_sum(array_map(fn(LeakagePart $part): float => $part->capacitiveMa, $this->parts));
    }

    private static function appliance(Appliance $appliance): LeakagePart
    {
        return new LeakagePart($appliance, $appliance->leaks()->resistiveMa ?? 0.0, $appliance->leaks()->capacitiveMa ?? 0.0);
    }

    /** A cable without a ground wire has nothing beside it to leak into. */
    private static function cable(Cable $cable): LeakagePart
    {
        return new LeakagePart($cable, 0.0, $cable->grounds() ? Capacitance::milliamperes($cable->lengthFt ?? 0.0) : 0.0);
    }

    /** @return list<Cable> */
    private static function beyond(Point $device, FeedMap $feeds): array
    {
        $found = [];
        $next = array_values(
            array_filter($feeds->cablesOutOf($device), fn(Cable $cable): bool => $cable->landingAtStart()?->isLoad() === true),
        );
        while (($cable = array_shift($next)) !== null) {
            $found[] = $cable;
            array_push($next, ...$feeds->cablesOutOf($feeds->house->point($cable->to->point)));
        }

        return $found;
    }

    /** @return list<Cable> */
    private static function ofCircuit(Circuit $circuit, FeedMap $feeds): array
    {
        $cables = array_map(fn(Point $point): ?Cable => $feeds->feed($point)->cable, $feeds->pointsOn($circuit));

        return array_values(array_filter($cables, fn(?Cable $cable): bool => $cable !== null));
    }
}
