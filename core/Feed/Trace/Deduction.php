<?php

declare(strict_types=1);

namespace Bouclier\Core\Feed\Trace;

use Bouclier\Core\Feed\FeedMap;
use Bouclier\Core\Feed\Observed\BoxOpened;
use Bouclier\Core\Feed\Observed\ButtonPressed;
use Bouclier\Core\Feed\Observed\CircuitOff;
use Bouclier\Core\Feed\Observed\DeviceTripped;
use Bouclier\Core\Feed\Observed\PairLifted;
use Bouclier\Core\Feed\Observed\PairRead;
use Bouclier\Core\House\Cable;
use Bouclier\Core\House\CableEnd;
use Bouclier\Core\House\CableOrigin;

/** Facts about one part of the house read into relations. What each kind of observation proves stands here and nowhere else. */
final class Deduction
{
    /** @var array<int, Pairs> opened boxes by point number */
    private array $boxes = [];

    /** @var array<int, list<int>> the runs that go on from a box with several, by point number */
    private array $runs = [];

    private int $next;

    private Relations $relations;

    private function __construct(
        private readonly FeedMap $feeds,
        private readonly Nodes $nodes,
    ) {
        $this->next = $nodes->count();
    }

    /**
     * @param bool $isOneOfMany whether outlets that are not among the nodes may hang between them: then nothing follows from there being
     *        one cable
     *
     * @throws Contradiction
     * @throws TooLarge
     */
    public static function of(FeedMap $feeds, Nodes $nodes, Facts $facts, bool $isOneOfMany): Known
    {
        $reading = new self($feeds, $nodes);
        $reading->countPairs($facts);
        $cables = array_values(array_filter($facts->cables, fn(Cable $cable): bool => $nodes->hasPoint($cable->to->point)));
        $reading->relations = new Relations($reading->shape($cables, $isOneOfMany));
        $reading->layOut();
        array_walk($cables, $reading->cable(...));
        foreach ($facts->observations as $seen) {
            match (true) {
                $seen instanceof CircuitOff => $reading->off($seen),
                $seen instanceof DeviceTripped => $reading->tripped($seen),
                $seen instanceof ButtonPressed => $reading->button($seen),
                $seen instanceof PairLifted => $reading->lifted($seen),
                $seen instanceof PairRead => $reading->read($seen),
                default => null,
            };
        }
        $reading->relations->close();

        return new Known($reading->relations, $reading->boxes, $reading->runs);
    }

    private function countPairs(Facts $facts): void
    {
        foreach ($facts->observations as $seen) {
            if ($seen instanceof BoxOpened && $this->nodes->hasPoint($seen->point)) {
                $point = $this->nodes->point($seen->point);
                if (isset($this->boxes[$point]) && $this->boxes[$point]->count !== $seen->pairs) {
                    throw new Contradiction();
                }
                $this->boxes[$point] ??= new Pairs($seen->pairs);
            }
        }
        foreach ($this->boxes as $point => $pairs) {
            for ($run = 1; $pairs->count > 2 && $run < $pairs->count; ++$run) {
                $this->runs[$point][] = $this->next++;
            }
        }
        if ($this->next > Shape::MOST_NODES) {
            throw new TooLarge();
        }
    }

    /** @param list<Cable> $cables */
    private function shape(array $cables, bool $isOneOfMany): Shape
    {
        $single = [];
        $onePair = [];
        $twins = [];
        foreach ($this->nodes->allCircuits as $circuit) {
            if (! $this->feedsPanel($circuit->id)) {
                $single[] = [$this->nodes->circuit($circuit->id) ?? 0, false];
            }
        }
        foreach ($this->boxes as $point => $pairs) {
            if ($pairs->count === 2) {
                $single[] = [$point, true];
                $onePair[$point] = true;
            }
        }
        foreach ($this->nodes->loads as $point => $load) {
            $twins[] = [$load, $point, 1 << $point];
        }
        foreach ($this->runs as $point => $runs) {
            foreach ($runs as $run) {
                $single[] = [$run, true];
                $twins[] = [$run, $point, 1 << $point | $this->loadBit($point)];
            }
        }
        foreach ($cables as $cable) {
            $from = $this->origin($cable);
            if ($from !== null) {
                $between = isset($this->nodes->allPoints[$from]) ? $this->loadBit($from) | Bits::set($this->runs[$from] ?? []) : 0;
                $twins[] = [$this->nodes->point($cable->to->point), $from, 1 << $from | $between];
            }
        }

        return new Shape(
            $this->next,
            $this->nodes->points,
            $this->topCircuits(),
            $isOneOfMany ? [] : $single,
            $this->runs,
            $this->nodes->loads,
            $onePair,
            $twins,
        );
    }

