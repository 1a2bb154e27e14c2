<?php

declare(strict_types=1);

namespace Bouclier\Core\Diagnose;

use Bouclier\Core\Feed\FeedMap;
use Bouclier\Core\House\Appliance;
use Bouclier\Core\House\Cable;
use Bouclier\Core\House\Circuit;
use Bouclier\Core\House\House;
use Bouclier\Core\House\Point;
use Bouclier\Core\Network\Action;
use Bouclier\Core\Network\ActionKind;
use Bouclier\Core\Network\Condition;
use Bouclier\Core\Network\Spot;

/** What can be done next, as the house stands now: cheap and dead before live and dismantling, by their minutes. What has to be done first comes with it. */
final class Proposals
{
    /** Days of a trial. */
    private const TRIAL_DAYS = 10;

    /** A wiggle may be tried so often at one place. */
    private const WIGGLES = 2;

    /** And so often one thing is switched on again, to have what comes and goes show. */
    private const SWITCHINGS = 4;

    /** @var array<Proposal> by what is done */
    private array $all = [];

    /** @var list<string> devices the call is about */
    private readonly array $devices;

    private readonly ?Circuit $circuit;

    private readonly Site $site;

    /**
     * @param list<string> $cannot
     * @param list<Test> $done
     */
    private function __construct(
        private readonly House $house,
        private readonly FeedMap $feeds,
        private readonly Condition $now,
        array $cannot,
        private readonly array $done,
        Foresight $foresight,
        private readonly Symptom $symptom,
    ) {
        $this->site = new Site($house, $feeds, $now, $cannot, $done, $symptom);
        $this->devices = SymptomFit::devices($foresight, $symptom);
        $this->circuit = $this->site->circuitOf($symptom->at);
    }

    /**
     * @param list<string> $cannot
     * @param list<Test> $done
     *
     * @return list<Proposal>
     */
    public static function of(Foresight $foresight, Symptom $symptom, Condition $now, array $cannot, array $done): array
    {
        $made = new self($foresight->house, $foresight->feeds, $now, $cannot, $done, $foresight, $symptom);
        array_map($made->atDevice(...), $made->devices);
        array_map($made->appliance(...), $foresight->house->appliances);
        $made->points();
        $made->propose(new Action(ActionKind::Walk));
        $made->propose(new Action(ActionKind::Wait, minutes: 10.0));

        return array_values($made->all);
    }

    private function atDevice(string $device): void
    {
        $at = $this->site->spot($device);
        $circuit = $this->site->circuitOf($device);
        $this->propose(new Action(ActionKind::Indicator, $at));
        if ($this->isProtective($device)) {
            $swap = new Action(ActionKind::SwapDevice, $at);
            $this->propose($swap);
            $back = array_map(fn(string $appliance): Action => new Action(ActionKind::Plug, new Spot(appliance: $appliance)), $this->displaced());
            if ($back !== []) {
                // As it was when it tripped: with the old device, and with a known good one.
                $this->propose(...$back);
                $this->propose(...[...$back, $swap]);
            }
        }
        if ($circuit === null) {
            return;
        }
        $reset = $this->site->close($device);
        if ($this->look() !== []) {
            $this->propose($reset, ...$this->look());
        }
        foreach ($this->goingOn($circuit) as [$back, $lift]) {
            $this->propose($back, $lift, $reset);
        }
        isset($this->now->open[$device]) ? $this->whileOpen($circuit, $reset) : $this->whileClosed($device, $circuit);
    }

    /** What may be taken off before it is closed again. */
    private function whileOpen(Circuit $circuit, Action $reset): void
    {
        $this->propose($reset);
        if ($this->site->pluggedOn($circuit) !== []) {
            $this->propose($this->unplugAll($circuit), $reset);
        }
        foreach ($this->lifts($circuit) as $lift) {
            $this->propose($lift, $reset);
        }
        foreach ($this->house->fedBy($circuit) as $fed) {
            if ($fed->id !== $circuit->id && ! $this->site->isOff($fed) && $this->feeds->pointsOn($fed) !== []) {
                $this->propose(new Action(ActionKind::Breaker, new Spot(circuit: $fed->id)), $reset);
            }
        }
    }

