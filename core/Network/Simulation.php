<?php

declare(strict_types=1);

namespace Bouclier\Core\Network;

use Bouclier\Core\Feed\FeedMap;
use Bouclier\Core\House\House;
use Bouclier\Core\House\Point;

/** A house with faults, and what every action at it shows. The state goes on from one action to the next. */
final class Simulation
{
    private readonly FeedMap $feeds;

    private readonly Tripping $tripping;

    private readonly Condition $condition;

    private readonly Looks $looks;

    private readonly Meters $meters;

    /** @var array<int> how often each thing was drawn, by what it is about */
    private array $drawn = [];

    /** @param list<Fault> $faults */
    public function __construct(
        private readonly House $house,
        private array $faults,
        private readonly Draws $draws,
    ) {
        $this->feeds = new FeedMap($house);
        $this->tripping = new Tripping($house, $this->feeds, $faults, $draws);
        $this->condition = Condition::of($house);
        $this->looks = new Looks($house, $draws);
        $this->meters = new Meters($house, $draws);
        foreach ($this->tripping->dead() as $dead) {
            $this->condition->open[$dead->id] = true;
        }
        $this->energise();
        $this->tripping->settle($this->condition);
    }

    /** @return array<string, mixed> the reading */
    public function act(Action $action): array
    {
        return match ($action->kind) {
            ActionKind::Breaker, ActionKind::UnplugAll => ['tripped' => $this->did($action)],
            ActionKind::Plug, ActionKind::Unplug, ActionKind::SwitchOn, ActionKind::SwitchOff, ActionKind::WithoutCord, ActionKind::Move => $this->answered($this->did($action)),
            ActionKind::Lift => $this->lift($action),
            ActionKind::Reset => $this->reset($action->at->device() ?? ''),
            ActionKind::PressTest => $this->pressTest($action->at->device() ?? ''),
            ActionKind::Indicator => ['shows' => $this->indicator($action->at->device() ?? '')],
            ActionKind::Tester => $this->meters->tester($this->grid(), $action->at->point ?? ''),
            ActionKind::TesterButton => $this->testerButton($action->at->point ?? ''),
            ActionKind::Volts => $this->meters->volts($this->grid(), $action),
            ActionKind::NonContact => $this->meters->nonContact($this->grid(), $action),
            ActionKind::Clamp => $this->meters->clamp($this->grid(), $action->at->cable ?? ''),
            ActionKind::Insulation => $this->insulation($action->at->cable ?? ''),
            ActionKind::Inspect => ['seen' => $this->looks->seen($action->at, $this->faults, $this->count('inspect'))],
            ActionKind::Tighten => ['moved' => $this->looks->moves($action->at, $this->faults, $this->count('tighten'))],
            ActionKind::Wiggle => $this->wiggle($action->at),
            ActionKind::SwapDevice => $this->swapDevice($action->at->device() ?? ''),
            ActionKind::Wait => $this->wait($action->minutes),
            ActionKind::Trial => $this->trial($action->at->device() ?? '', $action->days),
            ActionKind::Residual => ['ma' => 1000.0 * $this->grid()->residual($action->at->device() ?? '')],
            ActionKind::Walk => $this->walk(),
        };
    }

    /** @return list<string> what opened by it */
    private function did(Action $action): array
    {
        $energises = Doing::on($this->condition, $action, $this->feeds);
        foreach ($this->tripping->dead() as $dead) {
            $this->condition->open[$dead->id] = true;
        }

        return $energises ? $this->energised() : $this->tripping->settle($this->condition);
    }

    /** @return array<string, mixed> */
    private function lift(Action $action): array
    {
        $tripped = $this->did($action);

        return ['dead' => $this->walk()['dead'], 'tripped' => $tripped];
    }

    /** @return array<string, mixed> */
    private function reset(string $id): array
    {
        if (! isset($this->condition->open[$id])) {
            return ['holds' => $this->hasPower($id), 'tripped' => [], 'no_power' => ! $this->hasPower($id)];
        }
        if (! $this->hasPower($id)) {
            return ['holds' => false, 'tripped' => [], 'no_power' => true];
        }
        if ($this->tripping->protector($id)?->isDead === true) {
            return ['holds' => false, 'tripped' => [], 'no_power' => false];
        }
        unset($this->condition->open[$id]);
        $tripped = $this->energised();

        return ['holds' => ! isset($this->condition->open[$id]), 'tripped' => $tripped, 'no_power' => false];
    }

    /** A breaker has power from its bus; a device from its line side. */
    private function hasPower(string $id): bool
    {
        return ! $this->house->hasPoint($id) ? ($this->condition->off[$id] ?? false) === false : $this->grid()->lineVolts($id) >= Tripping::LIVE_VOLTS;
    }

    /** @return array<string, mixed> */
    private function pressTest(string $id): array
    {
        $device = $this->tripping->protector($id);
        $works = $device !== null && ! $device->isStuck && ! $device->isDead && ! isset($this->condition->open[$id]) && $device->isProtective() && $this->hasPower($id);
        if ($works) {
            $this->condition->open[$id] = true;
        }
        $tripped = [...($works ? [$id] : []), ...$this->tripping->settle($this->condition)];

        return ['tripped' => $tripped, 'dead' => $this->walk()['dead']];
    }

