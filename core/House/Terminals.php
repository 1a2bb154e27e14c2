<?php

declare(strict_types=1);

namespace Bouclier\Core\House;

/** Terminals of a device, read with the plate off and the device still in. */
enum Terminals: string implements Choice
{
    case Line = 'line';
    case Load = 'load';

    public function label(): string
    {
        return match ($this) {
            self::Line => 'LINE terminals',
            self::Load => 'LOAD terminals',
        };
    }
}
