<?php

declare(strict_types=1);

namespace Bouclier\Core\Scope\Cures;

use Bouclier\Core\CodeBook\Ampacity;
use Bouclier\Core\Feed\Gauge;
use Bouclier\Core\House\Cable;
use Bouclier\Core\House\House;
use Bouclier\Core\Plan\Item;
use Bouclier\Core\Plan\Task;
use Bouclier\Core\Scope\Ailment;
use Bouclier\Core\Scope\Cure;
use Bouclier\Core\Scope\Remedy;
use Bouclier\Core\Scope\Step;
use Bouclier\Core\Scope\UsualFeet;

/** A cable heavy enough for its breaker, for a larger one, or for the length of the run. */
final class HeavierCable implements Cure
{
    private const WANTED_AMPS = 20.0;

    public static function cures(): array
    {
        return [
            'conductor_under_breaker', 'voltage_drop', 'bathroom_circuit_15a', 'countertop_circuit_15a', 'laundry_circuit_15a',
            'garage_circuit_15a', 'ten_amp_circuit',
        ];
    }

    public static function ways(Ailment $of): iterable
    {
        $circuit = $of->circuit();
        if ($circuit === null) {
            return;
        }
        $id = $of->finding->id;
        if ($id === 'voltage_drop' && $of->point !== null) {
            $run = $of->feeds->runTo($of->point);
            foreach (Gauge::all() as $awg) {
                $thin = array_values(array_filter($run, fn(Cable $one): bool => $of->feeds->awg($one) > $awg));
                yield self::pulled($of->house, $thin, $awg);
            }
        } elseif ($id === 'conductor_under_breaker' && $of->point !== null) {
            $cable = $of->feeds->feed($of->point)->cable;
            yield self::pulled($of->house, $cable === null ? [] : [$cable], self::gauge($circuit->amps));
        } else {
            $awg = self::gauge(self::WANTED_AMPS);
            $thin = array_values(array_filter($of->feeds->cablesOn($circuit), fn(Cable $one): bool => $of->feeds->awg($one) > $awg));
            $with = self::pulled($of->house, $thin, $awg);
            $sized = BreakerSized::sized($with->house, $circuit, self::WANTED_AMPS);
            yield new Remedy("{$with->text} {$sized->text}", [...$with->steps, ...$sized->steps], $sized->house);
        }
    }

    /** The thinnest wire for a breaker, by its table. */
    private static function gauge(float $amps): int
    {
        foreach (Gauge::all() as $awg) {
            if (Ampacity::mostAmps($awg, at75C: false) >= $amps) {
                return $awg;
            }
        }

        return 2;
    }

    /** @param list<Cable> $cables */
    private static function pulled(House $house, array $cables, int $awg): Remedy
    {
        $steps = [];
        foreach ($cables as $cable) {
            $steps[] = Step::atPoint($cable->to->point, Task::PullCable, Item::CableFoot, $cable->lengthFt ?? UsualFeet::BETWEEN_BOXES);
            $house = $house->withCable($cable->with(awg: $awg));
        }
        $codes = implode(', ', array_map(fn(Cable $cable): string => $house->point($cable->to->point)->code, $cables));

        return new Remedy("Cable of $awg AWG to $codes.", $steps, $house);
    }
}
