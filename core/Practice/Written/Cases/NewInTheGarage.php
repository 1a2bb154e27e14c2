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

final readonly class NewInTheGarage extends WrittenCase
{
    public static function title(): string
    {
        return 'New device, same old outlet';
    }

    public static function kind(): CaseKind
    {
        return CaseKind::ReversedLineLoad;
    }

    public static function sketch(): Sketch
    {
        return Houses::workshop()
            ->plugged('a1', 'Table saw', 'g1', 700.0, ApplianceClass::Motor, on: false);
    }

    protected static function words(): string
    {
        return 'My brother-in-law put a new one in at the saw. The inspector pressed its button and shook his head, and '
            . 'then he left.';
    }

    protected static function about(): array
    {
        return [SymptomKind::WillNotTrip, 'g1', SymptomWhen::Unknown];
    }

    public static function hidden(): array
    {
        return [['kind' => 'reversed_line_load', 'at' => ['point' => 'g1']]];
    }
}
