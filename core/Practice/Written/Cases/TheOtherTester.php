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

final readonly class TheOtherTester extends WrittenCase
{
    public static function title(): string
    {
        return 'The other tester said no';
    }

    public static function kind(): CaseKind
    {
        return CaseKind::Bootleg;
    }

    public static function sketch(): Sketch
    {
        return Houses::old()
            ->plugged('a1', 'Floor lamp', 'p2', 60.0, ApplianceClass::Lighting);
    }

    protected static function words(): string
    {
        return 'The agent\'s tester lights up fine at the piano, but pressing its button does nothing. The buyer wants it '
            . 'looked at.';
    }

    protected static function about(): array
    {
        return [SymptomKind::WillNotTrip, 'p1', SymptomWhen::Unknown];
    }

    public static function hidden(): array
    {
        return [['kind' => 'bootleg', 'at' => ['point' => 'p1']]];
    }
}
