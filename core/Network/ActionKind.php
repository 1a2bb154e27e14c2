<?php

declare(strict_types=1);

namespace Bouclier\Core\Network;

/** What can be done at a house to learn something of it, and what each names. Minutes are the default price. */
enum ActionKind: string
{
    case Breaker = 'breaker';
    case Reset = 'reset';
    case PressTest = 'press_test';
    case Indicator = 'indicator';
    case Plug = 'plug';
    case Unplug = 'unplug';
    case SwitchOn = 'switch_on';
    case SwitchOff = 'switch_off';
    case UnplugAll = 'unplug_all';
    case WithoutCord = 'without_cord';
    case Move = 'move';
    case Tester = 'tester';
    case TesterButton = 'tester_button';
    case Volts = 'volts';
    case NonContact = 'non_contact';
    case Clamp = 'clamp';
    case Lift = 'lift';
    case Insulation = 'insulation';
    case Inspect = 'inspect';
    case Tighten = 'tighten';
    case Wiggle = 'wiggle';
    case SwapDevice = 'swap_device';
    case Wait = 'wait';
    case Trial = 'trial';
    case Residual = 'residual';
    case Walk = 'walk';

    /** @return array<string, list<string>> kinds of place it names, by the key of the action that names it */
    public function names(): array
    {
        return match ($this) {
            self::Breaker, self::UnplugAll => ['circuit' => ['circuit']],
            self::Reset, self::PressTest, self::Indicator, self::SwapDevice, self::Trial, self::Residual => ['at' => ['point', 'circuit']],
            self::Plug, self::Unplug, self::SwitchOn, self::SwitchOff, self::WithoutCord => ['appliance' => ['appliance']],
            self::Move => ['appliance' => ['appliance'], 'to' => ['point']],
            self::Tester, self::TesterButton => ['at' => ['point']],
            self::Volts => ['at' => ['point', 'cable']],
            self::NonContact => ['at' => ['cable']],
            self::Clamp, self::Insulation => ['cable' => ['cable']],
            self::Lift => ['point' => ['point'], 'pair' => ['cable']],
            self::Inspect, self::Tighten, self::Wiggle => ['at' => ['point', 'cable', 'appliance']],
            self::Wait, self::Walk => [],
        };
    }

    public function minutes(): float
    {
        return match ($this) {
            self::Indicator => 0.5,
            self::Reset, self::Plug, self::Unplug, self::SwitchOn, self::SwitchOff, self::Tester, self::TesterButton, self::Volts, self::NonContact, self::Wiggle => 1.0,
            self::Breaker, self::PressTest, self::WithoutCord, self::Inspect, self::Tighten => 2.0,
            self::Move, self::Clamp, self::Walk => 3.0,
            self::UnplugAll => 4.0,
            self::Trial => 5.0,
            self::Lift => 8.0,
            self::Insulation => 10.0,
            self::SwapDevice => 20.0,
            self::Wait, self::Residual => 0.0,
        };
    }
}
