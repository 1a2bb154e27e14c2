<?php

declare(strict_types=1);

namespace Bouclier\Core\Feed;

use Bouclier\Core\House\Cable;
use Bouclier\Core\House\CableEnd;
use Bouclier\Core\House\CableOrigin;
use Bouclier\Core\House\Circuit;
use Bouclier\Core\House\House;
use Bouclier\Core\House\Landing;
use Bouclier\Core\House\Point;
use Bouclier\Core\House\Protection;

/**
 * What feeds what, and which device protects which outlet, from the cables and landings the house records.
 *
 * A device protects its own face when its feed is on LINE, and what lies beyond a cable that leaves it on LOAD with hot *and*
 * neutral. On a multiwire run it protects only outlets of its own circuit: the other hot is spliced past it.
 */
final class FeedMap
{
    /** @var array<Cable> the connected cable into a point, by point id */
    private array $into = [];

    /** @var array<list<Cable>> connected cables that leave a point, by point id */
    private array $outOf = [];

    /** @var array<list<Cable>> every cable at a point, by point id */
    private array $at = [];

    /** @var array<Feed> */
    private array $feeds = [];

    /** @var array<array<list<Guard>>> by function and point id */
    private array $guards = [];

    private ?ShownProtection $shown = null;

    /** @var array<non-empty-list<Circuit|null>> the circuits whose hots run in a cable, by its id */
    private array $circuitsIn = [];

    /** @var array<list<Point>> points of a circuit, in feed order, by circuit id */
    private array $onCircuit = [];

    public function __construct(public readonly House $house)
    {
        foreach ($house->cables as $cable) {
            $from = $cable->fromPoint();
            $this->at[$cable->to->point][] = $cable;
            if ($from !== null) {
                $this->at[$from][] = $cable;
            }
            if (! $cable->isConnected()) {
                continue;
            }
            $this->into[$cable->to->point] = $cable;
            if ($from !== null) {
                $this->outOf[$from][] = $cable;
            }
        }
        foreach ($house->points as $point) {
            $circuit = $this->feed($point)->circuit;
            if ($circuit !== null) {
                $this->onCircuit[$circuit->id][] = $point;
            }
        }
    }

    public function feed(Point $point): Feed
    {
        return $this->feeds[$point->id] ??= $this->trace($point);
    }

    /** @return list<Point> every point known or believed to be on the circuit, in the order of the file */
    public function pointsOn(Circuit $circuit): array
    {
        return $this->onCircuit[$circuit->id] ?? [];
    }

    /** @return list<Cable> what feeds each point of a circuit, as far as it is drawn */
    public function cablesOn(Circuit $circuit): array
    {
        return array_values(array_filter(array_map(fn(Point $point): ?Cable => $this->feed($point)->cable, $this->pointsOn($circuit))));
    }

    /** @return list<Cable> the cables from the breaker to the point, empty when they are not all known */
    public function runTo(Point $point): array
    {
        $run = [];
        for ($feed = $this->feed($point); $feed->cable !== null; $feed = $this->feed($feed->upstream)) {
            array_unshift($run, $feed->cable);
            if ($feed->upstream === null) {
                return $run;
            }
        }

        return [];
    }

    /** The gauge of a cable: as written, else what its circuit asks for. */
    public function awg(Cable $cable): int
    {
        $circuit = $this->feed($this->house->point($cable->to->point))->circuit;

        return $cable->awg ?? Gauge::for($circuit->amps ?? 15.0);
    }

    /** A circuit is dedicated to a point when it is the only one on it. */
    public function isDedicated(Point $point): bool
    {
        $circuit = $this->feed($point)->circuit;

        return $circuit !== null && count($this->pointsOn($circuit)) === 1;
    }

    /** @return list<Cable> connected cables that leave the point */
    public function cablesOutOf(Point $point): array
    {
        return $this->outOf[$point->id] ?? [];
    }

    /** @return list<Cable> every cable that comes into the box, capped ones among them */
    public function cablesAt(Point $point): array
    {
        return $this->at[$point->id] ?? [];
    }

