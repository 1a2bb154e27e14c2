<?php

declare(strict_types=1);

namespace Bouclier\Core\House;

/** How a point's equipment ground gets back to the panel. */
enum GroundPath: string implements Choice
{
    case Wire = 'wire';
    case Raceway = 'raceway';
    case None = 'none';
    case Broken = 'broken';
    case Unknown = 'unknown';

    /** Whether there is a ground for certain. */
    public function isThere(): bool
    {
        return $this === self::Wire || $this === self::Raceway;
    }

    public function label(): string
    {
        return match ($this) {
            self::Wire => 'Ground wire',
            self::Raceway => 'Metal raceway and box',
            self::None => 'No ground',
            self::Broken => 'Wire, broken upstream',
            self::Unknown => 'Not known',
        };
    }
}
