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

final readonly class NoClickAtTheBasin extends WrittenCase
{
    public static function title(): string
    {
        return 'No click at the basin';
    }

    public static function kind(): CaseKind
    {
        return CaseKind::DeadDevice;
    }

    public static function sketch(): Sketch
    {
        return Houses::bathWithLight()
            ->plugged('a1', 'Hair dryer', 'b2', 1200.0, ApplianceClass::HeatingElement, on: false);
    }

    protected static function words(): string
    {
        return 'The button in the bath does not click any more, in or out. Everything in there is dead, the light too.';
    }

    protected static function about(): array
    {
        return [SymptomKind::WillNotReset, 'b1', SymptomWhen::Unknown];
    }

    public static function hidden(): array
    {
        return [['kind' => 'dead_device', 'at' => ['point' => 'b1']]];
    }
}
