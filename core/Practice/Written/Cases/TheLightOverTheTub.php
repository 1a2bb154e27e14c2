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

final readonly class TheLightOverTheTub extends WrittenCase
{
    public static function title(): string
    {
        return 'What has the light to do with it';
    }

    public static function kind(): CaseKind
    {
        return CaseKind::LeakInBox;
    }

    public static function sketch(): Sketch
    {
        return Houses::bathWithLight()
            ->plugged('a1', 'Hair dryer', 'b2', 1200.0, ApplianceClass::HeatingElement, on: false);
    }

    protected static function words(): string
    {
        return 'The dryer trips it, I thought. But it goes with no dryer too, and mostly after a long shower.';
    }

    protected static function about(): array
    {
        return [SymptomKind::Trips, 'b1', SymptomWhen::AtOnce];
    }

    public static function hidden(): array
    {
        return [['kind' => 'leak', 'at' => ['point' => 'b3'], 'ohms' => 7000.0]];
    }
}
