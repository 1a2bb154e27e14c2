<?php

declare(strict_types=1);

namespace Bouclier\Core\House;

/** How wet the outlet's location gets. */
enum Exposure: string implements Choice
{
    case Dry = 'dry';
    case Damp = 'damp';
    case Wet = 'wet';

    public function label(): string
    {
        return match ($this) {
            self::Dry => 'Dry',
            self::Damp => 'Damp',
            self::Wet => 'Wet',
        };
    }
}
