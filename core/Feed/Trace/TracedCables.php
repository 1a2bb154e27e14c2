<?php

declare(strict_types=1);

namespace Bouclier\Core\Feed\Trace;

use Bouclier\Core\Feed\FeedMap;
use Bouclier\Core\Feed\Observed\PairNotes;
use Bouclier\Core\Feed\Observed\PairsSeen;
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
            // The pair that turns out to lead there, and the one it comes in by.
            $leaves = $house->hasPoint($edge->from) ? PairsSeen::at($house, $edge->from)->towards($edge->to) : null;
            $comes = PairsSeen::at($house, $edge->to)->feed();
            $land = match ($edge->onLoad) {
                true => Landing::both(Land::Load),
                false => Landing::both(Land::Line),
                null => $leaves === null ? null : WiresNoted::putAt($house, $edge->from, $leaves),
            };
            $from = $house->hasPoint($edge->from) ? new CableEnd($edge->from, $land) : new CableOrigin([$edge->from]);
            $cable = PairNotes::seenOf(
                new Cable(FreeId::in($house, 'w' . (count($house->cables) + 1), stem: 'w'), $from, new CableEnd($edge->to)),
                PairNotes::of($house, $edge->from, $leaves),
                PairNotes::of($house, $edge->to, $comes),
            );
            $house = $house->with(cables: [...$house->cables, $cable]);
        }

        return $house;
    }
}
