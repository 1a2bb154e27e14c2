<?php

declare(strict_types=1);

namespace Bouclier\Core\Scope\Cures;

use Bouclier\Core\House\BreakerType;
use Bouclier\Core\House\Device;
use Bouclier\Core\House\House;
use Bouclier\Core\House\Point;
use Bouclier\Core\Plan\BreakerWays;
use Bouclier\Core\Plan\Item;
use Bouclier\Core\Plan\Task;
use Bouclier\Core\Scope\Ailment;
use Bouclier\Core\Scope\Cure;
use Bouclier\Core\Scope\Remedy;
use Bouclier\Core\Scope\Step;

/** Protection put straight where it is wanted: a breaker for the circuit, or a device at each outlet that has none. */
final class MoreProtection implements Cure
{
    public static function cures(): array
    {
        return ['afci_first_outlet_unmet', 'room_partly_protected'];
    }

    public static function ways(Ailment $of): iterable
    {
        $circuit = $of->circuit();
        if ($of->finding->id === 'room_partly_protected') {
            yield self::devices($of->house, $of->points());
        } elseif ($circuit !== null && $of->house->otherHalf($circuit) === null && $circuit->breaker() !== BreakerType::Fuse) {
            foreach (BreakerWays::madeFor($circuit) as $type) {
                if ($type->givesAfci()) {
                    yield new Remedy(
                        "{$type->label()} at {$circuit->slot} {$circuit->label}.",
                        [Step::atCircuit($circuit->id, Task::Breaker, Item::breaker($type))],
                        $of->house->withCircuit($circuit->withNewBreaker($type)),
                    );
                }
            }
        }
    }

    /** @param list<Point> $bare */
    private static function devices(House $house, array $bare): Remedy
    {
        $steps = $codes = [];
        foreach ($bare as $point) {
            $new = $point->withNewDevice($point->device->givesAfci() ? Device::Dual : Device::Gfci)->with(tr: true);
            if ($new->isDeviceMade()) {
                $house = $house->withPoint($new);
                $steps[] = Step::exchanged($new);
                $codes[] = $new->code;
            }
        }

        return new Remedy('A GFCI receptacle at each of ' . implode(', ', $codes) . '.', $steps, $house);
    }
}
