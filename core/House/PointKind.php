<?php

declare(strict_types=1);

namespace Bouclier\Core\House;

/** What stands at a point of the wiring. */
enum PointKind: string implements Choice
{
    case Receptacle = 'receptacle';
    case Hardwired = 'hardwired';
    case Light = 'light';
    case Switch = 'switch';
    case Junction = 'junction';

    public function label(): string
    {
        return match ($this) {
            self::Receptacle => 'Receptacle',
            self::Hardwired => 'Hard-wired outlet',
            self::Light => 'Light',
            self::Switch => 'Switch',
            self::Junction => 'Junction box',
        };
    }
}
