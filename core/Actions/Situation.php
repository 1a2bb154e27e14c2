<?php

declare(strict_types=1);

namespace Bouclier\Core\Actions;

use Bouclier\Core\Feed\FeedMap;
use Bouclier\Core\House\Appliance;
use Bouclier\Core\House\AtStake;
use Bouclier\Core\House\Between;
use Bouclier\Core\House\Cable;
use Bouclier\Core\House\Circuit;
use Bouclier\Core\House\House;
use Bouclier\Core\House\Point;
use Bouclier\Core\House\PointKind;
use Bouclier\Core\House\Spot;
use Bouclier\Core\Network\Condition;

/** A house as it stands while a cause is looked for, and what of it says what is worth trying next. */
final readonly class Situation
{
    /**
     * @param list<string> $devices devices and breakers the call is about
     * @param Circuit|null $circuit the circuit the call is about
     * @param Point|null $called the receptacle the call is about, where it is one
     * @param bool $isWatched whether it is seen at that receptacle that the trouble is gone
     * @param list<Action> $done
     */
    public function __construct(
        public House $house,
        public FeedMap $feeds,
        public Condition $now,
        public array $devices = [],
        public ?Circuit $circuit = null,
        public ?Point $called = null,
        public bool $isWatched = false,
        public array $done = [],
    ) {
    }

    public function spot(string $device): Spot
    {
        return $this->house->hasPoint($device) ? new Spot(point: $device) : new Spot(circuit: $device);
    }

    /** What closes a device: its reset, or the breaker's handle. */
    public function close(string $device): Action
    {
        return new Reset($this->spot($device));
    }

    public function circuitOf(string $id): ?Circuit
    {
        return $this->house->hasPoint($id) ? $this->feeds->feed($this->house->point($id))->circuit : $this->house->circuit($id);
    }

    public function isOff(Circuit $circuit): bool
    {
        return $this->now->off[$circuit->id] ?? false;
    }

    public function turn(Circuit $circuit, bool $on): Action
    {
        return new Breaker(new Spot(circuit: $circuit->id), $on);
    }

    public function unplugAll(Circuit $circuit): Action
    {
        return new UnplugAll(new Spot(circuit: $circuit->id));
    }

    /** @return list<string> */
    public function pluggedOn(Circuit $circuit): array
    {
        $ids = array_map(fn(Point $point): string => $point->id, $this->feeds->pointsOn($circuit));

        return array_map(
            strval(...),
            array_keys(array_filter($this->now->plugged, fn(?string $at): bool => $at !== null && in_array($at, $ids, true))),
        );
    }

    /** @return list<string> devices and the breaker that stand open on the way to a point, from the panel outward */
    public function openTo(string $point): array
    {
        $way = [];
        $next = $this->house->point($point);
        $circuit = $this->feeds->feed($next)->circuit;
        while ($next !== null) {
            array_unshift($way, $next->id);
            $next = $this->feeds->feed($next)->upstream;
        }

        return array_values(
            array_filter([...($circuit === null ? [] : [$circuit->id]), ...$way], fn(string $id): bool => isset($this->now->open[$id])),
        );
    }

    /** @return list<Action> all that closes what stands open on the way to a point */
    public function closeTo(string $point): array
    {
        return array_map($this->close(...), $this->openTo($point));
    }

    public function isProtective(string $device): bool
    {
        if ($this->house->hasPoint($device)) {
            return $this->house->point($device)->device->feedsThrough();
        }
        $breaker = $this->house->circuit($device)->breaker();

        return $breaker->givesGfci() || $breaker->givesAfci();
    }

    /** @return list<string> devices of the call that watch for something */
    public function protective(): array
    {
        return array_values(array_filter($this->devices, $this->isProtective(...)));
    }

    /** @return list<array{string, Circuit}> devices of the call that are closed, with their circuits */
    public function closed(): array
    {
        return $this->standing(isOpen: false);
    }

    /** @return list<array{string, Circuit}> devices of the call that stand open, with their circuits */
    public function open(): array
    {
        return $this->standing(isOpen: true);
    }

    /** @return list<array{string, Circuit}> */
    private function standing(bool $isOpen): array
    {
        $standing = [];
        foreach ($this->devices as $device) {
            $circuit = $this->circuitOf($device);
            if ($circuit !== null && isset($this->now->open[$device]) === $isOpen) {
                $standing[] = [$device, $circuit];
            }
        }

        return $standing;
    }

    /** How it is seen whether the outlet that was called about is right again; null where that is no way to see it. */
    public function look(): ?Action
    {
        return $this->called === null || ! $this->isWatched ? null : $this->isLiveAt($this->called->id);
    }

    /** @return list<Point> on a circuit, on the one that shares its neutral, and on those of the panels it feeds */
    public function pointsOn(Circuit $circuit): array
    {
        $partner = $circuit->multiwireWith === null ? [] : [$this->house->circuit($circuit->multiwireWith)];

        return array_merge(...array_map($this->feeds->pointsOn(...), [...$this->house->fedBy($circuit), ...$partner]));
    }

    /** @return list<Point> on the circuit of the call, and what goes with it */
    public function points(): array
    {
        return $this->circuit === null ? [] : $this->pointsOn($this->circuit);
    }

    /** @return list<Point> those of them with slots */
    public function receptacles(): array
    {
        return array_values(array_filter($this->points(), fn(Point $point): bool => $point->isReceptacle()));
    }

    /** @return list<Point> those of them a plug-in tester fits */
    public function forTesters(): array
    {
        return array_values(array_filter($this->points(), fn(Point $point): bool => $point->takesUsualPlugs()));
    }

    /** @return list<Cable> what feeds them */
    public function cables(): array
    {
        return array_values(
            array_filter(
                array_map(fn(Point $point): ?Cable => $this->feeds->feed($point)->cable, $this->points()),
                fn(?Cable $cable): bool => $cable !== null,
            ),
        );
    }

    public function isLifted(string $point, string $cable): bool
    {
        return $this->now->lifted[$point][$cable] ?? false;
    }

    /** @return list<Lift> each pair in a box, lifted, or put back where it is */
    public function lifts(Circuit $circuit): array
    {
        $lifts = [];
        foreach ($this->pointsOn($circuit) as $point) {
            $feed = $this->feeds->feed($point)->cable;
            foreach ([...$this->feeds->cablesOutOf($point), ...($feed === null ? [] : [$feed])] as $cable) {
                $lifts[] = new Lift($point->id, $cable->id, $this->isLifted($point->id, $cable->id));
            }
        }

        return $lifts;
    }

    /** A pair that is lifted at one end, put back there. */
    public function putBack(?Cable $cable): ?Lift
    {
        if ($cable === null) {
            return null;
        }
        foreach ([$cable->fromPoint(), $cable->to->point] as $end) {
            if ($end !== null && $this->isLifted($end, $cable->id)) {
                return new Lift($end, $cable->id, on: true);
            }
        }

        return null;
    }

    /** @return list<Lift> pairs that are lifted on the way to a point, put back */
    public function putBackTo(string $point): array
    {
        return array_values(array_filter(array_map($this->putBack(...), $this->feeds->runTo($this->house->point($point)))));
    }

    /** @return list<Plug> appliances that are not plugged in where they are as a rule, plugged in there */
    public function plugBack(): array
    {
        $displaced = array_filter(
            $this->house->appliances,
            fn(Appliance $one): bool => $one->at !== null && $this->where($one) !== $one->at,
        );

        return array_values(array_map(fn(Appliance $one): Plug => new Plug(new Spot(appliance: $one->id)), $displaced));
    }

    /** Whether an appliance has a plug at all. */
    public function hasPlug(Appliance $appliance): bool
    {
        return $appliance->at === null || $this->house->point($appliance->at)->kind !== PointKind::Hardwired;
    }

    /** @return list<Appliance> what must not stand still for days, of what is plugged in on a circuit */
    public function atStakeOn(Circuit $circuit): array
    {
        $ids = $this->pluggedOn($circuit);

        return array_values(array_filter(
            $this->house->appliances,
            fn(Appliance $one): bool => in_array($one->id, $ids, true) && AtStake::of($this->house, $one) !== null,
        ));
    }

    /** An appliance that is plugged in, on another device instead; null where there is none. */
    public function movedElsewhere(Appliance $appliance): ?Move
    {
        $where = $this->where($appliance);
        $elsewhere = $where === null || ! $this->hasPlug($appliance) ? null : Elsewhere::of($this->feeds, $where);

        return $elsewhere === null ? null : new Move(new Spot(appliance: $appliance->id), $elsewhere->id);
    }

    /** Whether an outlet is live. */
    public function isLiveAt(string $point): Action
    {
        return new Volts(new Spot(point: $point), Between::HotNeutral, lowZ: true);
    }

    /** @return list<Action> what shows whether LINE of a device is live */
    public function readLine(string $device): array
    {
        $feed = $this->house->hasPoint($device) ? $this->feeds->feed($this->house->point($device))->cable : null;

        return [
            new Indicator($this->spot($device)),
            ...($feed === null ? [] : [new Volts(new Spot(cable: $feed->id), Between::HotNeutral, lowZ: true)]),
        ];
    }

    /**
     * @param list<Cable> $load that is still on
     *
     * @return non-empty-list<Action> a device closed with nothing on its LOAD
     */
    public function closeAlone(string $device, array $load): array
    {
        $lifts = array_map(
            fn(Cable $cable): Lift => new Lift($cable->fromPoint() ?? $cable->to->point, $cable->id, on: false),
            $load,
        );

        return [...$lifts, $this->close($device)];
    }

    public function measure(Cable $cable): Action
    {
        return new Clamp(new Spot(cable: $cable->id));
    }

    /** Where an appliance is plugged in now. */
    public function where(Appliance $appliance): ?string
    {
        return $this->now->plugged[$appliance->id] ?? null;
    }

    public function runs(Appliance $appliance): bool
    {
        return $this->now->running[$appliance->id] ?? false;
    }

    /** Whether an appliance hangs on a cord set that it can be tried without. */
    public function hasCord(Appliance $appliance): bool
    {
        return $appliance->extension === true && ($this->now->withoutCord[$appliance->id] ?? false) === false;
    }

    /** @return list<array{Appliance, string}> what is plugged in, and where */
    public function plugged(): array
    {
        $plugged = [];
        foreach ($this->house->appliances as $appliance) {
            $where = $this->where($appliance);
            if ($where !== null) {
                $plugged[] = [$appliance, $where];
            }
        }

        return $plugged;
    }

    /** @return list<Appliance> what is unplugged and could be plugged in where it is as a rule, nothing on the way there being open */
    public function unplugged(): array
    {
        return array_values(array_filter(
            $this->house->appliances,
            fn(Appliance $one): bool => $this->where($one) === null && $one->at !== null && $this->openTo($one->at) === [],
        ));
    }

    /** Another outlet of the same circuit, with the same devices open on its way. */
    public function beside(string $where): ?Point
    {
        foreach ($this->othersOnCircuit($where) as $point) {
            if ($this->openTo($point->id) === $this->openTo($where)) {
                return $point;
            }
        }

        return null;
    }

    /** @return list<Point> the other outlets with slots on the circuit of one, whatever is open */
    public function othersOnCircuit(string $where): array
    {
        $circuit = $this->feeds->feed($this->house->point($where))->circuit;

        return array_values(array_filter(
            $circuit === null ? [] : $this->feeds->pointsOn($circuit),
            fn(Point $point): bool => $point->isReceptacle() && $point->id !== $where,
        ));
    }

    /** How often the same was done at the same place. */
    public function timesDone(Action $action): int
    {
        return count(array_filter($this->done, fn(Action $one): bool => $one->isSame($action)));
    }
}
