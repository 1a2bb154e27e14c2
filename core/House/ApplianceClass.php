<?php

declare(strict_types=1);

namespace Bouclier\Core\House;

/**
 * What appliances of a class leak when they are in order, in milliamperes at 120 V: what is taken while nothing was clamped. Ours, from
 * what product standards let such things leak (0.5 mA portable, 0.75 mA fixed) and what filters and wet elements are known for.
 */
enum ApplianceClass: string implements Choice
{
    case HeatingElement = 'heating_element';
    case Motor = 'motor';
    case Electronic = 'electronic';
    case WaterHandling = 'water_handling';
    case Charger = 'charger';
    case Lighting = 'lighting';
    case Refrigeration = 'refrigeration';

    public function label(): string
    {
        return match ($this) {
            self::HeatingElement => 'Heating element',
            self::Motor => 'Motor',
            self::Electronic => 'Electronic, with a filter',
            self::WaterHandling => 'Water-handling',
            self::Charger => 'Charger',
            self::Lighting => 'Lighting',
            self::Refrigeration => 'Refrigeration',
        };
    }

    /** @return array{array{float, float}, array{float, float}} least and most in phase, least and most in quadrature */
    public function ranges(): array
    {
        return match ($this) {
            self::HeatingElement => [[0.05, 0.55], [0.0, 0.1]],
            self::Motor => [[0.02, 0.22], [0.05, 0.25]],
            self::Electronic => [[0.0, 0.04], [0.1, 0.5]],
            self::WaterHandling => [[0.05, 0.65], [0.05, 0.25]],
            self::Charger => [[0.0, 0.04], [0.05, 0.35]],
            self::Lighting => [[0.0, 0.02], [0.01, 0.11]],
            self::Refrigeration => [[0.05, 0.45], [0.05, 0.25]],
        };
    }
}
