<?php

declare(strict_types=1);

namespace App\Persistence;

use App\Models\House;
use App\Support\Asking;
use Bouclier\Core\Diagnose\Priors;
use Bouclier\Core\House\House as CoreHouse;
use Bouclier\Core\House\LeakageLibrary;

/**
 * A house as its crew judges it, with what the crew has found appliances to leak, and as who looks at it wants it said. Never stored so.
 */
final class Judged
{
    /** How often the crew finds each cause. */
    public static function priors(House $row): Priors
    {
        return Priors::standard()->with(self::priorsSaid($row), now()->format('Y-m-d'));
    }

    /** @return array<string, float> the numbers the crew has put in the place of ours */
    public static function priorsSaid(House $row): array
    {
        return $row->crew->priors ?? [];
    }

    public static function by(House $row, CoreHouse $house): CoreHouse
    {
        $judged = (new LeakageLibrary(self::leakage($row)))->applied($house);

        return $judged->with(code: $judged->code->shownIn(Asking::lengthUnit()));
    }

    /** @return array<string, list<float>> what the crew has found each class of appliances to leak */
    public static function leakage(House $row): array
    {
        return $row->crew->leakage ?? [];
    }
}
