<?php

declare(strict_types=1);

namespace Bouclier\Core\House;

/** How a distance was measured: as a cord would run, or in plan. */
enum Measured: string implements Choice
{
    case Cord = 'cord';
    case Horizontal = 'horizontal';

    public function label(): string
    {
        return match ($this) {
            self::Cord => 'Along the cord',
            self::Horizontal => 'Horizontally',
        };
    }
}
