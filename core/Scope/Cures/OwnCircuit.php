<?php

declare(strict_types=1);

namespace Bouclier\Core\Scope\Cures;

use Bouclier\Core\House\BreakerType;
use Bouclier\Core\House\Cable;
use Bouclier\Core\House\CableEnd;
use Bouclier\Core\House\CableOrigin;
use Bouclier\Core\House\Circuit;
use Bouclier\Core\House\FreeId;
use Bouclier\Core\House\House;
use Bouclier\Core\House\Land;
use Bouclier\Core\House\Landing;
use Bouclier\Core\House\Point;
use Bouclier\Core\Plan\BreakerWays;
use Bouclier\Core\Plan\Item;
use Bouclier\Core\Plan\Task;
use Bouclier\Core\Scope\Ailment;
use Bouclier\Core\Scope\Cure;
use Bouclier\Core\Scope\Remedy;
use Bouclier\Core\Scope\Step;
use Bouclier\Core\Scope\UsualFeet;

/** Outlets that share a circuit with what they may not, or that draw too much from it, get one of their own. */
final class OwnCircuit implements Cure
{
    private const USUAL_AMPS = 20.0;

    public static function cures(): array
    {
        return [
            'bathroom_circuit_shared', 'countertop_circuit_shared', 'laundry_circuit_shared', 'garage_circuit_shared',
            'small_appliance_shared', 'hydromassage_shared', 'bathroom_circuit_15a', 'countertop_circuit_15a', 'laundry_circuit_15a',
            'garage_circuit_15a', 'ten_amp_circuit', 'overloaded', 'device_under_load', 'alarm_on_protection', 'receptacle_mismatch',
            'critical_shared', 'critical_keep_off', 'critical_own_device', 'alone_shared', 'voltage_drop',
        ];
    }

    public static function ways(Ailment $of): iterable
    {
        $circuit = $of->circuit();
        if ($circuit === null) {
            return;
        }
        $named = $of->points();
        $ids = array_map(fn(Point $point): string => $point->id, $named);
        $others = array_values(array_filter(
            $of->feeds->pointsOn($circuit),
            fn(Point $point): bool => $point->isOutlet() && ! in_array($point->id, $ids, true),
        ));
        $choices = $of->finding->id === 'overloaded' ? array_map(fn(Point $one): array => [$one], $named) : [$named, $others];
        foreach ($choices as $outlets) {
            foreach ($outlets === [] ? [] : BreakerWays::madeFor($circuit) as $breaker) {
                foreach (array_unique([max(self::USUAL_AMPS, $circuit->amps), $circuit->amps]) as $amps) {
                    yield self::moved($of->house, $circuit, $outlets, $breaker, $amps);
                }
            }
        }
    }

    /** @param list<Point> $outlets */
    private static function moved(House $house, Circuit $from, array $outlets, BreakerType $breaker, float $amps): Remedy
    {
        $new = new Circuit(
            id: FreeId::in($house, 'new-circuit'),
            panel: $from->panel,
            slot: 'new',
            label: $outlets[0]->name ?? '',
            amps: $amps,
            volts: $from->volts,
            poles: $from->poles,
            breaker: $breaker,
            selfTest: $breaker->isProtective() ? true : null,
        );
        $steps = [Step::atCircuit($new->id, Task::NewCircuit, Item::breaker($breaker))];
        $then = $house->with(circuits: [...$house->circuits, $new]);
        $before = null;
        foreach ($outlets as $outlet) {
            $feet = $before === null ? UsualFeet::HOME_RUN : UsualFeet::ALONG_A_WALL;
            $then = self::takenOut($then, $outlet)->withPoint($outlet->with(circuit: $new->id));
            $then = $then->with(cables: [...$then->cables, new Cable(
                id: FreeId::in($then, "new-cable-{$outlet->id}"),
                from: $before === null
                    ? new CableOrigin([$new->id])
                    : new CableEnd($before->id, Landing::both($before->device->feedsThrough() ? Land::Load : Land::Line)),
                to: new CableEnd($outlet->id, Landing::both(Land::Line)),
                lengthFt: $feet,
                added: self::marksAdded($house),
            )]);
            $steps[] = Step::atPoint($outlet->id, Task::PullCable, Item::CableFoot, $feet);
            $before = $outlet;
        }

        return new Remedy(
            'A circuit of its own for ' . implode(', ', array_map(fn(Point $one): string => $one->code, $outlets)) . '.',
            $steps,
            $then,
        );
    }

    /** What hung beyond an outlet hangs on what fed it: the cables are joined past it. */
    private static function takenOut(House $house, Point $outlet): House
    {
        $feed = null;
        foreach ($house->cables as $cable) {
            if ($cable->to->point === $outlet->id && $cable->isConnected()) {
                $feed = $cable;
            }
        }
        $cables = [];
        foreach ($house->cables as $cable) {
            if ($cable->id === $feed?->id) {
                continue;
            }
            if ($feed !== null && $cable->fromPoint() === $outlet->id && $cable->isConnected()) {
                $cable = $cable->with(
                    from: $feed->from,
                    lengthFt: $cable->lengthFt === null || $feed->lengthFt === null ? null : $cable->lengthFt + $feed->lengthFt,
                );
            }
            $cables[] = $cable;
        }

        return $house->with(cables: $cables);
    }

    /** Whether cables are told apart by what was added; where none is, the new ones are not marked either. */
    private static function marksAdded(House $house): ?bool
    {
        return array_filter($house->cables, fn(Cable $cable): bool => $cable->added === true) === [] ? null : true;
    }
}
