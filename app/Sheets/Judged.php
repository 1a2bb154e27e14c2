<?php

declare(strict_types=1);

namespace App\Sheets;

use App\Models\House;
use Bouclier\Core\Diagnose\Priors;
use Bouclier\Core\House\House as CoreHouse;
use Bouclier\Core\House\LeakageLibrary;

/** A house as its crew judges it: with what the crew has found appliances to leak. Never stored so. */
final class Judged
{
    /** How often the crew finds each cause. */
    public static function priors(House $row): Priors
    {
        return Priors::standard()->with($row->crew()->first()->priors ?? [], now()->format('Y-m-d'));
    }

    public static function by(House $row, CoreHouse $house): CoreHouse
    {
        return (new LeakageLibrary($row->crew()->first()->leakage ?? []))->applied($house);
    }
}
