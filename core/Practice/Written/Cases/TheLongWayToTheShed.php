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

final readonly class TheLongWayToTheShed extends WrittenCase
{
    public static function title(): string
    {
        return 'All in order, and it will not hold';
    }

    public static function kind(): CaseKind
    {
        return CaseKind::LongCable;
    }

    public static function sketch(): Sketch
    {
        return Houses::garden(2000.0)
            ->plugged('a1', 'Pond pump', 'o2', 90.0, ApplianceClass::WaterHandling, leaks: [0.1, 0.1], measured: true);
    }

    protected static function words(): string
    {
        return 'It is all new, right round the orchard, and all of it passed. The breaker goes all the same, with '
            . 'everything on and with nothing on.';
    }

    protected static function about(): array
    {
        return [SymptomKind::Trips, 'c1', SymptomWhen::AtOnce];
    }
}
