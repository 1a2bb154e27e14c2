<?php

declare(strict_types=1);

namespace Bouclier\Core\Diagnose;

use Bouclier\Core\Feed\FeedMap;
use Bouclier\Core\House\Appliance;
use Bouclier\Core\House\Circuit;
use Bouclier\Core\House\House;
use Bouclier\Core\House\Point;
use Bouclier\Core\Network\Action;
use Bouclier\Core\Network\ActionKind;
use Bouclier\Core\Network\Condition;
use Bouclier\Core\Network\Spot;

/** What can be done next, as the house stands now: cheap and dead before live and dismantling, by their minutes. */
final class Proposals
{
    /** Minutes to open a box the first time. */
    private const OPENING = 6.0;

    /** Times its minutes, for work on live parts. */
    private const LIVE = 1.5;

    /** What needs the box of its place open. */
    private const IN_THE_BOX = [ActionKind::Clamp, ActionKind::Lift, ActionKind::Inspect, ActionKind::Tighten, ActionKind::NonContact, ActionKind::Insulation];

    /** @var list<Proposal> */
    private array $all = [];

    /**
     * @param list<string> $cannot kinds of action that are not possible
     * @param list<Test> $done
     */
    private function __construct(
        private readonly House $house,
        private readonly FeedMap $feeds,
        private readonly Condition $now,
        private readonly array $cannot,
        private readonly array $done,
    ) {
    }

    /**
     * @param list<string> $cannot
     * @param list<Test> $done
     *
     * @return list<Proposal>
     */
    public static function of(Foresight $foresight, Symptom $symptom, Condition $now, array $cannot, array $done): array
    {
        $made = new self($foresight->house, $foresight->feeds, $now, $cannot, $done);
        $made->atDevice($symptom);
        $made->appliances($symptom);
        $made->points($symptom);

        return $made->all;
    }

    private function atDevice(Symptom $symptom): void
    {
        foreach ($this->devices($symptom) as $device) {
            $at = $this->house->hasPoint($device) ? new Spot(point: $device) : new Spot(circuit: $device);
            $reset = new Action(ActionKind::Reset, $at);
            $isOpen = isset($this->now->open[$device]);
            $circuit = $this->circuitOf($device);
            $this->propose(new Action(ActionKind::Indicator, $at));
            if ($isOpen || $symptom->kind === SymptomKind::Dead) {
                $this->propose($reset);
            }
            $this->propose(new Action(ActionKind::SwapDevice, $at));
            if (! $isOpen) {
                $this->propose(new Action(ActionKind::PressTest, $at));
                $this->propose(new Action(ActionKind::Wait, minutes: 60.0));
                if ($symptom->isNowAndThen()) {
                    $this->trials($at, $circuit);
                }
            }
            if ($circuit !== null && $isOpen && $this->pluggedOn($circuit) !== []) {
                $this->propose(new Action(ActionKind::UnplugAll, new Spot(circuit: $circuit->id)), $reset);
            }
            if ($circuit !== null && ! $isOpen && ($this->now->off[$circuit->id] ?? false) === false) {
                // Off and on again: what comes and goes is drawn anew.
                $this->propose(new Action(ActionKind::Breaker, new Spot(circuit: $circuit->id)), new Action(ActionKind::Breaker, new Spot(circuit: $circuit->id), on: true));
            }
            if ($circuit !== null && ($this->now->off[$circuit->id] ?? false)) {
                $this->propose(new Action(ActionKind::Breaker, new Spot(circuit: $circuit->id), on: true));
            }
            foreach ($circuit === null ? [] : $this->feeds->pointsOn($circuit) as $point) {
                foreach ($this->feeds->cablesOutOf($point) as $cable) {
                    if (($this->now->lifted[$point->id][$cable->id] ?? false) === false) {
                        $isOpen
                            ? $this->propose(new Action(ActionKind::Lift, new Spot(point: $point->id), pair: $cable->id), $reset)
                            : $this->propose(new Action(ActionKind::Lift, new Spot(point: $point->id), pair: $cable->id));
                    } else {
                        $this->propose(new Action(ActionKind::Lift, new Spot(point: $point->id), pair: $cable->id, on: true));
                    }
                    if (! $isOpen && $point->id === $device) {
                        $this->propose(new Action(ActionKind::Clamp, new Spot(cable: $cable->id)));
                    }
                }
            }
        }
    }

