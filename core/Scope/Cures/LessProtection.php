<?php

declare(strict_types=1);

namespace Bouclier\Core\Scope\Cures;

use Bouclier\Core\Feed\Guard;
use Bouclier\Core\House\BreakerType;
use Bouclier\Core\House\Circuit;
use Bouclier\Core\House\Device;
use Bouclier\Core\House\House;
use Bouclier\Core\House\Point;
use Bouclier\Core\House\Protection;
use Bouclier\Core\Plan\BreakerWays;
use Bouclier\Core\Plan\Item;
use Bouclier\Core\Plan\Task;
use Bouclier\Core\Scope\Ailment;
use Bouclier\Core\Scope\Cure;
use Bouclier\Core\Scope\Remedy;
use Bouclier\Core\Scope\Step;

/** A device or breaker that protects where it should not gives way to a plain one, or one of both functions to one of one. */
final class LessProtection implements Cure
{
    public static function cures(): array
    {
        return [
            'redundant_gfci', 'not_accessible', 'afci_box_crowded', 'shared_neutral_protection', 'alone_shared', 'critical_shared',
            'critical_keep_off', 'critical_own_device', 'alarm_on_protection', 'leakage_over_budget',
        ];
    }

    public static function ways(Ailment $of): iterable
    {
        foreach (self::protecting($of) as $by) {
            if ($by instanceof Circuit) {
                foreach (self::lesserBreakers($by) as $less) {
                    yield self::breaker($of->house, $by, $less);
                }
            } else {
                foreach ([$by->withoutProtection(), ...self::lesserDevices($by)] as $less) {
                    yield self::exchanged($of->house, $less);
                }
            }
        }
    }

    /** @return array<Point|Circuit> what protects there, by id; a device that is there though it protects nothing as it is wired too */
    private static function protecting(Ailment $of): array
    {
        $point = $of->point;
        if ($point === null) {
            return array_filter([$of->circuit()]);
        }
        $by = $point->device->feedsThrough() ? [$point] : [];
        foreach ([Protection::Gfci, Protection::Afci] as $function) {
            array_push($by, ...array_map(fn(Guard $guard): Point|Circuit => $guard->by, $of->feeds->guards($point, $function)));
        }

        return array_column($by, null, 'id');
    }

    /** @return list<BreakerType> a fuse cannot change */
    private static function lesserBreakers(Circuit $circuit): array
    {
        return array_values(array_filter(BreakerWays::madeFor($circuit), fn(BreakerType $type): bool => match ($circuit->breaker()) {
            BreakerType::Dual => $type !== BreakerType::Dual,
            BreakerType::Gfci, BreakerType::Afci => $type === BreakerType::Standard,
            default => false,
        }));
    }

    /** @return list<Point> */
    private static function lesserDevices(Point $point): array
    {
        return $point->isReceptacle() && $point->device === Device::Dual
            ? array_map(fn(Device $less): Point => $point->withNewDevice($less)->with(tr: true), [Device::Gfci, Device::Afci])
            : [];
    }

    private static function exchanged(House $house, Point $new): Remedy
    {
        return new Remedy(
            $new->isReceptacle()
                ? Item::receptacle($new)->label() . " at {$new->code} in place of the one that is there."
                : "No device at {$new->code}: its pairs joined.",
            [Step::exchanged($new)],
            $house->withPoint($new),
        );
    }

    private static function breaker(House $house, Circuit $circuit, BreakerType $less): Remedy
    {
        $other = $house->onOneBreaker($circuit);
        $both = $other === null ? [$circuit] : [$circuit, $other];
        $slots = implode(' and ', array_map(fn(Circuit $one): string => $one->slot, $both));

        return new Remedy(
            "{$less->label()} at $slots {$circuit->label} in place of the one that is there.",
            $other !== null && $less->isProtective()
                ? [Step::atCircuit($circuit->id, Task::Breaker, Item::twoPole($less))]
                : array_map(fn(Circuit $one): Step => Step::atCircuit($one->id, Task::Breaker, Item::breaker($less)), $both),
            array_reduce($both, fn(House $then, Circuit $one): House => $then->withCircuit($one->withNewBreaker($less)), $house),
        );
    }
}
