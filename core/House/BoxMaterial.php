<?php

declare(strict_types=1);

namespace Bouclier\Core\House;

/** What a box is made of: decides bonding and fill by clamps. */
enum BoxMaterial: string implements Choice
{
    case Plastic = 'plastic';
    case Metal = 'metal';
    case Fiberglass = 'fiberglass';

    public function label(): string
    {
        return match ($this) {
            self::Plastic => 'Plastic',
            self::Metal => 'Metal',
            self::Fiberglass => 'Fiberglass',
        };
    }
}
