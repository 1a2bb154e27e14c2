<?php

declare(strict_types=1);

namespace Bouclier\Core\Actions;

use Bouclier\Core\Feed\FeedMap;
use Bouclier\Core\House\Point;
use Bouclier\Core\House\Protection;

/** Where an appliance can be tried or run instead: on another device, since the neighbour on the same one proves nothing. */
final class Elsewhere
{
    public static function of(FeedMap $feeds, string $from): ?Point
    {
        $own = $feeds->feed($feeds->house->point($from))->circuit;
        foreach ($feeds->house->points as $point) {
            $circuit = $feeds->feed($point)->circuit;
            $isOther = $circuit !== null && $circuit->id !== $own?->id && $circuit->volts() === $own?->volts();
            if ($point->isReceptacle() && $isOther && $feeds->guards($point, Protection::Gfci) !== []) {
                return $point;
            }
        }

        return null;
    }
}