    /** @return list<Landing> how the cables in the box are landed, as far as that was said */
    public function landingsAt(Point $point): array
    {
        $landings = [];
        foreach ($this->cablesAt($point) as $cable) {
            foreach ([$cable->from, $cable->to] as $end) {
                if ($end instanceof CableEnd && $end->point === $point->id && $end->land !== null) {
                    $landings[] = $end->land;
                }
            }
        }

        return $landings;
    }

    /**
     * The circuits whose hots run in a cable: both of a shared run as far as it is shared.
     *
     * @return non-empty-list<Circuit|null>
     */
    public function circuitsIn(Cable $cable): array
    {
        return $this->circuitsIn[$cable->id] ??= $this->circuitsOf($cable);
    }

    /** @return non-empty-list<Circuit|null> */
    private function circuitsOf(Cable $cable): array
    {
        $to = $this->house->point($cable->to->point);
        $own = $this->feed($to)->circuit;
        $origins = match (true) {
            $cable->from instanceof CableOrigin => array_map($this->house->circuit(...), $cable->from->circuits),
            // Where no run leads back to the panel, the third conductor is the partner's.
            $own?->multiwireWith !== null => array_values(
                array_filter(
                    $this->house->circuits,
                    fn(Circuit $circuit): bool => $circuit->id === $own->id || $circuit->id === $own->multiwireWith,
                ),
            ),
            default => array_map($this->house->circuit(...), $this->feed($to)->origins),
        };
        $isShared = $cable->from instanceof CableOrigin
            || $cable->conductors === 3
            || ($cable->conductors === null && $this->goesOnShared($cable, $origins));

        return count($origins) > 1 && $isShared ? $origins : [$own ?? $origins[0] ?? null];
    }

    /** @param list<Circuit> $origins */
    private function goesOnShared(Cable $cable, array $origins): bool
    {
        $found = [];
        $next = [$cable->to->point];
        while (($id = array_pop($next)) !== null) {
            $found[$this->feed($this->house->point($id))->circuit->id ?? ''] = true;
            foreach ($this->outOf[$id] ?? [] as $out) {
                $next[] = $out->to->point;
            }
        }

        return count($origins) > 1 && array_filter($origins, fn(Circuit $circuit): bool => ! isset($found[$circuit->id])) === [];
    }

    public function wiring(Point $point): Wiring
    {
        $landing = ($this->into[$point->id] ?? null)?->landingAtEnd();

        return match (true) {
            $landing === null || ! $point->device->feedsThrough() || $landing->isLineSide() => Wiring::Right,
            $landing->isLoad() => Wiring::Reversed,
            default => Wiring::Split,
        };
    }

    /** @return list<Cable> cables at this feed-through device whose hot and neutral land on different ends */
    public function splitPairsAt(Point $point): array
    {
        if (! $point->device->feedsThrough()) {
            return [];
        }
        $split = [];
        $into = $this->into[$point->id] ?? null;
        if ($into?->landingAtEnd()->isMixed() === true) {
            $split[] = $into;
        }
        foreach ($this->cablesOutOf($point) as $cable) {
            if ($cable->landingAtStart()?->isMixed() === true) {
                $split[] = $cable;
            }
        }

        return $split;
    }

    /**
     * What protects the outlet in this way, nearest first: itself, devices upstream, its breaker, the breakers of feeders above it.
     *
     * @return list<Guard>
     */
    public function guards(Point $point, Protection $function): array
    {
        // Not kept for a point that was changed after the map was made, as a what-if does.
        return $this->house->hasPoint($point->id) && $this->house->point($point->id) === $point
            ? $this->guards[$function->value][$point->id] ??= $this->guardsOf($point, $function)
            : $this->guardsOf($point, $function);
    }

