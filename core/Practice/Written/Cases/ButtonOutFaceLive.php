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

final readonly class ButtonOutFaceLive extends WrittenCase
{
    public static function title(): string
    {
        return 'Button out, and the kettle still boils';
    }

    public static function kind(): CaseKind
    {
        return CaseKind::ReversedLineLoad;
    }

    public static function sketch(): Sketch
    {
        return Houses::counter()
            ->plugged('a1', 'Kettle', 'k1', 1400.0, ApplianceClass::HeatingElement, on: false);
    }

    protected static function words(): string
    {
        return 'I changed the one with the buttons myself on Saturday, it had yellowed. Press test, it clicks, and the '
            . 'kettle on it goes on boiling.';
    }

    protected static function about(): array
    {
        return [SymptomKind::WillNotTrip, 'k1', SymptomWhen::Unknown];
    }

    public static function hidden(): array
    {
        return [['kind' => 'reversed_line_load', 'at' => ['point' => 'k1']]];
    }
}
