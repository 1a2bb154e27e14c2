<?php

declare(strict_types=1);

namespace Bouclier\Core\House;

/** The order a house is walked in: its rooms in their order, and in each its outlets. */
final readonly class WalkThrough
{
    /**
     * @param \Closure(Point): bool $isMeant
     *
     * @return list<Point> in walking order
     */
    public static function of(House $house, \Closure $isMeant): array
    {
        $rooms = array_flip(array_map(fn(Area $area): string => $area->id, $house->areas));
        $points = array_values(array_filter($house->points, $isMeant));
        usort($points, fn(Point $one, Point $other): int => ($rooms[$one->area] ?? 0) <=> ($rooms[$other->area] ?? 0));

        return $points;
    }
}