    private function indicator(string $id): string
    {
        return match (true) {
            ! $this->hasPower($id) => 'nothing',
            $this->tripping->protector($id)?->isDead === true => 'failed',
            isset($this->condition->open[$id]) => 'tripped',
            default => 'power',
        };
    }

    /** @return array<string, mixed> */
    private function testerButton(string $point): array
    {
        $this->condition->button = [$point, Tripping::BUTTON_OHMS];
        $residuals = array_filter($this->tripping->residuals($this->grid()), fn(float $milliamperes): bool => $milliamperes >= 0.001);
        $tripped = $this->tripping->settle($this->condition);
        $this->condition->button = null;

        return [...$this->answered($tripped), 'residual_ma' => (object) $residuals];
    }

    /** @return array<string, mixed> */
    private function insulation(string $id): array
    {
        $to = $this->house->findCable($id)?->to->point;
        $circuit = $to === null ? null : $this->feeds->feed($this->house->point($to))->circuit;
        if ($circuit !== null && $this->condition->conducts($circuit->id)) {
            return ['refused' => "Breaker {$circuit->slot} {$circuit->label} is on: turn it off and prove the cable dead first."];
        }
        foreach ($this->condition->plugged as $at) {
            if ($at !== null && $circuit !== null && $this->feeds->feed($this->house->point($at))->circuit?->id === $circuit->id) {
                return ['refused' => 'Something is plugged in on the circuit: unplug it all first.'];
            }
        }
        return Instruments::insulation($this->condition->faults, $id);
    }

    /** @return array<string, mixed> */
    private function wiggle(Spot $at): array
    {
        $count = $this->count('wiggle');
        $shown = $this->looks->wiggled($at, $this->faults, $count);
        if ($shown === []) {
            return ['tripped' => []];
        }
        $before = $this->condition->faults;
        $this->condition->faults = [...$before, ...$shown];
        $tripped = $this->tripping->settle($this->condition);
        $this->condition->faults = $before;

        return ['tripped' => $tripped];
    }

    /** @return array<string, mixed> */
    private function swapDevice(string $id): array
    {
        $this->faults = array_values(array_filter($this->faults, fn(Fault $fault): bool => $fault->at->device() !== $id || ! $fault->kind->isWear()));
        $this->tripping->replace($id);
        unset($this->condition->open[$id]);
        $tripped = $this->energised();

        return ['holds' => ! isset($this->condition->open[$id]) && $this->hasPower($id), 'tripped' => $tripped];
    }

    /** @return array<string, mixed> */
    private function wait(float $minutes): array
    {
        $tripped = [];
        for ($passed = 10.0; $passed <= $minutes; $passed += 10.0) {
            array_push($tripped, ...$this->energised());
        }
        if ($minutes >= 1.0) {
            foreach ($this->tripping->overloaded($this->condition) as $breaker) {
                $this->condition->open[$breaker] = true;
                $tripped[] = $breaker;
            }
        }
        array_push($tripped, ...$this->tripping->settle($this->condition));

        return ['tripped' => $tripped];
    }

    /**
     * Left in use for days: how often it trips. Each time it is reset, and at the end it stands as it did.
     *
     * @return array<string, mixed>
     */
    private function trial(string $id, int $days): array
    {
        $before = $this->condition->open;
        $trips = 0;
        for ($day = 0; $day < $days; ++$day) {
            if ($this->tripping->protector($id)?->isDead !== true) {
                unset($this->condition->open[$id]);
            }
            $trips += in_array($id, $this->energised(), true) ? 1 : 0;
        }
        $this->condition->open = $before;
        $this->tripping->settle($this->condition);

        return ['trips' => $trips];
    }

    /** @return array{live: list<string>, dead: list<string>} */
    private function walk(): array
    {
        $grid = $this->grid();
        $live = $dead = [];
        foreach ($this->house->points as $point) {
            $this->isLive($grid, $point) ? $live[] = $point->id : $dead[] = $point->id;
        }

        return ['live' => $live, 'dead' => $dead];
    }

    private function isLive(HouseGrid $grid, Point $point): bool
    {
        return $grid->faceVolts($point->id) >= Tripping::LIVE_VOLTS;
    }

    /**
     * @param list<string> $tripped
     *
     * @return array<string, mixed>
     */
    private function answered(array $tripped): array
    {
        [$from, $to, $exact] = TripTime::TYPICAL_MS;

        return ['tripped' => $tripped, 'after_ms' => $tripped === [] ? null : round($this->draws->between("after {$tripped[0]}", $this->count("after {$tripped[0]}"), $from, $to, $exact))];
    }

    /**
     * What comes and goes is drawn anew, and everything opens that does.
     *
     * @return list<string> what opened
     */
    private function energised(): array
    {
        $this->energise();

        return $this->tripping->settle($this->condition);
    }

    private function energise(): void
    {
        $shown = [];
        foreach ($this->faults as $number => $fault) {
            if ($fault->kind !== FaultKind::Intermittent) {
                $shown[] = $fault;
            } elseif ($this->draws->happens("intermittent $number", $this->count("intermittent $number"), $fault->chance)) {
                array_push($shown, ...$fault->of);
            }
        }
        $this->condition->faults = $shown;
    }

    private function grid(): HouseGrid
    {
        return $this->tripping->grid($this->condition);
    }

    private function count(string $about): int
    {
        return $this->drawn[$about] = ($this->drawn[$about] ?? -1) + 1;
    }
}