    private function appliances(Symptom $symptom): void
    {
        $devices = $this->devices($symptom);
        $device = $devices[0] ?? null;
        $isOpen = $device !== null && isset($this->now->open[$device]);
        foreach ($this->house->appliances as $appliance) {
            $at = new Spot(appliance: $appliance->id);
            $isPlugged = ($this->now->plugged[$appliance->id] ?? null) !== null;
            if (! $isPlugged && $appliance->at !== null && ! $isOpen) {
                $this->propose(new Action(ActionKind::Plug, $at));
            }
            if ($isPlugged && $isOpen) {
                $this->propose(new Action(ActionKind::Unplug, $at), new Action(ActionKind::Reset, $this->house->hasPoint($device) ? new Spot(point: $device) : new Spot(circuit: $device)));
                $elsewhere = $this->elsewhere($appliance);
                if ($elsewhere !== null) {
                    $this->propose(new Action(ActionKind::Move, $at, to: $elsewhere->id));
                }
            }
            if ($isPlugged && ! $isOpen && ($this->now->running[$appliance->id] ?? false) === false) {
                $this->propose(new Action(ActionKind::SwitchOn, $at));
            }
            if ($isPlugged && $appliance->extension === true && ($this->now->withoutCord[$appliance->id] ?? false) === false) {
                $this->propose(new Action(ActionKind::WithoutCord, $at));
            }
        }
    }

    private function points(Symptom $symptom): void
    {
        $circuit = $this->circuitOf($symptom->at);
        if ($circuit === null) {
            return;
        }
        foreach ($this->feeds->pointsOn($circuit) as $point) {
            $at = new Spot(point: $point->id);
            $this->propose(new Action(ActionKind::Inspect, $at));
            if ($point->isReceptacle()) {
                $this->propose(new Action(ActionKind::Tester, $at));
                $this->propose(new Action(ActionKind::Volts, $at, between: 'hn'));
                $this->propose(new Action(ActionKind::Volts, $at, between: 'ng'));
                $this->propose(new Action(ActionKind::TesterButton, $at));
            }
            $cable = $this->feeds->feed($point)->cable;
            if ($cable !== null) {
                $this->propose(new Action(ActionKind::Breaker, new Spot(circuit: $circuit->id)), new Action(ActionKind::UnplugAll, new Spot(circuit: $circuit->id)), new Action(ActionKind::Insulation, new Spot(cable: $cable->id)));
            }
        }
    }

    private function propose(Action ...$actions): void
    {
        $actions = array_values(array_filter($actions, fn(Action $action): bool => $action->kind !== ActionKind::Breaker || $action->on || ($this->now->off[$action->at->circuit ?? ''] ?? false) === false));
        $minutes = 0.0;
        $isLive = false;
        foreach ($actions as $action) {
            if (in_array($action->kind->value, $this->cannot, true)) {
                return;
            }
            if ($this->wasReadSince($action)) {
                return;
            }
            $minutes += $action->kind === ActionKind::Wait ? $action->minutes : $action->kind->minutes();
            $minutes += in_array($action->kind, self::IN_THE_BOX, true) && ! $this->isOpened($action) ? self::OPENING : 0.0;
            $isLive = $isLive || in_array($action->kind, [ActionKind::Clamp, ActionKind::NonContact], true);
        }
        if ($actions !== []) {
            $this->all[] = new Proposal($actions, $minutes * ($isLive ? self::LIVE : 1.0), $isLive);
        }
    }

