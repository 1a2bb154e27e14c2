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

final readonly class HalfTheBasement extends WrittenCase
{
    public static function title(): string
    {
        return 'The freezer and the button do not get on';
    }

    public static function kind(): CaseKind
    {
        return CaseKind::SplitPair;
    }

    public static function sketch(): Sketch
    {
        return Houses::basement()
            ->plugged('a1', 'Freezer', 'x3', 160.0, ApplianceClass::Refrigeration, on: false)
            ->plugged('a2', 'Fan', 'x2', 60.0, ApplianceClass::Motor, on: false);
    }

    protected static function words(): string
    {
        return 'A man moved the shelves and one outlet with them. Now the freezer kicks the button at the stairs out as '
            . 'soon as it starts.';
    }

    protected static function about(): array
    {
        return [SymptomKind::Trips, 'x1', SymptomWhen::WithLoad];
    }

    public static function hidden(): array
    {
        return [['kind' => 'land', 'at' => ['cable' => 'w-x2', 'end' => 'from'], 'hot' => 'line', 'neutral' => 'load']];
    }
}