    /** What holds before anything was seen. */
    private function layOut(): void
    {
        $all = (1 << $this->next) - 1;
        $notPoints = $all & ~$this->nodes->points;
        foreach ($this->nodes->allCircuits as $circuit) {
            $number = $this->nodes->circuit($circuit->id) ?? 0;
            $below = 0;
            foreach ($this->nodes->allCircuits as $other) {
                if ($this->isFedFrom($other->id, $circuit->id)) {
                    $below |= 1 << ($this->nodes->circuit($other->id) ?? 0);
                }
            }
            $this->relations->say($number, $below, true);
            $this->relations->say($number, $this->circuitMask() & ~$below, false);
        }
        foreach (Bits::of($this->nodes->points) as $point) {
            $own = $this->loadBit($point) | Bits::set($this->runs[$point] ?? []);
            $this->relations->say($point, $this->circuitMask(), false);
            $this->relations->say($point, $own, true);
            if (isset($this->boxes[$point]) && $this->boxes[$point]->count === 1) {
                $this->relations->say($point, $all & ~$this->loadBit($point), false);
            }
        }
        foreach ($this->nodes->loads as $load) {
            $this->relations->say($load, $this->circuitMask(), false);
        }
        foreach ($this->runs as $point => $runs) {
            foreach ($runs as $run) {
                $this->relations->say(
                    $run,
                    $notPoints & ~(1 << $run) & (Bits::set($runs) | $this->circuitMask() | $this->loadBit($point)),
                    false,
                );
            }
        }
    }

    /** A cable that is known: one place hangs directly on the other, and leaves it on LOAD or not. */
    private function cable(Cable $cable): void
    {
        $from = $this->origin($cable);
        $to = 1 << $this->nodes->point($cable->to->point);
        if ($from === null) {
            return;
        }
        $this->relations->say($from, $to, true);
        $load = $this->nodes->loads[$from] ?? null;
        if ($load !== null && $cable->from instanceof CableEnd && $cable->from->point === $this->nodes->pointAt($from)->id) {
            $this->relations->say($load, $to, $cable->from->land()->isLoad());
        }
    }

    private function off(CircuitOff $seen): void
    {
        $circuit = $this->nodes->circuit($seen->circuit);
        if ($circuit !== null) {
            $this->relations->say($circuit, $this->nodes->mask($seen->dead), true);
            $this->relations->say($circuit, $this->nodes->mask($seen->live), false);
        }
    }

    private function tripped(DeviceTripped $seen): void
    {
        if ($this->nodes->hasPoint($seen->at)) {
            $at = $this->nodes->point($seen->at);
            $this->relations->say($this->nodes->loads[$at], $this->nodes->mask($seen->died()), true);
            $this->relations->say($this->nodes->loads[$at], $this->nodes->mask($seen->live) & ~(1 << $at), false);
        }
    }

    /** Empty where the outlet has a ground: nothing that would answer stands above it. An outlet-type AFCI need not answer 8 mA. */
    private function button(ButtonPressed $seen): void
    {
        if (! $this->nodes->hasPoint($seen->point)) {
            return;
        }
        $here = $this->nodes->point($seen->point);
        foreach ($seen->tripped as $id) {
            $device = $this->nodes->hasPoint($id) ? $this->nodes->loads[$this->nodes->point($id)] ?? null : $this->nodes->circuit($id);
            if ($device !== null && $id !== $seen->point) {
                $this->relations->say($device, 1 << $here, true);
            }
        }
        if ($seen->tripped !== [] || ! $this->nodes->pointAt($here)->ground()->isThere()) {
            return;
        }
        foreach ($this->nodes->loads as $point => $load) {
            if ($point !== $here && $this->nodes->pointAt($point)->device->givesGfci()) {
                $this->relations->say($load, 1 << $here, false);
            }
        }
        foreach ($this->nodes->allCircuits as $circuit) {
            if ($circuit->breaker()->givesGfci()) {
                $this->relations->say($this->nodes->circuit($circuit->id) ?? 0, 1 << $here, false);
            }
        }
    }

