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

final readonly class CorrectEverywhere extends WrittenCase
{
    public static function title(): string
    {
        return '"Correct" everywhere, and it trips';
    }

    public static function kind(): CaseKind
    {
        return CaseKind::NeutralGround;
    }

    public static function sketch(): Sketch
    {
        return Houses::counter()
            ->plugged('a1', 'Mixer', 'k2', 420.0, ApplianceClass::Motor, on: false)
            ->plugged('a2', 'Phone charger', 'k3', 10.0, ApplianceClass::Charger);
    }

    protected static function words(): string
    {
        return 'Your colleague put his tester into every outlet while it was in, and they all said correct. Then it went, '
            . 'and it goes each time.';
    }

    protected static function about(): array
    {
        return [SymptomKind::Trips, 'k1', SymptomWhen::AtOnce];
    }

    public static function hidden(): array
    {
        return [['kind' => 'neutral_ground', 'at' => ['point' => 'k4'], 'ohms' => 0.4]];
    }
}
