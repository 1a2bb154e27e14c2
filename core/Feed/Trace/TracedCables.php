<?php

declare(strict_types=1);

namespace Bouclier\Core\Feed\Trace;

use Bouclier\Core\Feed\FeedMap;
use Bouclier\Core\Feed\Observed\PairTowards;
use Bouclier\Core\Feed\Observed\WiresNoted;
use Bouclier\Core\House\Cable;
use Bouclier\Core\House\CableEnd;
use Bouclier\Core\House\CableOrigin;
use Bouclier\Core\House\FreeId;
use Bouclier\Core\House\House;
use Bouclier\Core\House\Land;
use Bouclier\Core\House\Landing;

/**
 * The runs a trace is certain of, as cables of the house: from then on verdicts rest on them. A landing is written where a trip
 * proved it; the end at the point fed is left unsaid, for being the feed and being landed on LINE are two things.
 */
final class TracedCables
{
    /**
     * @return list<Edge> certain runs the house has no cable for yet; runs of a multiwire circuit are not among them, two breakers share
     *     those
     */
    public static function missing(House $house, Trace $trace): array
    {
        $feeds = new FeedMap($house);
        $circuits = [];
        foreach ($trace->places as $place) {
            $circuits[$place->point] = $place->circuit;
        }

        return array_values(array_filter($trace->edges, function (Edge $edge) use ($house, $feeds, $circuits): bool {
            $circuit = $circuits[$edge->to] ?? null;

            return $edge->certain
                && $feeds->feed($house->point($edge->to))->cable === null
                && ($circuit === null || $house->circuit($circuit)->multiwireWith === null);
        }));
    }

    public static function into(House $house, Trace $trace): House
    {
        foreach (self::missing($house, $trace) as $edge) {
            $land = match ($edge->onLoad) {
                true => Landing::both(Land::Load),
                false => Landing::both(Land::Line),
                null => self::put($house, $edge),
            };
            $from = $house->hasPoint($edge->from) ? new CableEnd($edge->from, $land) : new CableOrigin([$edge->from]);
            $cable = new Cable(FreeId::in($house, 'w' . (count($house->cables) + 1), stem: 'w'), $from, new CableEnd($edge->to));
            $house = $house->with(cables: [...$house->cables, $cable]);
        }

        return $house;
    }

    /** Where the pair that turns out to lead there was put with the new device. */
    private static function put(House $house, Edge $edge): ?Landing
    {
        $pair = $house->hasPoint($edge->from) ? PairTowards::of($house, $edge->from, [$edge->to]) : null;

        return $pair === null ? null : WiresNoted::putAt($house, $edge->from, $pair);
    }
}
