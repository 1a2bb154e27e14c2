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

final readonly class BorrowedInTheDining extends WrittenCase
{
    public static function title(): string
    {
        return 'The lamp that trips the kitchen';
    }

    public static function kind(): CaseKind
    {
        return CaseKind::BorrowedNeutral;
    }

    public static function sketch(): Sketch
    {
        return Houses::counter()
            ->plugged('a1', 'Kettle', 'k3', 1300.0, ApplianceClass::HeatingElement)
            ->plugged('a2', 'Dining lamp', 'd2', 60.0, ApplianceClass::Lighting);
    }

    protected static function words(): string
    {
        return 'There was a dead neutral and the handyman found one that worked. Since then the counter trips, and nobody '
            . 'can say when.';
    }

    protected static function about(): array
    {
        return [SymptomKind::Trips, 'k1', SymptomWhen::AtOnce];
    }

    public static function hidden(): array
    {
        return [['kind' => 'borrowed_neutral', 'at' => ['point' => 'k3'], 'lender' => ['point' => 'd1']]];
    }
}
