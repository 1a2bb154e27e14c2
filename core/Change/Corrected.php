<?php

declare(strict_types=1);

namespace Bouclier\Core\Change;

use Bouclier\Core\House\Extra;
use Bouclier\Core\House\House;
use Bouclier\Core\House\OutletName;
use Bouclier\Core\House\Point;
use Bouclier\Core\Survey\Rating;

/** What follows from an edit of outlets by itself: a name that went with what it served, ratings that went with the breaker. */
final class Corrected
{
    private const BY_BREAKER = ['amps', 'volts', 'yoke'];

    /** @param list<Patch> $patches what was said */
    public static function after(House $before, House $after, array $patches): House
    {
        $points = [];
        foreach ($patches as $patch) {
            if ($patch->in === 'points' && $patch->set !== null) {
                $was = $before->hasPoint($patch->id) ? $before->point($patch->id) : null;
                $points[$patch->id] = self::outlet($after, $was, $after->point($patch->id), get_object_vars($patch->set));
            }
        }

        return $points === [] ? $after : $after->with(
            points: array_map(fn(Point $point): Point => $points[$point->id] ?? $point, $after->points),
        );
    }

    /** @param array<mixed> $said by field */
    private static function outlet(House $house, ?Point $was, Point $is, array $said): Point
    {
        // What is said is not taken for granted any more, unless it comes with the mark.
        $assumed = is_object($said['x'] ?? null) && property_exists($said['x'], Point::ASSUMED)
            ? $is->assumed()
            : array_values(array_filter($is->assumed(), fn(string $field): bool => ! array_key_exists($field, $said)));
        $is = self::marked($is, $assumed);
        if ($was === null) {
            return $is;
        }
        $is = $is->with(name: OutletName::after($was, $is));

        return $was->circuit === $is->circuit ? $is : self::byBreaker($house, $is, array_map(strval(...), array_keys($said)));
    }

    /**
     * Ratings that nobody said go with the new breaker.
     *
     * @param list<string> $said
     */
    private static function byBreaker(House $house, Point $point, array $said): Point
    {
        $kept = array_values(array_diff($point->assumed(), self::BY_BREAKER));
        $bare = $point->with(...array_fill_keys(array_diff(array_intersect($point->assumed(), self::BY_BREAKER), $said), null));
        $rating = Rating::ofReceptacleOn($bare->circuit === null ? null : $house->circuit($bare->circuit), $bare->kind, $bare->amps);
        $taken = array_filter(
            ['amps' => $rating?->amps, 'volts' => $rating?->volts, 'yoke' => $rating?->yoke],
            fn(mixed $value, string $field): bool => $value !== null && $bare->{$field} === null,
            ARRAY_FILTER_USE_BOTH,
        );

        return self::marked($bare->with(...$taken), [...$kept, ...array_keys($taken)]);
    }

    /** @param list<string> $assumed */
    private static function marked(Point $point, array $assumed): Point
    {
        return $assumed === $point->assumed()
            ? $point
            : $point->with(x: Extra::with($point->x, Point::ASSUMED, $assumed === [] ? null : $assumed));
    }
}