    private function whileClosed(string $device, Circuit $circuit): void
    {
        $lifts = $this->lifts($circuit);
        if ($this->isProtective($device)) {
            $this->propose(new Action(ActionKind::PressTest, $this->site->spot($device)));
            $this->trials($device, $circuit, $lifts);
        }
        // Off and on again: what comes and goes is drawn anew.
        $off = new Action(ActionKind::Breaker, new Spot(circuit: $circuit->id));
        $this->site->isOff($circuit) ? $this->propose($this->site->turnOn($circuit)) : $this->propose($off, $this->site->turnOn($circuit));
        foreach ($lifts as $lift) {
            $this->propose($lift);
            if ($this->look() !== []) {
                $this->propose($lift, ...$this->look());
            }
            if ($lift->on) {
                // What holds part by part, and trips as a whole, adds up: the part put back, another taken off in its stead.
                $this->propose($this->unplugAll($circuit), $lift);
                foreach ($lifts as $other) {
                    if (! $other->on) {
                        $this->propose($other, $lift);
                    }
                }
            }
        }
    }

    /**
     * Days of use, as it is, and with something taken off or changed.
     *
     * @param list<Action> $lifts
     */
    private function trials(string $device, Circuit $circuit, array $lifts): void
    {
        $at = $this->site->spot($device);
        $trial = new Action(ActionKind::Trial, $at, days: self::TRIAL_DAYS);
        $plugged = $this->site->pluggedOn($circuit);
        $without = array_map(fn(string $appliance): Action => new Action(ActionKind::Unplug, new Spot(appliance: $appliance)), $plugged);
        foreach ([...($plugged === [] ? [] : [$this->unplugAll($circuit)]), ...$without, ...$lifts, new Action(ActionKind::SwapDevice, $at)] as $first) {
            $this->propose($first, $trial);
        }
        $this->propose($trial);
    }

    private function unplugAll(Circuit $circuit): Action
    {
        return new Action(ActionKind::UnplugAll, new Spot(circuit: $circuit->id));
    }

    /** @return list<Action> how it is seen whether the outlet that was called about is right again */
    private function look(): array
    {
        $isReceptacle = $this->house->hasPoint($this->symptom->at) && $this->house->point($this->symptom->at)->isReceptacle();

        return $isReceptacle && in_array($this->symptom->kind, [SymptomKind::Dead, SymptomKind::ReadsWrong], true) ? [new Action(ActionKind::Volts, new Spot(point: $this->symptom->at))] : [];
    }

    /**
     * From a pair that is lifted on to the next box: put back, and a pair there lifted in its stead.
     *
     * @return list<array{Action, Action}>
     */
    private function goingOn(Circuit $circuit): array
    {
        $ways = [];
        foreach ($this->pointsOn($circuit) as $box) {
            $feed = $this->feeds->feed($box)->cable;
            $back = $this->putBack($feed);
            if ($feed === null || $back === null) {
                continue;
            }
            foreach ([...($back->at->point === $box->id ? [] : [$feed]), ...$this->feeds->cablesOutOf($box)] as $next) {
                if (($this->now->lifted[$box->id][$next->id] ?? false) === false) {
                    $ways[] = [$back, new Action(ActionKind::Lift, new Spot(point: $box->id), pair: $next->id)];
                }
            }
        }

        return $ways;
    }

