<?php

declare(strict_types=1);

namespace Bouclier\Core\Feed;

use Bouclier\Core\House\Appliance;
use Bouclier\Core\House\Circuit;
use Bouclier\Core\House\House;
use Bouclier\Core\House\Point;

/** What runs where, in amperes: the rated current of the appliances that are on. */
final class Load
{
    public static function atFace(House $house, Point $point): float
    {
        return self::amps(array_filter($house->appliances, fn(Appliance $one): bool => $one->at === $point->id && $one->isOn()));
    }

    /** @return list<Appliance> what draws anything from a breaker, the heaviest first */
    public static function running(FeedMap $feeds, Circuit $circuit): array
    {
        $points = array_map(fn(Point $point): string => $point->id, $feeds->pointsOn($circuit));
        $running = array_filter(
            $feeds->house->appliances,
            fn(Appliance $one): bool => $one->isOn() && $one->amps() > 0.0 && in_array($one->at, $points, true),
        );
        usort($running, fn(Appliance $one, Appliance $other): int => $other->amps() <=> $one->amps());

        return $running;
    }

    /** @param array<Appliance> $running */
    public static function amps(array $running): float
    {
        return (float) array_sum(array_map(fn(Appliance $one): float => $one->amps(), $running));
    }

    /** What is fed through the LOAD side of a device: everything beyond it there, its own face not counted. */
    public static function beyondLoad(FeedMap $feeds, Point $device): float
    {
        $amps = 0.0;
        $next = array_filter($feeds->cablesOutOf($device), fn($cable): bool => $cable->landingAtStart()?->isLoad() === true);
        while (($cable = array_shift($next)) !== null) {
            $point = $feeds->house->point($cable->to->point);
            $amps += self::atFace($feeds->house, $point);
            array_push($next, ...$feeds->cablesOutOf($point));
        }

        return $amps;
    }
}