    /** @return list<Guard> */
    private function guardsOf(Point $point, Protection $function): array
    {
        $guards = [];
        if ($point->gives($function) && $this->wiring($point) === Wiring::Right) {
            $guards[] = new Guard($point);
        }
        $feed = $this->feed($point);
        $circuit = $feed->circuit;
        while ($feed->upstream !== null) {
            $device = $feed->upstream;
            $above = $this->feed($device);
            if ($device->gives($function)
                && $this->wiring($device) === Wiring::Right
                && $feed->cable?->landingAtStart()?->isLoad() === true
                && (! $feed->isShared() || $above->circuit?->id === $circuit?->id)) {
                $guards[] = new Guard($device);
            }
            $feed = $above;
        }

        $breakers = $this->breakerGuards($circuit, $function);
        $shown = $this->shownGuards($point, $function, array_map(fn(Guard $guard): string => $guard->id(), [...$guards, ...$breakers]));
        $all = [...$guards, ...$shown, ...$breakers];
        // Devices before breakers; among each, what the drawing puts in an order.
        usort($all, fn(Guard $one, Guard $other): int => $one->isBreaker() <=> $other->isBreaker());

        return $all;
    }

    /**
     * What was seen to protect the outlet, as long as the drawing does not say how it is fed, or how the pair that leads to it is landed.
     *
     * @param list<string> $drawn those that are known to
     *
     * @return list<Guard>
     */
    private function shownGuards(Point $point, Protection $function, array $drawn): array
    {
        $this->shown ??= new ShownProtection($this->house);
        if (! $this->shown->isAnyAt($point)) {
            return [];
        }
        $landings = [];
        $boxes = [$point->id];
        for ($feed = $this->feed($point); $feed->upstream !== null; $feed = $this->feed($feed->upstream)) {
            $from = $feed->cable?->from;
            $landings[$feed->upstream->id] = $from instanceof CableEnd ? $from->land : null;
            $boxes[] = $feed->upstream->id;
        }
        $isDrawn = $this->feed($point)->origins !== [];
        $guards = [];
        foreach ($this->shown->at($point, $boxes) as [$by, $fact]) {
            $gives = $by instanceof Point ? $by->gives($function) : self::gives($by, $function);
            $isSaid = array_key_exists($by->id, $landings) ? $landings[$by->id] !== null : $isDrawn;
            if ($gives && ! $isSaid && ! in_array($by->id, $drawn, true)) {
                $guards[] = new Guard($by, $fact);
            }
        }

        return $guards;
    }

    /**
     * A GFCI breaker on a feeder protects the whole sub-panel. The duty of 210.12 is one of the branch circuit: an AFCI breaker on a feeder
     * does not count.
     *
     * @return list<Guard>
     */
    public function breakerGuards(?Circuit $circuit, Protection $function): array
    {
        $guards = [];
        foreach ($circuit === null ? [] : $this->house->withFeeders($circuit) as $above => $one) {
            if (self::gives($one, $function) && ($above === 0 || $function !== Protection::Afci)) {
                $guards[] = new Guard($one);
            }
        }

        return $guards;
    }

    private static function gives(Circuit $circuit, Protection $function): bool
    {
        return match ($function) {
            Protection::Gfci => $circuit->breaker()->givesGfci(),
            Protection::Afci => $circuit->breaker()->givesAfci(),
            default => false,
        };
    }

    private function trace(Point $point): Feed
    {
        $cable = $this->into[$point->id] ?? null;
        $believed = $point->circuit === null ? null : $this->house->circuit($point->circuit);
        if ($cable === null) {
            return new Feed(null, null, $believed, []);
        }
        $from = $cable->fromPoint();
        $upstream = $from === null ? null : $this->house->point($from);
        $above = $upstream === null ? null : $this->feed($upstream);
        $origins = $this->originsOf($cable);

        $circuit = match (true) {
            // On a shared cable the point says which of the two it is on; until it does, it is taken with its neighbour upstream.
            $origins !== [] => $believed !== null && in_array($believed->id, $origins, true)
                ? $believed
                : ($above->circuit ?? $this->house->circuit($origins[0])),
            default => $believed ?? $above?->circuit,
        };

        return new Feed($cable, $upstream, $circuit, $origins);
    }

    /** @return list<string> the circuits of the home run this cable hangs on, empty when it does not reach a breaker */
    private function originsOf(?Cable $cable): array
    {
        while ($cable !== null) {
            if ($cable->from instanceof CableOrigin) {
                return $cable->from->circuits;
            }
            $cable = $this->into[$cable->from->point] ?? null;
        }

        return [];
    }
}
