<?php

declare(strict_types=1);

namespace Bouclier\Core\House;

/** What is looked at in an open box before it is closed. Kept as `records.box_checks` of the house file. */
enum BoxCheck: string implements Choice
{
    case Terminals = 'terminals';
    case StripLength = 'strip_length';
    case WiresPerTerminal = 'wires_per_terminal';
    case Torque = 'torque';
    case PullTest = 'pull_test';
    case GroundsPigtailed = 'grounds_pigtailed';
    case Gauge = 'gauge';
    case Support = 'support';
    case Folding = 'folding';
    case Flush = 'flush';
    case Cover = 'cover';
    case Listed = 'listed';

    public function label(): string
    {
        return match ($this) {
            self::Terminals => 'Hot on brass, neutral on silver, ground on green',
            self::StripLength => 'Stripped to the gauge, no bare copper past the terminal',
            self::WiresPerTerminal => 'No more wires under a terminal than its maker allows',
            self::Torque => 'Screws at their torque',
            self::PullTest => 'Every conductor pulled, none moved',
            self::GroundsPigtailed => 'Grounds spliced with a connector and pigtailed; a metal box bonded',
            self::Gauge => 'Wire gauge fits the breaker; connectors rated for it',
            self::Support => 'Cable stapled or raceway strapped, box fixed',
            self::Folding => 'Ground clear of hot and neutral terminals, nothing pinched',
            self::Flush => 'Device flush with the wall',
            self::Cover => 'Cover, insert and plate fit this device',
            self::Listed => 'Weather- and tamper-resistant where the place asks for it',
        };
    }
}
