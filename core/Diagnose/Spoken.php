<?php

declare(strict_types=1);

namespace Bouclier\Core\Diagnose;

use Bouclier\Core\House\House;
use Bouclier\Core\Network\Action;
use Bouclier\Core\Network\ActionKind;
use Bouclier\Core\Network\Spot;

/** What was done and what it showed, in the words of the trade. */
final readonly class Spoken
{
    public function __construct(private House $house)
    {
    }

    public function test(Test $test): string
    {
        return "{$this->action($test->action)}: {$this->reading($test)}";
    }

    public function action(Action $action): string
    {
        $at = $this->spot($action->at);

        return match ($action->kind) {
            ActionKind::Breaker => "breaker $at " . ($action->on ? 'on' : 'off'),
            ActionKind::Reset => "reset $at",
            ActionKind::PressTest => "TEST at $at",
            ActionKind::Indicator => "the light of $at",
            ActionKind::Plug => "plug in $at",
            ActionKind::Unplug => "unplug $at",
            ActionKind::SwitchOn => "switch on $at",
            ActionKind::SwitchOff => "switch off $at",
            ActionKind::UnplugAll => "unplug all on $at",
            ActionKind::WithoutCord => "$at without its cord set",
            ActionKind::Move => "$at at " . $this->spot(new Spot(point: $action->to)),
            ActionKind::Tester => "tester at $at",
            ActionKind::TesterButton => "tester's button at $at",
            ActionKind::Volts => "volts {$action->between} at $at",
            ActionKind::NonContact => "non-contact at $at",
            ActionKind::Clamp => "clamp round $at",
            ActionKind::Lift => ($action->on ? 'put back' : 'lift') . " {$this->spot(new Spot(cable: $action->pair))} at $at",
            ActionKind::Insulation => "insulation of $at",
            ActionKind::Inspect => "look into $at",
            ActionKind::Tighten => "tighten at $at",
            ActionKind::Wiggle => "wiggle at $at",
            ActionKind::SwapDevice => "a new device at $at",
            ActionKind::Wait => "wait {$action->minutes} minutes",
            ActionKind::Trial => "{$action->days} days of use at $at",
            ActionKind::Residual => "residual of $at",
            ActionKind::Walk => 'walk round',
        };
    }

    private function reading(Test $test): string
    {
        $read = $test->reading;

        return match (true) {
            ($read->no_power ?? false) === true => 'no power',
            isset($read->holds) => $read->holds === true ? 'it held' : 'it did not hold',
            is_array($read->tripped ?? null) => $read->tripped === [] ? 'nothing tripped' : 'it tripped',
            isset($read->hn) => 'lamps ' . implode(', ', array_keys(array_filter(get_object_vars($read), fn(mixed $lit): bool => $lit === true))),
            is_numeric($read->volts ?? null) => round((float) $read->volts, 1) . ' V',
            is_numeric($read->ma ?? null) => round((float) $read->ma, 2) . ' mA',
            is_array($read->seen ?? null) => $read->seen === [] ? 'nothing to see' : implode(', ', array_filter($read->seen, is_string(...))),
            is_string($read->shows ?? null) => $read->shows,
            is_numeric($read->trips ?? null) => "{$read->trips} trips",
            is_string($read->refused ?? null) => 'refused',
            default => 'done',
        };
    }

    private function spot(Spot $spot): string
    {
        if ($spot->point !== null) {
            return $this->house->point($spot->point)->code;
        }
        if ($spot->circuit !== null) {
            return $this->house->circuit($spot->circuit)->slot . ' ' . $this->house->circuit($spot->circuit)->label;
        }
        foreach ($this->house->cables as $cable) {
            if ($cable->id === $spot->cable) {
                return "the cable to {$this->house->point($cable->to->point)->code}";
            }
        }
        foreach ($this->house->appliances as $appliance) {
            if ($appliance->id === ($spot->appliance ?? $spot->cord)) {
                return mb_strtolower($appliance->name);
            }
        }

        return 'there';
    }
}
