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

final readonly class TwoHeatersOneBreaker extends WrittenCase
{
    public static function title(): string
    {
        return 'Two heaters and a cold snap';
    }

    public static function kind(): CaseKind
    {
        return CaseKind::Overload;
    }

    public static function sketch(): Sketch
    {
        return Houses::bedrooms(BreakerType::Standard)
            ->plugged('a1', 'Heater', 'r3', 1500.0, ApplianceClass::HeatingElement)
            ->plugged('a2', 'Second heater', 'l1', 1400.0, ApplianceClass::HeatingElement)
            ->plugged('a3', 'Television', 'l1', 150.0, ApplianceClass::Electronic);
    }

    protected static function words(): string
    {
        return 'It has been so cold. After half an hour it goes dark in the bedroom and the living room; I wait, push the '
            . 'breaker, and it works again.';
    }

    protected static function about(): array
    {
        return [SymptomKind::Trips, 'c1', SymptomWhen::WithLoad];
    }
}
