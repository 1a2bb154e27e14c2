<?php

declare(strict_types=1);

namespace Bouclier\Core\Box;

use Bouclier\Core\Feed\FeedMap;
use Bouclier\Core\House\CableEnd;
use Bouclier\Core\House\House;
use Bouclier\Core\House\Point;

/** What to write on the jacket of a cable before anything is pulled loose. */
final class Tag
{
    public static function of(FeedMap $feeds, PairInBox $pair): ?string
    {
        $cable = $pair->cable;
        if ($cable === null) {
            // Going on to somewhere: a letter, until it is found where.
            return $pair->isFeed === true ? 'FEED' : ($pair->name === null ? null : strtoupper("pair {$pair->name}"));
        }
        $house = $feeds->house;
        if ($pair->isFeed === true) {
            return $cable->from instanceof CableEnd
                ? 'FEED from ' . $house->point($cable->from->point)->code
                : 'FEED from breaker ' . implode(
                    ' and ',
                    array_map(fn(string $id): string => $house->circuit($id)->slot, $cable->from->circuits),
                );
        }
        $codes = array_map(fn(Point $point): string => $point->code, self::beyond($house, $feeds, $cable->to->point));

        return 'TO ' . implode(', ', array_slice($codes, 0, 4)) . (count($codes) > 4 ? ' and ' . (count($codes) - 4) . ' more' : '');
    }

    /** @return list<Point> in feed order */
    private static function beyond(House $house, FeedMap $feeds, string $first): array
    {
        $found = [];
        $next = [$house->point($first)];
        while (($point = array_shift($next)) !== null) {
            $found[] = $point;
            foreach ($feeds->cablesOutOf($point) as $cable) {
                $next[] = $house->point($cable->to->point);
            }
        }

        return $found;
    }
}
