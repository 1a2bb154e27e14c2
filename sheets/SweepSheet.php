<?php

declare(strict_types=1);

namespace Bouclier\Sheets;

use Bouclier\Core\House\House;
use Bouclier\Core\Network\Lamps;
use Bouclier\Core\Records\Records;
use Bouclier\Core\Survey\SweepReading;
use Bouclier\Core\Survey\SweepVolts;

/** The last tester reading of each half of each outlet, with what it means and what it cannot show. */
final class SweepSheet
{
    /** @return array<list<array<string, mixed>>> by point id */
    public static function of(House $house): array
    {
        $last = [];
        foreach (Records::of($house, 'readings') as $reading) {
            $lamps = $reading->lamps ?? null;
            if (is_string($reading->point ?? null) && $lamps instanceof \stdClass) {
                $last[$reading->point][$reading->half ?? ''] = self::shown($reading, $lamps, $house);
            }
        }

        return array_map(array_values(...), $last);
    }

    /** @return array<string, mixed> */
    private static function shown(\stdClass $reading, House $house): array
    {
        $lamps = new Lamps($reading->lamps->hn === true, $reading->lamps->hg === true, $reading->lamps->ng === true);
        $said = SweepReading::of($lamps);

        return [
            'half' => $reading->half ?? null,
            'lamps' => ['hn' => $lamps->hn, 'hg' => $lamps->hg, 'ng' => $lamps->ng],
            'volts' => $reading->volts ?? null,
            'voltsSay' => self::volts($reading, $house),
            'at' => $reading->at_time ?? null,
            'who' => $reading->who ?? null,
            'means' => $said->means,
            'cannotShow' => $said->cannotShow,
            'isCorrect' => $said->isCorrect,
        ];
    }

    private static function volts(\stdClass $reading, House $house): ?string
    {
        return is_numeric($reading->volts ?? null) ? SweepVolts::say((float) $reading->volts, $house->supplyVolts()) : null;
    }
}
