<?php

declare(strict_types=1);

namespace Bouclier\Core\Diagnose;

use Bouclier\Core\Feed\BreakerHints;
use Bouclier\Core\Feed\FeedMap;
use Bouclier\Core\House\Cable;
use Bouclier\Core\House\CableEnd;
use Bouclier\Core\House\CableOrigin;
use Bouclier\Core\House\Circuit;
use Bouclier\Core\House\House;
use Bouclier\Core\House\Land;
use Bouclier\Core\House\Landing;
use Bouclier\Core\House\Point;

/**
 * A house that is not traced, or only in part, as it is likely wired: so that a circuit, a device and a few appliances are enough to begin.
 * What is assumed is said, and never written into the house.
 */
final readonly class AssumedWiring
{
    /** How the id of a cable begins that is assumed. */
    private const ID = 'assumed ';

    /** @param list<Point> $points whose feed is assumed */
    private function __construct(
        public House $house,
        public array $points,
    ) {
    }

    public static function of(House $house): self
    {
        $house = self::onCircuits($house);
        $feeds = new FeedMap($house);
        $cables = $assumed = [];
        foreach ($house->circuits as $circuit) {
            $loose = array_values(array_filter($feeds->pointsOn($circuit), fn(Point $point): bool => $feeds->feed($point)->cable === null));
            usort($loose, fn(Point $one, Point $other): int => $other->device->feedsThrough() <=> $one->device->feedsThrough());
            $last = self::lastTraced($feeds, $circuit);
            foreach ($loose as $point) {
                $cables[] = self::cable($house, $circuit, $last, $point);
                $assumed[] = $point;
                $last = $point;
            }
        }

        return new self($cables === [] ? $house : $house->with(cables: [...$house->cables, ...$cables]), $assumed);
    }

    /**
     * In a house of which nothing is drawn, an outlet that nobody has put on a breaker is taken to be on the one most speaks for: that it
     * is fed is likelier than that it is not. In one that is drawn so is the one the call is about.
     */
    private static function onCircuits(House $house): House
    {
        $feeds = new FeedMap($house);
        $isTaken = fn(Point $point): bool => $point->circuit === null && ($house->cables === [] || (
            $point->id === $house->call->symptom?->at && $feeds->feed($point)->circuit === null
        ));
        $hints = new BreakerHints($feeds);
        foreach (array_filter($house->points, $isTaken) as $point) {
            $fit = array_values(array_filter($house->circuits, fn(Circuit $circuit): bool => BreakerHints::fitsVolts($point, $circuit)));
            usort($fit, fn(Circuit $one, Circuit $other): int => $hints->weight($point, $other) <=> $hints->weight($point, $one));
            if ($fit !== []) {
                $house = $house->withPoint($point->with(circuit: $fit[0]->id));
            }
        }

        return $house;
    }

    /** @return list<Point> those of a circuit whose feed is assumed */
    public function on(?Circuit $circuit): array
    {
        $feeds = new FeedMap($this->house);

        return $circuit === null ? [] : array_values(
            array_filter($this->points, fn(Point $point): bool => $feeds->feed($point)->circuit?->id === $circuit->id),
        );
    }

    public static function isAssumed(?Cable $cable): bool
    {
        return $cable !== null && str_starts_with($cable->id, self::ID);
    }

    /** What a circuit leads to last, as far as it is traced. */
    private static function lastTraced(FeedMap $feeds, Circuit $circuit): ?Point
    {
        $traced = array_values(array_filter($feeds->pointsOn($circuit), fn(Point $point): bool => $feeds->runTo($point) !== []));

        return $traced === [] ? null : $traced[count($traced) - 1];
    }

    private static function cable(House $house, Circuit $circuit, ?Point $from, Point $to): Cable
    {
        $id = self::ID . $to->id;
        $ids = array_column($house->cables, 'id');
        while (in_array($id, $ids, true)) {
            $id .= "'";
        }
        $start = $from === null
            ? new CableOrigin([$circuit->id])
            : new CableEnd($from->id, $from->device->feedsThrough() ? Landing::both(Land::Load) : Landing::both(Land::Line));

        return new Cable(id: $id, from: $start, to: new CableEnd($to->id, Landing::both(Land::Line)));
    }
}
