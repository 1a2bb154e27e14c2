<?php

declare(strict_types=1);

namespace Bouclier\Core\Survey;

use Bouclier\Core\House\Area;
use Bouclier\Core\House\House;
use Bouclier\Core\House\Point;

/** The order in which rooms and outlets are walked, listed and printed. It says nothing about what feeds what. */
final class WalkingOrder
{
    /** @param Area|null $before the room it is to come before, null for last */
    public static function room(House $house, Area $moved, ?Area $before): House
    {
        return $house->with(areas: self::moved($house->areas, $moved, $before));
    }

    /** @param Point|null $before the outlet it is to come before, null for last */
    public static function outlet(House $house, Point $moved, ?Point $before): House
    {
        return $house->with(points: self::moved($house->points, $moved, $before));
    }

    /**
     * @template T of object
     *
     * @param list<T> $all
     * @param T $moved
     * @param T|null $before
     *
     * @return list<T>
     */
    private static function moved(array $all, object $moved, ?object $before): array
    {
        $rest = array_values(array_filter($all, fn(object $one): bool => $one !== $moved));
        $at = $before === null ? false : array_search($before, $rest, true);
        array_splice($rest, $at === false ? count($rest) : $at, 0, [$moved]);

        return $rest;
    }
}
