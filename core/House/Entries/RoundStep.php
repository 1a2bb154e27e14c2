<?php

declare(strict_types=1);

namespace Bouclier\Core\House\Entries;

use Bouclier\Core\House\Choice;

/** What is looked at in a round of tests after the work, in the order of the hand. */
enum RoundStep: string implements Choice
{
    case Reset = 'reset';
    case Lamps = 'lamps';
    case Runs = 'runs';
    case Test = 'test';
    case Back = 'back';
    case Button = 'button';
    case Light = 'light';
    case Cover = 'cover';
    case Plate = 'plate';

    public function label(): string
    {
        return match ($this) {
            self::Reset => 'Reset',
            self::Lamps => 'Lamps and volts',
            self::Runs => 'Has power',
            self::Test => 'TEST',
            self::Back => 'RESET after it',
            self::Button => "Tester's button",
            self::Light => 'Its light',
            self::Cover => 'Cover',
            self::Plate => 'Plate and labels',
        };
    }
}
