<?php

declare(strict_types=1);

namespace Bouclier\Core\Survey;

use Bouclier\Core\Feed\Observed\ObservationList;
use Bouclier\Core\House\Appliance;
use Bouclier\Core\House\Area;
use Bouclier\Core\House\Cable;
use Bouclier\Core\House\Fixture;
use Bouclier\Core\House\House;
use Bouclier\Core\House\Point;

/**
 * A house without something that was entered in it, and without what cannot be without it: its cables, the ways measured to its water, what
 * was seen of it.
 */
final class Removal
{
    /** What was plugged in there is kept, plugged in nowhere. What hung below it has no feed any more, and says so. */
    public static function outlet(House $house, Point $gone): House
    {
        return self::points($house, [$gone]);
    }

    /** A room goes with its outlets and its water. */
    public static function room(House $house, Area $gone): House
    {
        $water = array_map(fn(Fixture $fixture): string => $fixture->id, $gone->fixtures());
        $left = self::points($house, array_values(array_filter($house->points, fn(Point $p): bool => $p->area === $gone->id)));

        return $left->with(
            areas: array_values(array_filter($house->areas, fn(Area $area): bool => $area->id !== $gone->id)),
            points: Rooms::unmeasured($left, $water),
        );
    }

    /** @param list<Point> $gone */
    private static function points(House $house, array $gone): House
    {
        $ids = array_map(fn(Point $point): string => $point->id, $gone);
        $isGone = fn(?string $id): bool => in_array($id, $ids, true);
        $kept = array_values(array_filter($house->points, fn(Point $point): bool => ! $isGone($point->id)));

        return ObservationList::withoutPoints($house, $ids)->with(
            points: array_map(fn(Point $point): Point => $isGone($point->yokeWith) ? $point->with(yokeWith: null) : $point, $kept),
            cables: array_values(
                array_filter($house->cables, fn(Cable $cable): bool => ! $isGone($cable->fromPoint()) && ! $isGone($cable->to->point)),
            ),
            appliances: array_map(
                fn(Appliance $appliance): Appliance => $isGone($appliance->at) ? $appliance->with(at: null) : $appliance,
                $house->appliances,
            ),
        );
    }
}
