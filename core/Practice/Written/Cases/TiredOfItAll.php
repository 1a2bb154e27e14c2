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

final readonly class TiredOfItAll extends WrittenCase
{
    public static function title(): string
    {
        return 'It trips at less and less';
    }

    public static function kind(): CaseKind
    {
        return CaseKind::WeakDevice;
    }

    public static function sketch(): Sketch
    {
        return Houses::basement()
            ->plugged('a1', 'Sump pump', 'x4', 500.0, ApplianceClass::WaterHandling, on: false, leaks: [0.6, 0.2])
            ->plugged('a2', 'Fan', 'x2', 60.0, ApplianceClass::Motor, on: false);
    }

    protected static function words(): string
    {
        return 'It held the pump for twelve years. This spring it goes with the pump, and with the fan, and with the '
            . 'radio if it feels like it.';
    }

    protected static function about(): array
    {
        return [SymptomKind::Trips, 'x1', SymptomWhen::AtOnce];
    }

    public static function hidden(): array
    {
        return [['kind' => 'weak_device', 'at' => ['point' => 'x1'], 'trip_ma' => 0.5]];
    }
}
