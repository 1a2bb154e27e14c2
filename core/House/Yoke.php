<?php

declare(strict_types=1);

namespace Bouclier\Core\House;

/** How many receptacles share the yoke. */
enum Yoke: string implements Choice
{
    case Duplex = 'duplex';
    case Single = 'single';

    public function label(): string
    {
        return match ($this) {
            self::Duplex => 'Duplex',
            self::Single => 'Single',
        };
    }
}
