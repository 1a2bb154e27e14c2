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

final readonly class TheScrewBehindTheBed extends WrittenCase
{
    public static function title(): string
    {
        return 'It goes when I read in bed';
    }

    public static function kind(): CaseKind
    {
        return CaseKind::Arc;
    }

    public static function sketch(): Sketch
    {
        return Houses::bedrooms()
            ->plugged('a1', 'Heater', 'r3', 1200.0, ApplianceClass::HeatingElement, on: false)
            ->plugged('a2', 'Lamp', 'r1', 40.0, ApplianceClass::Lighting);
    }

    protected static function words(): string
    {
        return 'The breaker for the bedroom goes when I switch on the heater by the bed. It buzzes a little first, or I '
            . 'imagine that.';
    }

    protected static function about(): array
    {
        return [SymptomKind::Trips, 'c1', SymptomWhen::WithLoad];
    }

    public static function hidden(): array
    {
        return [['kind' => 'series_arc', 'at' => ['cable' => 'w-r2']]];
    }
}
