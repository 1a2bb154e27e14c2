<?php

declare(strict_types=1);

namespace Bouclier\Core\Practice;

/** What a case is about: the theme a person's progress is counted by. What is hidden for it stands in {@see CaseDraw}. */
enum CaseKind: string
{
    case UpstreamTripped = 'upstream_tripped';
    case ReversedLineLoad = 'reversed_line_load';
    case SplitPair = 'split_pair';
    case NeutralGround = 'neutral_ground';
    case BorrowedNeutral = 'borrowed_neutral';
    case SharedNeutral = 'shared_neutral';
    case Bootleg = 'bootleg';
    case HonestSum = 'honest_sum';
    case LeakingCord = 'leaking_cord';
    case LeakingAppliance = 'leaking_appliance';
    case LeakInBox = 'leak_in_box';
    case LeakInCable = 'leak_in_cable';
    case LongCable = 'long_cable';
    case WeakDevice = 'weak_device';
    case DeadDevice = 'dead_device';
    case StuckDevice = 'stuck_device';
    case OpenHot = 'open_hot';
    case OpenNeutral = 'open_neutral';
    case OpenGround = 'open_ground';
    case HighResistance = 'high_resistance';
    case SwappedWires = 'swapped_wires';
    case Short = 'short';
    case Overload = 'overload';
    case Arc = 'arc';
    case ComesAndGoes = 'comes_and_goes';

    public function label(): string
    {
        return match ($this) {
            self::UpstreamTripped => 'A device upstream, in another room',
            self::ReversedLineLoad => 'LINE and LOAD reversed',
            self::SplitPair => 'A split pair',
            self::NeutralGround => 'Neutral touches ground',
            self::BorrowedNeutral => 'A borrowed neutral',
            self::SharedNeutral => 'A shared neutral under one-pole protection',
            self::Bootleg => 'A bootleg ground',
            self::HonestSum => 'Honest leakages that add up',
            self::LeakingCord => 'A cord that leaks',
            self::LeakingAppliance => 'An appliance that leaks',
            self::LeakInBox => 'A leak in a box',
            self::LeakInCable => 'A leak in a cable',
            self::LongCable => 'A long cable',
            self::WeakDevice => 'A weak device',
            self::DeadDevice => 'A device that is done',
            self::StuckDevice => 'A device that will not trip',
            self::OpenHot => 'An open hot',
            self::OpenNeutral => 'An open neutral',
            self::OpenGround => 'An open ground',
            self::HighResistance => 'A joint that heats',
            self::SwappedWires => 'Swapped wires',
            self::Short => 'A short',
            self::Overload => 'An overload',
            self::Arc => 'An arc at a loose screw',
            self::ComesAndGoes => 'What comes and goes',
        };
    }

    /** Whether no wire and no device is wrong: nothing is hidden but how the house is used. */
    public function isNoFault(): bool
    {
        return in_array($this, [self::UpstreamTripped, self::SharedNeutral, self::HonestSum, self::LongCable, self::Overload], true);
    }
}
