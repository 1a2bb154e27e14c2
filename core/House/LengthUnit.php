<?php

declare(strict_types=1);

namespace Bouclier\Core\House;

/** What lengths are said and shown in. The house file keeps decimal feet. */
enum LengthUnit: string implements Choice
{
    case Feet = 'ft';
    case Metres = 'm';

    public function label(): string
    {
        return match ($this) {
            self::Feet => 'Feet and inches',
            self::Metres => 'Metres',
        };
    }

    public function isMetric(): bool
    {
        return $this === self::Metres;
    }
}
