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

final readonly class NoClickInTheGarage extends WrittenCase
{
    public static function title(): string
    {
        return 'No click, and a dark green lamp';
    }

    public static function kind(): CaseKind
    {
        return CaseKind::OpenHot;
    }

    public static function sketch(): Sketch
    {
        return Houses::workshop()
            ->plugged('a1', 'Drill charger', 'g3', 40.0, ApplianceClass::Charger);
    }

    protected static function words(): string
    {
        return 'I bought a new one for the garage because it would not reset, and the new one will not either. Two cannot '
            . 'be bad, can they?';
    }

    protected static function about(): array
    {
        return [SymptomKind::Dead, 'g1', SymptomWhen::Unknown];
    }

    public static function hidden(): array
    {
        return [['kind' => 'open', 'at' => ['cable' => 'w-g1'], 'conductor' => 'hot']];
    }
}
