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

final readonly class TheOrangeCord extends WrittenCase
{
    public static function title(): string
    {
        return 'The compressor or its cord';
    }

    public static function kind(): CaseKind
    {
        return CaseKind::LeakingCord;
    }

    public static function sketch(): Sketch
    {
        return Houses::workshop()
            ->plugged('a1', 'Compressor', 'g2', 650.0, ApplianceClass::Motor, cord: true)
            ->plugged('a2', 'Drill charger', 'g3', 40.0, ApplianceClass::Charger);
    }

    protected static function words(): string
    {
        return 'The compressor trips it. I took it back, they gave me a new one, and the new one trips it too.';
    }

    protected static function about(): array
    {
        return [SymptomKind::Trips, 'g1', SymptomWhen::AtOnce];
    }

    public static function hidden(): array
    {
        return [['kind' => 'leak', 'at' => ['cord' => 'a1'], 'ohms' => 6000.0]];
    }
}
