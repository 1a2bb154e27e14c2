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

final readonly class WarmPlateInTheParlor extends WrittenCase
{
    public static function title(): string
    {
        return 'The plate is warm';
    }

    public static function kind(): CaseKind
    {
        return CaseKind::HighResistance;
    }

    public static function sketch(): Sketch
    {
        return Houses::old()
            ->plugged('a1', 'Heater', 'p1', 900.0, ApplianceClass::HeatingElement)
            ->plugged('a2', 'Floor lamp', 'p2', 60.0, ApplianceClass::Lighting);
    }

    protected static function words(): string
    {
        return 'The bay gives up when the heater at the piano is on: the lamp there only glows. The plate is warm. My '
            . 'aunt says that is the winter.';
    }

    protected static function about(): array
    {
        return [SymptomKind::Dead, 'p2', SymptomWhen::Unknown];
    }

    public static function hidden(): array
    {
        return [['kind' => 'high_resistance', 'at' => ['cable' => 'w-p1'], 'conductor' => 'hot', 'ohms' => 12.0]];
    }
}
