<?php

declare(strict_types=1);

namespace Bouclier\Core\Plan;

use Bouclier\Core\House\Point;

/** A plan in sentences: what each device is for, and what changes. */
final class WhyPlanned
{
    /** @return list<string> */
    public static function sentences(Plan $plan): array
    {
        $said = [];
        foreach ($plan->zones as $zone) {
            $by = $zone->by instanceof Point ? $zone->by->code : "Breaker {$zone->by->slot} {$zone->by->label}";
            $said[] = sprintf(
                '%s protects %s: %.2f of %s mA.',
                $by,
                implode(', ', array_map(fn(Point $point): string => $point->code, $zone->covers)),
                $zone->stretch->milliamperes(),
                $plan->budgetMa,
            );
        }

        return $said;
    }
}