    /** A pair that is lifted at one end, put back there. */
    private function putBack(?Cable $cable): ?Action
    {
        if ($cable === null) {
            return null;
        }
        foreach ([$cable->fromPoint(), $cable->to->point] as $end) {
            if ($end !== null && ($this->now->lifted[$end][$cable->id] ?? false)) {
                return new Action(ActionKind::Lift, new Spot(point: $end), pair: $cable->id, on: true);
            }
        }

        return null;
    }

    /** @return list<Action> pairs that are lifted on the way to a point, put back */
    private function putBackTo(string $point): array
    {
        return array_values(array_filter(array_map($this->putBack(...), $this->feeds->runTo($this->house->point($point)))));
    }

    /** @return list<string> appliances that are not plugged in where they are as a rule */
    private function displaced(): array
    {
        return array_values(array_map(fn(Appliance $one): string => $one->id, array_filter($this->house->appliances, fn(Appliance $one): bool => $one->at !== null && ($this->now->plugged[$one->id] ?? null) !== $one->at)));
    }

    /** @return list<Action> each pair in a box, lifted, or put back where it is */
    private function lifts(Circuit $circuit): array
    {
        $lifts = [];
        foreach ($this->pointsOn($circuit) as $point) {
            $feed = $this->feeds->feed($point)->cable;
            foreach ([...$this->feeds->cablesOutOf($point), ...($feed === null ? [] : [$feed])] as $cable) {
                $lifts[] = new Action(ActionKind::Lift, new Spot(point: $point->id), pair: $cable->id, on: $this->now->lifted[$point->id][$cable->id] ?? false);
            }
        }

        return $lifts;
    }

    private function appliance(Appliance $appliance): void
    {
        $at = new Spot(appliance: $appliance->id);
        $where = $this->now->plugged[$appliance->id] ?? null;
        $this->propose(new Action(ActionKind::Inspect, $at));
        // Unplugged or not: on another device it shows whether it goes with the appliance.
        $elsewhere = $where ?? $appliance->at;
        $elsewhere = $elsewhere === null ? null : Elsewhere::of($this->feeds, $elsewhere);
        if ($elsewhere !== null) {
            $this->propose(new Action(ActionKind::Move, $at, to: $elsewhere->id));
        }
        if ($where === null) {
            if ($appliance->at !== null && $this->site->openTo($appliance->at) === []) {
                $this->propose(new Action(ActionKind::Plug, $at));
                if ($appliance->extension === true && ($this->now->withoutCord[$appliance->id] ?? false) === false) {
                    // Back by its own plug: what leaked in its cord set is gone.
                    $this->propose(new Action(ActionKind::WithoutCord, $at), new Action(ActionKind::Plug, $at));
                }
                if ($this->look() !== []) {
                    $this->propose(new Action(ActionKind::Plug, $at), ...$this->look());
                }
                if (($this->now->running[$appliance->id] ?? false) === false && ($appliance->watts ?? 0.0) > 0.0) {
                    $this->propose(new Action(ActionKind::Plug, $at), new Action(ActionKind::SwitchOn, $at));
                }
            }

            return;
        }
        $this->wiggle($at);
        $feed = $this->feeds->feed($this->house->point($where));
        if ($feed->cable !== null && $feed->circuit?->id !== $this->circuit?->id) {
            $this->propose(new Action(ActionKind::Clamp, new Spot(cable: $feed->cable->id)));
        }
        $cordless = $appliance->extension === true && ($this->now->withoutCord[$appliance->id] ?? false) === false ? new Action(ActionKind::WithoutCord, $at) : null;
        $back = $this->putBackTo($where);
        if ($back !== []) {
            // It was taken off with its box: by itself it may be what it was, or not.
            $this->propose(new Action(ActionKind::Unplug, $at), ...$back);
        }
        $resets = array_map($this->site->close(...), $this->site->openTo($where));
        $beside = $this->beside($where);
        if ($beside !== null) {
            // Beyond the same device: what trips with the appliance goes along, what trips with the outlet stays.
            $this->propose(new Action(ActionKind::Move, $at, to: $beside->id), ...$resets);
        }
        if ($resets !== []) {
            $this->propose(...$resets);
            $this->propose(new Action(ActionKind::Unplug, $at), ...$resets);
            if ($cordless !== null) {
                $this->propose($cordless, ...$resets);
            }

            return;
        }
        $runs = $this->now->running[$appliance->id] ?? false;
        $on = new Action(ActionKind::SwitchOn, $at);
        $again = count(array_filter($this->done, fn(Test $test): bool => $test->action->kind === ActionKind::SwitchOn && $test->action->at->is($at)));
        if ($again < self::SWITCHINGS) {
            $runs ? $this->propose(new Action(ActionKind::SwitchOff, $at), $on) : $this->propose($on);
        }
        if ($cordless !== null) {
            $this->propose($cordless);
        }
        if ($this->house->hasPoint($this->symptom->at) && $this->house->point($this->symptom->at)->isReceptacle()) {
            $this->propose(new Action(ActionKind::Unplug, $at), new Action(ActionKind::Volts, new Spot(point: $this->symptom->at)));
        }
    }

