<?php

declare(strict_types=1);

namespace Bouclier\Core\Faults;

use Bouclier\Core\Feed\FeedMap;
use Bouclier\Core\Feed\Guard;
use Bouclier\Core\House\Point;
use Bouclier\Core\House\Protection;

/**
 * Outlets whose neutral that of another may have been joined to: one for each circuit and each set of devices the neutral goes through,
 * since readings tell no more apart. A neutral of the same circuit from before a device is borrowed, too.
 */
final class Lenders
{
    /** @return array<Point> by the way of their neutral */
    public static function in(FeedMap $feeds): array
    {
        $lenders = [];
        foreach ($feeds->house->points as $point) {
            $way = self::way($feeds, $point);
            if ($way !== null) {
                $lenders[$way] ??= $point;
            }
        }

        return $lenders;
    }

    /**
     * @return string|null the circuit and the devices the neutral of a point goes through, as it is joined on the line side: a device's own
     *     sensor is not in it
     */
    public static function way(FeedMap $feeds, Point $point): ?string
    {
        $circuit = $feeds->feed($point)->circuit;
        $through = array_map(
            fn(Guard $guard): string => $guard->id(),
            array_filter($feeds->guards($point, Protection::Gfci), fn(Guard $guard): bool => $guard->id() !== $point->id),
        );

        return $circuit === null ? null : $circuit->id . ' ' . implode(' ', $through);
    }
}
