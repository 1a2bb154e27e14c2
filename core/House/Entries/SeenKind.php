<?php

declare(strict_types=1);

namespace Bouclier\Core\House\Entries;

use Bouclier\Core\House\Choice;

/** What was done to see something of the runs. */
enum SeenKind: string implements Choice
{
    case Off = 'off';
    case Trip = 'trip';
    case Button = 'button';
    case Open = 'open';
    case Lift = 'lift';
    case Pair = 'pair';

    public function label(): string
    {
        return match ($this) {
            self::Off => 'a breaker turned off',
            self::Trip => 'a device or breaker tripped',
            self::Button => 'a button pressed',
            self::Open => 'a box opened',
            self::Lift => 'a pair lifted',
            self::Pair => 'a pair read',
        };
    }
}