    private function lifted(PairLifted $seen): void
    {
        if (! $this->nodes->hasPoint($seen->point)) {
            return;
        }
        $here = $this->nodes->point($seen->point);
        $box = $this->boxes[$here] ?? null;
        $dead = $this->nodes->mask($seen->dead);
        $live = $this->nodes->mask($seen->live) & ~(1 << $here);
        if (in_array($seen->point, $seen->dead, true)) {
            $box?->isFeed($seen->pair);
            $this->relations->say($here, $dead & ~(1 << $here), true);
            $this->relations->say($here, $live, false);
        } elseif (in_array($seen->point, $seen->live, true)) {
            $run = $this->runs[$here][$box?->goesOn($seen->pair) ?? 0] ?? $here;
            $this->relations->say($run, $dead, true);
            $this->relations->say($run, $live, false);
        } else {
            // Nobody looked at the box itself: whichever pair it was, what died is beyond it.
            $this->relations->say($here, $dead, true);
        }
        if ($box !== null) {
            $box->lifted[] = $seen->pair;
        }
    }

    private function read(PairRead $seen): void
    {
        $box = $this->nodes->hasPoint($seen->point) ? $this->boxes[$this->nodes->point($seen->point)] ?? null : null;
        if ($box !== null && $seen->by->isProof()) {
            $seen->live ? $box->isFeed($seen->pair) : $box->goesOn($seen->pair);
        }
    }

    /** The node a known cable comes from. On a shared cable each circuit is a run of its own: what is on the other is passed over. */
    private function origin(Cable $cable): ?int
    {
        $feed = $this->feeds->feed($this->feeds->house->point($cable->to->point));
        $circuit = $feed->circuit;
        while ($feed->upstream !== null && $feed->isShared() && $this->feeds->feed($feed->upstream)->circuit?->id !== $circuit?->id) {
            $feed = $this->feeds->feed($feed->upstream);
        }
        if ($feed->upstream !== null) {
            return $this->nodes->hasPoint($feed->upstream->id) ? $this->nodes->point($feed->upstream->id) : null;
        }
        $from = $feed->cable?->from;
        $ids = $from instanceof CableOrigin ? $from->circuits : [];

        return $this->nodes->circuit(count($ids) === 1 ? $ids[0] : $circuit->id ?? '');
    }

    private function loadBit(int $point): int
    {
        return isset($this->nodes->loads[$point]) ? 1 << $this->nodes->loads[$point] : 0;
    }

    private function circuitMask(): int
    {
        return Bits::set(array_map(fn($circuit): int => $this->nodes->circuit($circuit->id) ?? 0, $this->nodes->allCircuits));
    }

    private function topCircuits(): int
    {
        $top = 0;
        foreach ($this->nodes->allCircuits as $circuit) {
            $below = array_filter($this->nodes->allCircuits, fn($other): bool => $this->isFedFrom($circuit->id, $other->id));
            $top |= $below === [] ? 1 << ($this->nodes->circuit($circuit->id) ?? 0) : 0;
        }

        return $top;
    }

    private function feedsPanel(string $circuit): bool
    {
        foreach ($this->feeds->house->panels as $panel) {
            if ($panel->fedFrom === $circuit) {
                return true;
            }
        }

        return false;
    }

    /** Whether a circuit is in a panel that is fed, by way of others or not, from another circuit. */
    private function isFedFrom(string $circuit, string $feeder): bool
    {
        $house = $this->feeds->house;

        return $circuit !== $feeder && in_array($feeder, array_column($house->withFeeders($house->circuit($circuit)), 'id'), true);
    }
}
