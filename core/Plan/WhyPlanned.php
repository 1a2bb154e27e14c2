<?php

declare(strict_types=1);

namespace Bouclier\Core\Plan;

use Bouclier\Core\House\Circuit;
use Bouclier\Core\House\Point;

/** A plan in sentences: what changes, and what each device then protects. */
final class WhyPlanned
{
    /** @return list<string> */
    public static function sentences(Plan $plan): array
    {
        return [
            ...self::changed($plan),
            ...array_map(fn(PlannedZone $zone): string => sprintf(
                '%s protects %s: %.2f of %s mA.',
                self::named($zone->by),
                self::codes($zone->covers),
                $zone->stretch->milliamperes(),
                $plan->budgetMa,
            ), $plan->zones),
        ];
    }

    /** What changes, in one line. */
    public static function changes(Plan $plan): string
    {
        return implode(' ', self::changed($plan));
    }

    /** @return list<string> */
    public static function changed(Plan $plan): array
    {
        $said = [];
        foreach ($plan->choices as $choice) {
            foreach ($choice->poles as $circuits) {
                if ($choice->isChanged($circuits[0])) {
                    $type = $choice->types[$circuits[0]->id];
                    $slots = implode(' and ', array_map(fn(Circuit $circuit): string => $circuit->slot, $circuits));
                    $said[] = "{$type->label()} at $slots {$circuits[0]->label}.";
                }
            }
        }
        foreach ($plan->picks as $pick) {
            $onLoad = array_map(fn(Branch $branch): Point => $branch->to->point, array_filter($pick->onLoad, self::isDrawn(...)));
            $ends = match (true) {
                ! $pick->device->feedsThrough() => '',
                $onLoad === [] => ', nothing on LOAD',
                default => ', ' . self::codes($onLoad) . ' on LOAD',
            };
            if ($pick->isSwapped()) {
                $said[] = "{$pick->device->label()} at {$pick->stop->point->code}$ends.";
            } elseif ($pick->isRelanded) {
                $said[] = "{$pick->stop->point->code} landed otherwise$ends.";
            }
        }

        return $said;
    }

    private static function isDrawn(Branch $branch): bool
    {
        return $branch->cable !== null;
    }

    private static function named(Point|Circuit $by): string
    {
        return $by instanceof Point ? $by->code : "Breaker {$by->slot} {$by->label}";
    }

    /** @param array<Point> $points */
    private static function codes(array $points): string
    {
        return implode(', ', array_map(fn(Point $point): string => $point->code, $points));
    }
}
