<?php

declare(strict_types=1);

namespace Bouclier\Core\Practice\Written\Cases;

use Bouclier\Core\House\ApplianceClass;
use Bouclier\Core\House\BreakerType;
use Bouclier\Core\House\SymptomKind;
use Bouclier\Core\House\SymptomWhen;
use Bouclier\Core\Practice\CaseKind;
use Bouclier\Core\Practice\Sketch;
use Bouclier\Core\Practice\Written\Houses;
use Bouclier\Core\Practice\Written\WrittenCase;

final readonly class BangAndDark extends WrittenCase
{
    public static function title(): string
    {
        return 'Bang, and dark';
    }

    public static function kind(): CaseKind
    {
        return CaseKind::Short;
    }

    public static function sketch(): Sketch
    {
        return Houses::bedrooms(BreakerType::Standard)
            ->plugged('a1', 'Lamp', 'r1', 40.0, ApplianceClass::Lighting);
    }

    protected static function words(): string
    {
        return 'I hung a picture over the desk, there was a bang, and the breaker will not go back on.';
    }

    protected static function about(): array
    {
        return [SymptomKind::Trips, 'c1', SymptomWhen::AtOnce];
    }

    public static function hidden(): array
    {
        return [['kind' => 'short', 'at' => ['cable' => 'w-r3'], 'ohms' => 0.2]];
    }
}
