<?php

declare(strict_types=1);

namespace Bouclier\Core\Exchange;

use Bouclier\Core\House\Point;
use Bouclier\Core\Plan\Blocked;
use Bouclier\Core\Plan\Item;
use Bouclier\Core\Plan\Obstacle;
use Bouclier\Core\Plan\Plan;
use Bouclier\Core\Plan\PlannedZone;
use Bouclier\Core\Plan\WhyPlanned;

/** A plan as the answer of `bouclier plan`. */
final class PlanWriter
{
    /** @return array<string, mixed> */
    public static function toData(Plan|Blocked $plan): array
    {
        return $plan instanceof Plan ? self::plan($plan) : [
            'feasible' => false,
            'strategy' => $plan->strategy->value,
            'blocked_by' => array_map(fn(Obstacle $one): array => ['point' => $one->point->id, 'why' => $one->why], $plan->by),
        ];
    }

    /** @return array<string, mixed> */
    private static function plan(Plan $plan): array
    {
        $landings = array_map(fn(bool $isOnLoad): string => $isOnLoad ? 'load' : 'line', $plan->onLoad);

        return [
            'feasible' => true,
            'strategy' => $plan->strategy->value,
            'cost' => $plan->cost(),
            'breakers' => (object) array_map(fn($type): string => $type->value, $plan->breakers),
            'devices' => (object) array_map(fn($device): string => $device->value, $plan->devices),
            'landings' => (object) $landings,
            'parts' => array_map(
                fn(string $item, int $count): array => [
                    'item' => $item,
                    'count' => $count,
                    'each' => $plan->prices->price(Item::from($item)),
                ],
                array_keys($plan->parts),
                array_values($plan->parts),
            ),
            'minutes' => $plan->minutes(),
            'minutes_at_panel' => $plan->minutesAtThePanel(),
            'walks' => $plan->walks,
            'zones' => array_map(fn(PlannedZone $zone): array => self::zone($zone, $plan), $plan->zones),
            'why' => WhyPlanned::sentences($plan),
        ];
    }

    /** @return array<string, mixed> */
    private static function zone(PlannedZone $zone, Plan $plan): array
    {
        $nuisance = $zone->nuisance();

        return [
            'by' => $zone->by->id,
            'covers' => array_map(fn(Point $point): string => $point->id, $zone->covers),
            'leakage_ma' => round($nuisance->ma, 3),
            'budget_ma' => $plan->budgetMa,
            'margin_ma' => round($nuisance->marginMa, 3),
            'trips_by_itself' => round($nuisance->chance, 4),
        ];
    }
}
