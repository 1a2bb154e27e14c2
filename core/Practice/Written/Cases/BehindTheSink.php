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

final readonly class BehindTheSink extends WrittenCase
{
    public static function title(): string
    {
        return 'Since the leak under the sink';
    }

    public static function kind(): CaseKind
    {
        return CaseKind::LeakInBox;
    }

    public static function sketch(): Sketch
    {
        return Houses::counter()
            ->plugged('a1', 'Coffee maker', 'k2', 900.0, ApplianceClass::HeatingElement, on: false)
            ->plugged('a2', 'Radio', 'k4', 12.0, ApplianceClass::Electronic);
    }

    protected static function words(): string
    {
        return 'Water came down the wall behind the sink. It is dry again, the plumber says. The outlets there do not '
            . 'believe him.';
    }

    protected static function about(): array
    {
        return [SymptomKind::Trips, 'k1', SymptomWhen::AtOnce];
    }

    public static function hidden(): array
    {
        return [['kind' => 'leak', 'at' => ['point' => 'k3'], 'ohms' => 5000.0]];
    }
}
