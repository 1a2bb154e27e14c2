<?php

declare(strict_types=1);

namespace Bouclier\Core\Scope\Adding;

/** How a new cable gets from a box to a new outlet. */
enum Way: string
{
    case ThroughTheWall = 'through_the_wall';
    case AlongTheWall = 'along_the_wall';
    case FromThePanel = 'from_the_panel';

    public function label(): string
    {
        return match ($this) {
            self::ThroughTheWall => 'through the wall from the box behind it',
            self::AlongTheWall => 'along the wall',
            self::FromThePanel => 'a run of its own from the panel',
        };
    }
}
