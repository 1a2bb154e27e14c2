<?php

declare(strict_types=1);

namespace Bouclier\Core\House;

/** What lengths are said and shown in. The house file keeps decimal feet. */
enum LengthUnit: string implements Choice
{
    case Feet = 'ft';
    case Metres = 'm';

    public const METRES_PER_FOOT = 0.3048;

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

    /** A short length in words, in whole centimetres where the house is metric. */
    public function inches(float $inches): string
    {
        return $this->isMetric() ? (int) round($inches / 12.0 * self::METRES_PER_FOOT * 100.0) . ' cm' : "$inches in";
    }
}
