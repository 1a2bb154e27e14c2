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

final readonly class DeadBasin extends WrittenCase
{
    public static function title(): string
    {
        return 'The basin is dead';
    }

    public static function kind(): CaseKind
    {
        return CaseKind::UpstreamTripped;
    }

    public static function sketch(): Sketch
    {
        return Houses::oneButtonForThreeRooms()
            ->plugged('a1', 'Chest freezer', 'g2', 140.0, ApplianceClass::Refrigeration)
            ->plugged('a2', 'Razor', 'b1', 15.0, ApplianceClass::Charger, on: false);
    }

    protected static function words(): string
    {
        return 'The outlet at the basin in the bath is dead. There is no button on it, and no breaker is off. My razor is '
            . 'fine, it runs in the hall.';
    }

    protected static function about(): array
    {
        return [SymptomKind::Dead, 'b1', SymptomWhen::Unknown];
    }

    public static function standsOpen(): array
    {
        return ['g1'];
    }
}
