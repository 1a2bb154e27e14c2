<?php

declare(strict_types=1);

namespace Bouclier\Sheets;

use Bouclier\Core\House\Entries\LampsRead;
use Bouclier\Core\House\Entries\MeterReading;
use Bouclier\Core\House\Half;
use Bouclier\Core\House\House;
use Bouclier\Core\Network\Lamps;
use Bouclier\Core\Network\SweepReading;
use Bouclier\Core\Network\SweepVolts;

/**
 * The last tester reading of each half of each outlet, with what it means and what it cannot show.
 *
 * @phpstan-type LampsLit array{hn: bool, hg: bool, ng: bool}
 * @phpstan-type TesterReading array{
 *     half: value-of<Half>|null,
 *     lamps: LampsLit,
 *     volts: float|null,
 *     // What the volts say beside the supply; null when there is nothing to say.
 *     voltsSay: string|null,
 *     at: string|null,
 *     who: string|null,
 *     means: string,
 *     cannotShow: string|null,
 *     isCorrect: bool,
 * }
 */
final class SweepSheet
{
    /** @return array<list<TesterReading>> by point id */
    public static function of(House $house): array
    {
        $last = [];
        foreach ($house->entries->all(MeterReading::class) as $reading) {
            if ($reading->point !== null && $reading->lamps !== null) {
                $last[$reading->point][$reading->half->value ?? ''] = self::shown($reading, $reading->lamps, $house);
            }
        }

        return array_map(array_values(...), $last);
    }

    /** @return TesterReading */
    private static function shown(MeterReading $reading, LampsRead $read, House $house): array
    {
        $lamps = new Lamps($read->hn, $read->hg, $read->ng);
        $said = SweepReading::of($lamps);

        return [
            'half' => $reading->half?->value,
            'lamps' => ['hn' => $lamps->hn, 'hg' => $lamps->hg, 'ng' => $lamps->ng],
            'volts' => $reading->volts,
            'voltsSay' => $reading->volts === null ? null : SweepVolts::say($reading->volts, $house->supplyVolts()),
            'at' => $reading->atTime,
            'who' => $reading->who,
            'means' => $said->means,
            'cannotShow' => $said->cannotShow,
            'isCorrect' => $said->isCorrect,
        ];
    }
}
