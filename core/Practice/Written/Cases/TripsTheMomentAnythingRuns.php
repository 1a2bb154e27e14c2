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

final readonly class TripsTheMomentAnythingRuns extends WrittenCase
{
    public static function title(): string
    {
        return 'It trips the moment anything runs';
    }

    public static function kind(): CaseKind
    {
        return CaseKind::SplitPair;
    }

    public static function sketch(): Sketch
    {
        return Houses::counter()
            ->plugged('a1', 'Toaster', 'k2', 850.0, ApplianceClass::HeatingElement, on: false)
            ->plugged('a2', 'Radio', 'k4', 12.0, ApplianceClass::Electronic, on: false);
    }

    protected static function words(): string
    {
        return 'Since the tiler had the outlets out it goes whenever I run anything to the right of the sink. With '
            . 'nothing on it stays in all day.';
    }

    protected static function about(): array
    {
        return [SymptomKind::Trips, 'k1', SymptomWhen::WithLoad];
    }

    public static function hidden(): array
    {
        return [['kind' => 'land', 'at' => ['cable' => 'w-k2', 'end' => 'from'], 'hot' => 'load', 'neutral' => 'line']];
    }
}
