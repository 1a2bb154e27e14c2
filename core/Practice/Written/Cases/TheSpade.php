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

final readonly class TheSpade extends WrittenCase
{
    public static function title(): string
    {
        return 'Where he planted the pear';
    }

    public static function kind(): CaseKind
    {
        return CaseKind::LeakInCable;
    }

    public static function sketch(): Sketch
    {
        return Houses::garden()
            ->plugged('a1', 'Pond pump', 'o2', 90.0, ApplianceClass::WaterHandling)
            ->plugged('a2', 'Battery charger', 's1', 40.0, ApplianceClass::Charger, on: false);
    }

    protected static function words(): string
    {
        return 'He planted a pear on the way to the shed. The tree is fine. The breaker for the garden is not.';
    }

    protected static function about(): array
    {
        return [SymptomKind::Trips, 'c1', SymptomWhen::AtOnce];
    }

    public static function hidden(): array
    {
        return [['kind' => 'leak', 'at' => ['cable' => 'w-s1'], 'ohms' => 4000.0]];
    }
}
