<?php

declare(strict_types=1);

namespace Bouclier\Core\Feed;

use Bouclier\Core\House\Circuit;
use Bouclier\Core\House\Point;
use Bouclier\Core\House\Protection;

/** What a tester's button at an outlet may open. */
final class MayOpen
{
    /**
     * What is known to protect it; where nothing is, every GFCI on its circuit, or in the house where its circuit is not known either.
     *
     * @return list<Guard> devices in the order of the house, then breakers
     */
    public static function at(FeedMap $feeds, Point $point): array
    {
        $known = $feeds->guards($point, Protection::Gfci);
        if ($known !== []) {
            return $known;
        }
        $circuit = $feeds->feed($point)->circuit;
        $isNear = fn(Circuit|null $other): bool => $circuit === null || $other === null || $other->id === $circuit->id;
        $devices = array_filter(
            $feeds->house->points,
            fn(Point $other): bool => $other->gives(Protection::Gfci) && $isNear($feeds->feed($other)->circuit),
        );
        $breakers = array_filter(
            $feeds->house->circuits,
            fn(Circuit $other): bool => $other->breaker()->givesGfci() && $isNear($other),
        );

        return array_map(fn(Point|Circuit $by): Guard => new Guard($by), [...array_values($devices), ...array_values($breakers)]);
    }
}
