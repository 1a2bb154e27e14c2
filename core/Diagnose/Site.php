<?php

declare(strict_types=1);

namespace Bouclier\Core\Diagnose;

use Bouclier\Core\Feed\FeedMap;
use Bouclier\Core\House\Circuit;
use Bouclier\Core\House\House;
use Bouclier\Core\House\Point;
use Bouclier\Core\Network\Action;
use Bouclier\Core\Network\ActionKind;
use Bouclier\Core\Network\Condition;
use Bouclier\Core\Network\Spot;

/** The house as it stands when something is to be done: what has to be done first, which boxes have been open, what it costs, and what need not be done again. */
final readonly class Site
{
    /** Minutes to open a box the first time. */
    private const OPENING = 6.0;

    /** Times its minutes, for work on live parts. */
    private const LIVE = 1.5;

    /** A day of waiting for a householder, in minutes of work. */
    private const DAY = 0.25;

    /** Minutes to get ready for anything, and to note what it showed. */
    private const NOTING = 1.0;

    /** What needs the box of its place open. */
    private const IN_THE_BOX = [ActionKind::Clamp, ActionKind::Lift, ActionKind::Inspect, ActionKind::Tighten, ActionKind::NonContact, ActionKind::Insulation, ActionKind::SwapDevice];

    /** What shows something only while the circuit is on. */
    private const WANTS_POWER = [ActionKind::Reset, ActionKind::Tester, ActionKind::TesterButton, ActionKind::Volts, ActionKind::PressTest, ActionKind::Clamp, ActionKind::Indicator, ActionKind::Wait, ActionKind::Trial, ActionKind::Plug, ActionKind::SwitchOn, ActionKind::Wiggle, ActionKind::Walk, ActionKind::Move, ActionKind::Lift];

    /** What shows something and leaves the wiring as it is. */
    private const READS = [ActionKind::Tester, ActionKind::Volts, ActionKind::Clamp, ActionKind::Indicator, ActionKind::NonContact, ActionKind::Insulation, ActionKind::Inspect, ActionKind::Tighten, ActionKind::TesterButton, ActionKind::Walk, ActionKind::Trial, ActionKind::PressTest, ActionKind::SwapDevice];

    /** What shows the same however often it is done. */
    private const ONCE = [ActionKind::Inspect, ActionKind::Tighten, ActionKind::PressTest, ActionKind::SwapDevice];

    /** Voltages read at one place, whatever was changed in between: what a severity that is only known in steps leaves unsure, no more of them settle. */
    private const READINGS = 3;

    /** Resets of one device with nothing else changed. */
    private const TRIES = 2;

    private ?Circuit $circuit;

    /**
     * @param list<string> $cannot kinds of action that are not possible, or a kind and the id of a place
     * @param list<Test> $done
     */
    public function __construct(
        private House $house,
        private FeedMap $feeds,
        private Condition $now,
        private array $cannot,
        private array $done,
        Symptom $symptom,
    ) {
        $this->circuit = $this->circuitOf($symptom->at);
    }

    /**
     * With all that has to be done before it.
     *
     * @param list<Action> $actions
     *
     * @return Proposal|null null where it cannot be done, or would show nothing new
     */
    public function priced(array $actions): ?Proposal
    {
        $all = $minutes = $needsOpen = [];
        $price = self::NOTING;
        $isLive = $isChanged = false;
        $box = null;
        foreach ($actions === [] ? [] : [...$this->before($actions), ...$actions] as $action) {
            if (in_array($action->kind->value, $this->cannot, true) || in_array("{$action->kind->value} {$this->placeOf($action)}", $this->cannot, true) || $this->wasReadSince($action, $isChanged) || (! $isChanged && $this->wasTriedOften($action))) {
                return null;
            }
            $opens = $this->isInTheBox($action) && ! $this->isOpened($action);
            $time = ($action->kind === ActionKind::Wait ? $action->minutes : $this->ownMinutes($action)) + ($opens ? self::OPENING : 0.0);
            $live = $this->isLive($action);
            // Live work in a box that is open already puts no hands on conductors; what opens one, or works in it, is done dead.
            $box ??= $this->isInTheBox($action) && ($opens || ! $live) ? $this->boxes($action)[0] : null;
            $isChanged = $isChanged || $this->changes($action);
            $all[] = $action;
            $minutes[] = $time;
            $needsOpen[] = $opens;
            $price += $time * ($live ? self::LIVE : 1.0) + ($action->kind === ActionKind::Trial ? self::DAY * $action->days : 0.0);
            $isLive = $isLive || $live;
        }

        return $all === [] ? null : new Proposal($all, $minutes, $price, $isLive, $needsOpen, $box);
    }

    public function isOff(Circuit $circuit): bool
    {
        return $this->now->off[$circuit->id] ?? false;
    }

    public function turnOn(Circuit $circuit): Action
    {
        return new Action(ActionKind::Breaker, new Spot(circuit: $circuit->id), on: true);
    }

    public function spot(string $device): Spot
    {
        return $this->house->hasPoint($device) ? new Spot(point: $device) : new Spot(circuit: $device);
    }

    /** What closes a device: its reset, or the breaker's handle. */
    public function close(string $device): Action
    {
        return new Action(ActionKind::Reset, $this->spot($device));
    }

    public function circuitOf(string $id): ?Circuit
    {
        return $this->house->hasPoint($id) ? $this->feeds->feed($this->house->point($id))->circuit : $this->house->circuit($id);
    }

    /** @return list<string> */
    public function pluggedOn(Circuit $circuit): array
    {
        $ids = array_map(fn(Point $point): string => $point->id, $this->feeds->pointsOn($circuit));

        return array_map(strval(...), array_keys(array_filter($this->now->plugged, fn(?string $at): bool => $at !== null && in_array($at, $ids, true))));
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

        return array_values(array_filter([...($circuit === null ? [] : [$circuit->id]), ...$way], fn(string $id): bool => isset($this->now->open[$id])));
    }

    /**
     * What has to be done so that the actions can be: the breaker on for what wants power; off, and nothing plugged in, for a cable by itself.
     *
     * @param list<Action> $actions
     *
     * @return list<Action>
     */
    private function before(array $actions): array
    {
        $first = $actions[0];
        $last = $actions[count($actions) - 1];
        $circuit = $this->circuitAt($last) ?? $this->circuit;
        if ($circuit === null) {
            return [];
        }
        if ($last->kind === ActionKind::Insulation) {
            // Both hots of a shared cable.
            $shared = $circuit->multiwireWith === null ? [$circuit] : [$circuit, $this->house->circuit($circuit->multiwireWith)];

            return [
                ...array_map(fn(Circuit $one): Action => new Action(ActionKind::Breaker, new Spot(circuit: $one->id)), array_filter($shared, fn(Circuit $one): bool => ! $this->isOff($one))),
                ...array_map(fn(Circuit $one): Action => new Action(ActionKind::UnplugAll, new Spot(circuit: $one->id)), array_filter($shared, fn(Circuit $one): bool => $this->pluggedOn($one) !== [])),
            ];
        }
        if ($first->kind === ActionKind::Breaker || ! in_array($last->kind, self::WANTS_POWER, true)) {
            return [];
        }

        return [...($this->isOff($circuit) ? [$this->turnOn($circuit)] : []), ...($last->kind === ActionKind::Indicator ? [] : array_map($this->close(...), $this->openOnPurpose($first)))];
    }

    private function circuitAt(Action $action): ?Circuit
    {
        $at = $this->pointAt($action) ?? $action->at->circuit;

        return $at === null ? null : $this->circuitOf($at);
    }

    private function pointAt(Action $action): ?string
    {
        return $this->house->findCable($action->at->cable)->to->point ?? $action->at->point ?? $this->now->plugged[$action->at->appliance ?? ''] ?? null;
    }

    /**
     * Devices on the way to where something is done that a button opened, and nothing else: they are closed again first.
     *
     * @return list<string> from the panel outward
     */
    private function openOnPurpose(Action $action): array
    {
        $at = $this->pointAt($action);

        return array_values(array_filter($at === null ? [] : $this->openTo($at), fn(string $id): bool => ! ($action->kind === ActionKind::Reset && $action->at->device() === $id) && $this->wasOpenedByButton($id)));
    }

    private function wasOpenedByButton(string $device): bool
    {
        foreach (array_reverse($this->done) as $test) {
            $tripped = $test->reading->tripped ?? null;
            if ($test->action->kind === ActionKind::Reset && $test->action->at->device() === $device) {
                // It would not close: it stays as it is.
                return false;
            }
            if (is_array($tripped) && in_array($device, $tripped, true)) {
                return $test->action->kind === ActionKind::TesterButton || $test->action->kind === ActionKind::PressTest;
            }
        }

        return false;
    }

    private function ownMinutes(Action $action): float
    {
        return $action->kind === ActionKind::Volts && $action->at->cable !== null ? 3.0 : $action->kind->minutes();
    }

    private function isInTheBox(Action $action): bool
    {
        return $action->at->appliance === null && (in_array($action->kind, self::IN_THE_BOX, true) || ($action->kind === ActionKind::Volts && $action->at->cable !== null)) && ! ($action->kind === ActionKind::SwapDevice && $action->at->circuit !== null);
    }

    private function isLive(Action $action): bool
    {
        return in_array($action->kind, [ActionKind::Clamp, ActionKind::NonContact], true) || ($action->kind === ActionKind::Volts && $action->at->cable !== null);
    }

    /** Whether the house is another afterwards: a device that is closed cannot be closed. */
    private function changes(Action $action): bool
    {
        return ! in_array($action->kind, self::READS, true) && ($action->kind !== ActionKind::Reset || isset($this->now->open[$action->at->device() ?? '']));
    }

    /** Looking twice shows nothing new: at a box or a cable by itself ever, with an instrument while nothing was changed. */
    private function wasReadSince(Action $action, bool $isChanged): bool
    {
        if (! in_array($action->kind, self::READS, true)) {
            return false;
        }
        $once = in_array($action->kind, self::ONCE, true);
        $isIt = fn(Test $test): bool => $test->action->kind === $action->kind && $test->action->at->is($action->at) && $test->action->between === $action->between;
        if ($isChanged && ! $once) {
            return $action->kind === ActionKind::Volts && count(array_filter($this->done, $isIt)) >= self::READINGS;
        }
        foreach (array_reverse($this->done) as $test) {
            if ($isIt($test)) {
                return true;
            }
            if (! $once && ! in_array($test->action->kind, [...self::READS, ActionKind::Wiggle], true)) {
                return false;
            }
        }

        return false;
    }

    /** Whether a device was reset again and again since anything else was changed: once more would show the same. */
    private function wasTriedOften(Action $action): bool
    {
        $tried = 0;
        foreach ($action->kind === ActionKind::Reset ? array_reverse($this->done) : [] as $test) {
            if ($test->action->kind === ActionKind::Reset) {
                $tried += $test->action->at->is($action->at) ? 1 : 0;
            } elseif (! in_array($test->action->kind, self::READS, true)) {
                break;
            }
        }

        return $tried >= self::TRIES;
    }

    /** Whether the box an action is done in has been open before. */
    private function isOpened(Action $action): bool
    {
        $boxes = $this->boxes($action);
        foreach ($this->done as $test) {
            if ($this->isInTheBox($test->action) && array_intersect($boxes, $this->boxes($test->action)) !== []) {
                return true;
            }
        }

        return false;
    }

    /** @return list<string> boxes an action may be done in */
    private function boxes(Action $action): array
    {
        $cable = $this->house->findCable($action->at->cable);
        if ($cable === null) {
            return [$action->at->point ?? ''];
        }
        $from = $cable->fromPoint();

        // A clamp goes round the cable in either box; an end is in its own.
        return match (true) {
            $action->kind === ActionKind::Volts => [($action->at->atFrom ? $from : $cable->to->point) ?? ''],
            $from === null => [$cable->to->point],
            default => [$cable->to->point, $from],
        };
    }

    private function placeOf(Action $action): string
    {
        return $action->at->point ?? $action->at->circuit ?? $action->at->cable ?? $action->at->appliance ?? '';
    }
}
