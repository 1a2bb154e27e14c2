<?php

declare(strict_types=1);

namespace Bouclier\Core\House;

/** The bus leg a single-pole circuit hangs on. */
enum Leg: string implements Choice
{
    case A = 'a';
    case B = 'b';

    public function label(): string
    {
        return match ($this) {
            self::A => 'Leg a',
            self::B => 'Leg b',
        };
    }
}
