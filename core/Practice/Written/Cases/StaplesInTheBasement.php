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

final readonly class StaplesInTheBasement extends WrittenCase
{
    public static function title(): string
    {
        return 'Since the shelves went up';
    }

    public static function kind(): CaseKind
    {
        return CaseKind::NeutralGround;
    }

    public static function sketch(): Sketch
    {
        return Houses::basement()
            ->plugged('a1', 'Sump pump', 'x4', 500.0, ApplianceClass::WaterHandling, on: false)
            ->plugged('a2', 'Freezer', 'x3', 120.0, ApplianceClass::Refrigeration, on: false);
    }

    protected static function words(): string
    {
        return 'Since the shelves are screwed to the wall the button at the stairs will not stay in for long. It never '
            . 'used to do that.';
    }

    protected static function about(): array
    {
        return [SymptomKind::Trips, 'x1', SymptomWhen::AtOnce];
    }

    public static function hidden(): array
    {
        return [['kind' => 'neutral_ground', 'at' => ['cable' => 'w-x3'], 'ohms' => 0.8]];
    }
}
