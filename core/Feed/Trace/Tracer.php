<?php

declare(strict_types=1);

namespace Bouclier\Core\Feed\Trace;

use Bouclier\Core\Feed\BreakerHints;
use Bouclier\Core\Feed\FeedMap;
use Bouclier\Core\Feed\Observed\ButtonPressed;
use Bouclier\Core\Feed\Observed\CircuitOff;
use Bouclier\Core\Feed\Observed\Codes;
use Bouclier\Core\Feed\Observed\DeviceTested;
use Bouclier\Core\Feed\Observed\DeviceTripped;
use Bouclier\Core\Feed\Observed\Observation;
use Bouclier\Core\Feed\Observed\PairLifted;
use Bouclier\Core\House\Cable;
use Bouclier\Core\House\Circuit;
use Bouclier\Core\House\House;
use Bouclier\Core\House\Point;

/**
 * From facts to feed trees. Nothing is guessed that is called certain: an edge is certain only when every tree that fits the facts
 * has it. Facts that contradict are named and left aside, so that the rest still tells what it can.
 */
final readonly class Tracer
{
    private FeedMap $feeds;

    private Codes $codes;

    private BreakerHints $hints;

    /**
     * @param array<int, Observation> $observations by their place in the file
     * @param list<string> $needed points an open call needs to know the runs of, by id: they are asked about first
     */
    public function __construct(
        private House $house,
        private array $observations,
        private array $needed = [],
    ) {
        $this->feeds = new FeedMap($house);
        $this->codes = new Codes($house);
        $this->hints = new BreakerHints($this->feeds);
    }

    public function trace(): Trace
    {
        $cables = array_values(array_filter($this->house->cables, fn(Cable $cable): bool => $cable->isConnected()));
        $facts = new Facts($this->observations, $cables);
        $conflicts = [];
        $answers = [];
        $left = [];
        $queue = $this->parts();
        while (($part = array_shift($queue)) !== null) {
            try {
                $answers[] = $this->inOrder($part, $facts, $conflicts);
            } catch (TooLarge) {
                $facts = (new AcrossCircuits($this->house, $this->feeds, $this->codes))->without(
                    $this->tied($part->nodes),
                    $facts,
                    $conflicts,
                );
                [$smaller, $unplaced] = $this->byCircuit($part);
                $queue = [...$queue, ...$smaller];
                $left = [...$left, ...$unplaced];
            }
        }
        $resolved = $conflicts === [] && $left === [] && $this->isResolved($answers);
        $next = $resolved || $conflicts !== []
            ? null
            : $this->next($left, $answers);

        return (new Drawing($this->house, $this->feeds, $answers))->trace($conflicts, $next, $resolved, $this->observations);
    }

    /**
     * @param list<Point> $left those on no known circuit, of which there are too many
     * @param list<PartAnswer> $answers
     */
    private function next(array $left, array $answers): ?Next
    {
        $failed = DeviceTested::failed($this->house);
        $needed = $this->needed === []
            ? null
            : (new NextObservation($this->codes, $this->hints, $failed, $this->needed))->of($answers);

        return $needed?->forCall() ?? $this->firstOff($left) ?? (new NextObservation($this->codes, $this->hints, $failed))->of($answers);
    }

    /**
     * @param list<Conflict> $conflicts those found are added
     *
     * @throws TooLarge
     */
    private function inOrder(Part $part, Facts $facts, array &$conflicts): PartAnswer
    {
        $own = $facts->about($part->nodes);
        while (true) {
            try {
                return $part->inOrder($own);
            } catch (Contradiction) {
                $finder = new Conflicts($this->codes);
                $group = $finder->smallest($part, $own);
                $conflicts[] = $finder->spoken($own, $group);
                $own = $own->without($group);
            }
        }
    }

    /** @param list<PartAnswer> $answers */
    private function isResolved(array $answers): bool
    {
        foreach ($answers as $answer) {
            foreach (array_keys($answer->nodes->allPoints) as $point) {
                if ($answer->parent($point) === null || ! $answer->isLandingKnown($point)) {
                    return false;
                }
            }
        }

        return true;
    }

    /**
     * A part that is too large to be put in order at once, circuit by circuit: outlets whose circuit is known, and those left over.
     *
     * @return array{list<Part>, list<Point>}
     */
    private function byCircuit(Part $part): array
    {
        $on = [];
        $left = [];
        foreach ($part->nodes->allPoints as $point) {
            $circuits = $this->mayBeOn($point);
            if (count($circuits) === 1 && ! $part->isOneOfMany) {
                $on[array_search($circuits[0], $part->nodes->allCircuits, true)][] = $point;
            } else {
                $left[] = $point;
            }
        }
        $parts = [];
        foreach ($on as $circuit => $points) {
            $parts[] = new Part($this->feeds, new Nodes($points, [$part->nodes->allCircuits[$circuit]]), true);
        }

        return [$parts, $left];
    }

    /**
     * The breaker that most of the outlets with no known circuit hang on, as far as hints go.
     *
     * @param list<Point> $left
     */
    private function firstOff(array $left): ?Next
    {
        $may = $worth = array_fill(0, count($this->house->circuits), 0.0);
        foreach ($left as $point) {
            $circuits = $this->mayBeOn($point);
            $weights = array_map(fn(Circuit $circuit): float => $this->hints->weight($point, $circuit), $circuits);
            foreach (count($circuits) > 1 ? $circuits : [] as $at => $circuit) {
                $number = array_search($circuit, $this->house->circuits, true);
                $may[$number] += 1.0;
                $worth[$number] += $weights[$at] / array_sum($weights);
            }
        }
        $best = array_keys($worth, max([0.0, ...$worth]), true)[0] ?? null;
        if ($best === null || $may[$best] < 1.0) {
            return null;
        }
        $circuit = $this->house->circuits[$best]->id;
        $outlets = (int) $may[$best] === 1 ? '1 outlet' : (int) $may[$best] . ' outlets';

        return Next::off($circuit, "$outlets may be on {$this->codes->circuit($circuit)}: breakers are told apart first.");
    }

    /**
     * Outlets that may hang together, with the circuits they may be on; each part is put in order on its own.
     *
     * @return list<Part>
     */
    private function parts(): array
    {
        $groups = new Groups();
        foreach ($this->house->points as $point) {
            $groups->join(...array_map(fn(Circuit $circuit): string => "c {$circuit->id}", $this->mayBeOn($point)), ...["p {$point->id}"]);
        }
        foreach ($this->observations as $seen) {
            $groups->join(...array_map(fn(string $id): string => "p $id", $this->tiedBy($seen)));
        }
        foreach ($this->house->cables as $cable) {
            if ($cable->isConnected() && $cable->fromPoint() !== null) {
                $groups->join("p {$cable->fromPoint()}", "p {$cable->to->point}");
            }
        }
        $parts = [];
        foreach ($groups->all() as $members) {
            $points = array_values(array_filter($this->house->points, fn(Point $point): bool => isset($members["p {$point->id}"])));
            $circuits = array_values(
                array_filter($this->house->circuits, fn(Circuit $circuit): bool => isset($members["c {$circuit->id}"])),
            );
            if ($points !== []) {
                $parts[] = new Part($this->feeds, new Nodes($points, $circuits));
            }
        }

        return $parts;
    }

    /** @return list<string> points that hang on one breaker if what was seen is right */
    private function tiedBy(Observation $seen): array
    {
        return match (true) {
            $seen instanceof DeviceTripped => [$seen->at, ...$seen->died()],
            $seen instanceof PairLifted => [$seen->point, ...$seen->dead],
            $seen instanceof ButtonPressed => [$seen->point, ...array_values(array_filter($seen->tripped, $this->house->hasPoint(...)))],
            default => [],
        };
    }

    /**
     * @return list<list<string>> points of a part that a fact or cable ties together, and each point that breakers were switched off for
     */
    private function tied(Nodes $nodes): array
    {
        $tied = [];
        foreach ($this->observations as $seen) {
            foreach ($seen instanceof CircuitOff ? $seen->points() : [] as $id) {
                $tied["p $id"] = [$id];
            }
            $tied[] = $this->tiedBy($seen);
        }
        foreach ($this->house->cables as $cable) {
            if ($cable->isConnected() && $cable->fromPoint() !== null) {
                $tied[] = [$cable->fromPoint(), $cable->to->point];
            }
        }

        return array_values(array_filter($tied, fn(array $ids): bool => $ids !== [] && array_filter($ids, $nodes->hasPoint(...)) !== []));
    }

    /** @return list<Circuit> by what was seen when breakers were off; all of them where that contradicts itself */
    private function mayBeOn(Point $point): array
    {
        $left = $this->house->circuits;
        $known = $this->feeds->feed($point);
        if ($known->origins !== [] && $known->circuit !== null) {
            $left = [$known->circuit];
        }
        foreach ($this->observations as $seen) {
            if (! $seen instanceof CircuitOff) {
                continue;
            }
            $isDead = in_array($point->id, $seen->dead, true);
            if ($isDead || in_array($point->id, $seen->live, true)) {
                $left = array_filter($left, fn(Circuit $circuit): bool => $this->isUnder($circuit, $seen->circuit) === $isDead);
            }
        }

        return $left === [] ? $this->house->circuits : array_values($left);
    }

    /** Whether switching a breaker off takes a circuit with it: its own, or one of a panel it feeds. */
    private function isUnder(Circuit $circuit, string $breaker): bool
    {
        return in_array($breaker, array_column($this->house->withFeeders($circuit), 'id'), true);
    }
}
