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

final readonly class HalfAHouseOfHum extends WrittenCase
{
    public static function title(): string
    {
        return 'The lights went out and came back';
    }

    public static function kind(): CaseKind
    {
        return CaseKind::OpenNeutral;
    }

    public static function sketch(): Sketch
    {
        return Houses::bedrooms()
            ->plugged('a1', 'Reading lamp', 'r1', 60.0, ApplianceClass::Lighting)
            ->plugged('a2', 'Television', 'l1', 120.0, ApplianceClass::Electronic);
    }

    protected static function words(): string
    {
        return 'The lamp by the bed works. From the desk on nothing does, and yet the pen that beeps says there is power '
            . 'there.';
    }

    protected static function about(): array
    {
        return [SymptomKind::Dead, 'l1', SymptomWhen::Unknown];
    }

    public static function hidden(): array
    {
        return [['kind' => 'open', 'at' => ['cable' => 'w-r3'], 'conductor' => 'neutral']];
    }
}
