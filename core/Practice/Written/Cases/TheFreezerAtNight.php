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

final readonly class TheFreezerAtNight extends WrittenCase
{
    public static function title(): string
    {
        return 'The freezer in the corner';
    }

    public static function kind(): CaseKind
    {
        return CaseKind::LeakingAppliance;
    }

    public static function sketch(): Sketch
    {
        return Houses::basement()
            ->plugged('a1', 'Old freezer', 'x3', 150.0, ApplianceClass::Refrigeration)
            ->plugged('a2', 'Dehumidifier', 'x2', 300.0, ApplianceClass::WaterHandling, on: false)
            ->plugged('a3', 'Radio', 'x4', 10.0, ApplianceClass::Electronic);
    }

    protected static function words(): string
    {
        return 'The button at the stairs is out in the morning and the freezer is warm. I have thrown away a lot of fish.';
    }

    protected static function about(): array
    {
        return [SymptomKind::Trips, 'x1', SymptomWhen::AtOnce];
    }

    public static function hidden(): array
    {
        return [['kind' => 'leak', 'at' => ['appliance' => 'a1'], 'ohms' => 9000.0]];
    }
}
