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

final readonly class PorchLights extends WrittenCase
{
    public static function title(): string
    {
        return 'No lights on the porch';
    }

    public static function kind(): CaseKind
    {
        return CaseKind::UpstreamTripped;
    }

    public static function sketch(): Sketch
    {
        return Houses::oneButtonForThreeRooms()
            ->plugged('a1', 'Chest freezer', 'g2', 140.0, ApplianceClass::Refrigeration)
            ->plugged('a2', 'Garland', 'o1', 60.0, ApplianceClass::Lighting);
    }

    protected static function words(): string
    {
        return 'The garland on the porch went out on Sunday and stays out. The freezer in the garage was warm when I '
            . 'looked, so it may be more than the garland.';
    }

    protected static function about(): array
    {
        return [SymptomKind::Dead, 'o1', SymptomWhen::Unknown];
    }

    public static function standsOpen(): array
    {
        return ['g1'];
    }
}
