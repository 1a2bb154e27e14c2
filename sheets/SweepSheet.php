<?php

declare(strict_types=1);

namespace Bouclier\Sheets;

use Bouclier\Core\CodeBook\Read\LampsAt;
use Bouclier\Core\House\Half;
use Bouclier\Core\House\House;
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
        return array_map(
            fn(array $halves): array => array_map(fn(LampsAt $read): array => self::shown($read, $house), array_values($halves)),
            LampsAt::last($house),
        );
    }

    /** @return TesterReading */
    private static function shown(LampsAt $reading, House $house): array
    {
        $lamps = $reading->lamps;
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
