<?php

declare(strict_types=1);

namespace Bouclier\Core\Practice\Written\Cases;

use Bouclier\Core\House\ApplianceClass;
use Bouclier\Core\House\SymptomKind;
use Bouclier\Core\House\SymptomWhen;
use Bouclier\Core\Practice\CaseKind;
use Bouclier\Core\Practice\Sketch;
use Bouclier\Core\Practice\Written\Houses;
use Bouclier\Core\Practice\Written\WrittenCase;

final readonly class SixHonestThings extends WrittenCase
{
    public static function title(): string
    {
        return 'Nothing is broken';
    }

    public static function kind(): CaseKind
    {
        return CaseKind::HonestSum;
    }

    public static function sketch(): Sketch
    {
        return Houses::counter()
            ->plugged('a1', 'Water boiler', 'k1', 110.0, ApplianceClass::WaterHandling, on: false, leaks: [0.64, 0.24])
            ->plugged('a2', 'Ice maker', 'k2', 150.0, ApplianceClass::Refrigeration, on: false, leaks: [0.44, 0.24])
            ->plugged('a3', 'Griddle', 'k2', 190.0, ApplianceClass::HeatingElement, on: false, leaks: [0.54, 0.09])
            ->plugged('a4', 'Juicer', 'k3', 120.0, ApplianceClass::Motor, on: false, leaks: [0.21, 0.24])
            ->plugged('a5', 'Steamer', 'k3', 190.0, ApplianceClass::HeatingElement, on: false, leaks: [0.54, 0.1])
            ->plugged('a6', 'Soda maker', 'k4', 60.0, ApplianceClass::WaterHandling, on: false, leaks: [0.63, 0.25])
            ->plugged('a7', 'Wine cooler', 'k4', 90.0, ApplianceClass::Refrigeration, on: false, leaks: [0.44, 0.25])
            ->plugged('a8', 'Fish tank', 'k4', 140.0, ApplianceClass::WaterHandling, on: false, leaks: [0.64, 0.22])
            ->plugged('a9', 'Rice cooker', 'k3', 150.0, ApplianceClass::HeatingElement, on: false, leaks: [0.55, 0.1])
            ->plugged('a10', 'Dishwasher', 'k2', 180.0, ApplianceClass::WaterHandling, on: false, leaks: [0.65, 0.25]);
    }

    protected static function words(): string
    {
        return 'We gave each other kitchen things for the holidays. Each is new, each runs by itself. All together, and '
            . 'it is dark.';
    }

    protected static function about(): array
    {
        return [SymptomKind::Trips, 'k1', SymptomWhen::AtOnce];
    }
}