    /** Days of use with something out of it: what comes and goes shows where it is not. */
    private function trials(Spot $at, ?Circuit $circuit): void
    {
        $trial = new Action(ActionKind::Trial, $at, days: 7);
        $this->propose($trial);
        foreach ($circuit === null ? [] : $this->pluggedOn($circuit) as $appliance) {
            $this->propose(new Action(ActionKind::Unplug, new Spot(appliance: $appliance)), $trial);
        }
        foreach ($circuit === null ? [] : $this->feeds->pointsOn($circuit) as $point) {
            foreach ($this->feeds->cablesOutOf($point) as $cable) {
                if (($this->now->lifted[$point->id][$cable->id] ?? false) === false) {
                    $this->propose(new Action(ActionKind::Lift, new Spot(point: $point->id), pair: $cable->id), $trial);
                }
            }
        }
    }

    /** Looking twice shows nothing new: at a box ever, with an instrument while nothing was changed. */
    private function wasReadSince(Action $action): bool
    {
        $reads = [ActionKind::Tester, ActionKind::Volts, ActionKind::Clamp, ActionKind::Indicator, ActionKind::NonContact, ActionKind::Insulation, ActionKind::Inspect, ActionKind::TesterButton, ActionKind::Walk];
        if (! in_array($action->kind, $reads, true)) {
            return false;
        }
        foreach (array_reverse($this->done) as $test) {
            if ($test->action->kind === $action->kind && $test->action->at === $action->at && $test->action->between === $action->between) {
                return true;
            }
            if ($action->kind !== ActionKind::Inspect && $action->kind !== ActionKind::Insulation && ! in_array($test->action->kind, $reads, true)) {
                return false;
            }
        }

        return false;
    }

    private function isOpened(Action $action): bool
    {
        foreach ($this->done as $test) {
            if (in_array($test->action->kind, self::IN_THE_BOX, true) && ($test->action->at->point ?? $test->action->at->cable) === ($action->at->point ?? $action->at->cable)) {
                return true;
            }
        }

        return false;
    }

    /** @return list<string> the device or breaker the call names, or those that protect the outlet it names */
    private function devices(Symptom $symptom): array
    {
        if (! $this->house->hasPoint($symptom->at) || $this->house->point($symptom->at)->device->feedsThrough()) {
            $circuit = $this->circuitOf($symptom->at);

            return [$symptom->at, ...($symptom->kind === SymptomKind::Dead && $circuit !== null && $circuit->id !== $symptom->at ? [$circuit->id] : [])];
        }
        $guards = $this->feeds->guards($this->house->point($symptom->at), \Bouclier\Core\House\Protection::Gfci);
        $circuit = $this->circuitOf($symptom->at);

        return [...array_map(fn($guard): string => $guard->id(), $guards), ...($circuit === null || ($guards !== [] && $symptom->kind !== SymptomKind::Dead) ? [] : [$circuit->id])];
    }

    private function circuitOf(string $id): ?Circuit
    {
        return $this->house->hasPoint($id) ? $this->feeds->feed($this->house->point($id))->circuit : $this->house->circuit($id);
    }

    /** @return list<string> */
    private function pluggedOn(Circuit $circuit): array
    {
        $ids = array_map(fn(Point $point): string => $point->id, $this->feeds->pointsOn($circuit));

        return array_map(strval(...), array_keys(array_filter($this->now->plugged, fn(?string $at): bool => $at !== null && in_array($at, $ids, true))));
    }

    /** An outlet on another device, so that the neighbour on the same one proves nothing. */
    private function elsewhere(Appliance $appliance): ?Point
    {
        $own = $appliance->at === null ? null : $this->feeds->feed($this->house->point($appliance->at))->circuit;
        foreach ($this->house->points as $point) {
            $circuit = $this->feeds->feed($point)->circuit;
            if ($point->isReceptacle() && $circuit !== null && $circuit->id !== $own?->id && $this->feeds->guards($point, \Bouclier\Core\House\Protection::Gfci) !== []) {
                return $point;
            }
        }

        return null;
    }
}