    /** @return list<Point> on a circuit, on the one that shares its neutral, and on those of the panels it feeds */
    private function pointsOn(Circuit $circuit): array
    {
        $partner = $circuit->multiwireWith === null ? [] : [$this->house->circuit($circuit->multiwireWith)];

        return array_merge(...array_map($this->feeds->pointsOn(...), [...$this->house->fedBy($circuit), ...$partner]));
    }

    private function points(): void
    {
        foreach ($this->circuit === null ? [] : $this->pointsOn($this->circuit) as $point) {
            $at = new Spot(point: $point->id);
            $this->propose(new Action(ActionKind::Inspect, $at));
            $this->propose(new Action(ActionKind::Tighten, $at));
            $this->wiggle($at);
            if ($point->isReceptacle()) {
                $this->propose(new Action(ActionKind::Tester, $at));
                $this->propose(new Action(ActionKind::TesterButton, $at));
                foreach (['hn', 'hg', 'ng'] as $between) {
                    $this->propose(new Action(ActionKind::Volts, $at, between: $between));
                }
            }
            $cable = $this->feeds->feed($point)->cable;
            if ($cable !== null) {
                $end = new Spot(cable: $cable->id);
                $this->propose(new Action(ActionKind::Insulation, $end));
                $this->propose(new Action(ActionKind::Clamp, $end));
                foreach (['hn', 'hg'] as $between) {
                    $this->propose(new Action(ActionKind::Volts, $end, between: $between));
                }
            }
        }
    }

    private function wiggle(Spot $at): void
    {
        $tried = count(array_filter($this->done, fn(Test $test): bool => $test->action->kind === ActionKind::Wiggle && $test->action->at->is($at)));
        if ($tried < self::WIGGLES) {
            $this->propose(new Action(ActionKind::Wiggle, $at));
        }
    }

    private function propose(Action ...$actions): void
    {
        $priced = $this->site->priced(array_values($actions));
        if ($priced !== null) {
            // Two ways may lead to the same.
            $this->all[serialize($priced->actions)] ??= $priced;
        }
    }

    private function isProtective(string $device): bool
    {
        if ($this->house->hasPoint($device)) {
            return $this->house->point($device)->device->feedsThrough();
        }
        $breaker = $this->house->circuit($device)->breaker();

        return $breaker->givesGfci() || $breaker->givesAfci();
    }

    /** Another outlet of the same circuit. */
    private function beside(string $where): ?Point
    {
        $circuit = $this->feeds->feed($this->house->point($where))->circuit;
        foreach ($circuit === null ? [] : $this->feeds->pointsOn($circuit) as $point) {
            if ($point->isReceptacle() && $point->id !== $where && $this->site->openTo($point->id) === $this->site->openTo($where)) {
                return $point;
            }
        }

        return null;
    }
}
