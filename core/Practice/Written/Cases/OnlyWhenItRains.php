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

final readonly class OnlyWhenItRains extends WrittenCase
{
    public static function title(): string
    {
        return 'Only when it rains from the west';
    }

    public static function kind(): CaseKind
    {
        return CaseKind::ComesAndGoes;
    }

    public static function sketch(): Sketch
    {
        return Houses::garden()
            ->plugged('a1', 'Pond pump', 'o2', 90.0, ApplianceClass::WaterHandling);
    }

    protected static function words(): string
    {
        return 'It only goes when it rains from the west. You have come on a dry day, of course.';
    }

    protected static function about(): array
    {
        return [SymptomKind::Trips, 'c1', SymptomWhen::Wet];
    }

    public static function hidden(): array
    {
        return [['kind' => 'intermittent', 'of' => [['kind' => 'leak', 'at' => ['point' => 'o2'], 'ohms' => 3500.0]], 'chance' => 0.5]];
    }
}
