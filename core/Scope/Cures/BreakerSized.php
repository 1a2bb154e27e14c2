<?php

declare(strict_types=1);

namespace Bouclier\Core\Scope\Cures;

use Bouclier\Core\CodeBook\Ampacity;
use Bouclier\Core\House\Circuit;
use Bouclier\Core\House\House;
use Bouclier\Core\Plan\Item;
use Bouclier\Core\Plan\Task;
use Bouclier\Core\Scope\Ailment;
use Bouclier\Core\Scope\Cure;
use Bouclier\Core\Scope\Remedy;
use Bouclier\Core\Scope\Step;

/** A breaker of the size the wire takes, or the place wants. */
final class BreakerSized implements Cure
{
    private const SIZES = [10.0, 15.0, 20.0, 25.0, 30.0, 40.0, 50.0, 60.0, 70.0, 80.0, 90.0, 100.0];

    public static function cures(): array
    {
        return [
            'conductor_under_breaker', 'bathroom_circuit_15a', 'countertop_circuit_15a', 'laundry_circuit_15a', 'garage_circuit_15a',
            'ten_amp_circuit', 'overloaded',
        ];
    }

    public static function ways(Ailment $of): iterable
    {
        $circuit = $of->circuit();
        if ($circuit === null) {
            return;
        }
        $gauges = array_map($of->feeds->awg(...), $of->feeds->cablesOn($circuit));
        $carries = $gauges === [] ? $circuit->amps : Ampacity::mostAmps(max($gauges), at75C: false);
        foreach (self::SIZES as $amps) {
            if ($amps !== $circuit->amps && $amps <= $carries) {
                yield self::sized($of->house, $circuit, $amps);
            }
        }
    }

    public static function sized(House $house, Circuit $circuit, float $amps): Remedy
    {
        return new Remedy(
            "A breaker of $amps A at {$circuit->slot} {$circuit->label}.",
            [Step::atCircuit($circuit->id, Task::Breaker, Item::breaker($circuit->breaker()))],
            $house->withCircuit($circuit->with(amps: $amps)),
        );
    }
}
