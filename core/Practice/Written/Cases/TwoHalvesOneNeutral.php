<?php

declare(strict_types=1);

namespace Bouclier\Core\Practice\Written\Cases;

use Bouclier\Core\House\SymptomKind;
use Bouclier\Core\House\SymptomWhen;
use Bouclier\Core\Practice\CaseKind;
use Bouclier\Core\Practice\Sketch;
use Bouclier\Core\Practice\Written\Houses;
use Bouclier\Core\Practice\Written\WrittenCase;

final readonly class TwoHalvesOneNeutral extends WrittenCase
{
    public static function title(): string
    {
        return 'Toast or coffee, never both';
    }

    public static function kind(): CaseKind
    {
        return CaseKind::SharedNeutral;
    }

    public static function sketch(): Sketch
    {
        return Houses::onePoleEach();
    }

    protected static function words(): string
    {
        return 'We had new breakers put in, the ones that protect you. Since then it is toast or coffee: whoever comes '
            . 'second puts the other one out.';
    }

    protected static function about(): array
    {
        return [SymptomKind::Trips, 'c1', SymptomWhen::WithLoad];
    }
}
