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

final readonly class TheGroundThatEnds extends WrittenCase
{
    public static function title(): string
    {
        return 'Three holes, two wires';
    }

    public static function kind(): CaseKind
    {
        return CaseKind::OpenGround;
    }

    public static function sketch(): Sketch
    {
        return Houses::old()
            ->plugged('a1', 'Floor lamp', 'p2', 60.0, ApplianceClass::Lighting);
    }

    protected static function words(): string
    {
        return 'The tester says open ground in the parlor. In the living room it does not. All of them have three holes.';
    }

    protected static function about(): array
    {
        return [SymptomKind::ReadsWrong, 'p1', SymptomWhen::Unknown];
    }

    public static function hidden(): array
    {
        return [['kind' => 'open', 'at' => ['cable' => 'w-p1'], 'conductor' => 'ground']];
    }
}
