<?php

declare(strict_types=1);

namespace Bouclier\Core\Scope\Cures;

use Bouclier\Core\House\Device;
use Bouclier\Core\House\House;
use Bouclier\Core\House\Point;
use Bouclier\Core\Plan\Applied;
use Bouclier\Core\Plan\Strategy;
use Bouclier\Core\Plan\WhyPlanned;
use Bouclier\Core\Scope\Ailment;
use Bouclier\Core\Scope\Cure;
use Bouclier\Core\Scope\Rearranged;
use Bouclier\Core\Scope\Remedy;
use Bouclier\Core\Scope\Step;

/** Protection that does not stand as it should is arranged anew, as cheaply as can be: what is protected as asked stays so. */
final class Replanned implements Cure
{
    public static function cures(): array
    {
        return [
            'redundant_gfci', 'alone_shared', 'critical_shared', 'critical_own_device', 'critical_keep_off', 'leakage_over_budget',
            'alarm_on_protection', 'shared_neutral_protection', 'room_partly_protected', 'afci_first_outlet_unmet', 'afci_box_crowded',
            'not_accessible', 'lights_beyond_load', 'device_not_made', 'reversed_line_load',
        ];
    }

    public static function ways(Ailment $of): iterable
    {
        $house = self::hinted($of);
        foreach (Strategy::cases() as $strategy) {
            $plan = Rearranged::around($house, $of->concerns(), self::asked($of), $strategy);
            if ($plan !== null && ($plan->parts !== [] || $plan->tasks !== [])) {
                yield new Remedy(WhyPlanned::changes($plan), Step::ofPlan($plan), (new Applied($of->house, $plan))->house());
            }
        }
    }

    /** @return list<string> outlets that are to have what is asked there, whether they have it now or not */
    private static function asked(Ailment $of): array
    {
        $circuit = $of->circuit();

        return $of->finding->id === 'afci_first_outlet_unmet' && $circuit !== null
            ? array_map(fn(Point $point): string => $point->id, $of->feeds->pointsOn($circuit))
            : $of->concerns();
    }

    /** The house as the plan has to see it: what is to be alone is, and what may hold no protective device holds none. */
    private static function hinted(Ailment $of): House
    {
        $point = $of->point;
        if ($point === null) {
            return $of->house;
        }

        return match ($of->finding->id) {
            'critical_shared', 'critical_own_device', 'critical_keep_off', 'lights_beyond_load' => $of->house->withPoint(
                $point->with(alone: true),
            ),
            'afci_box_crowded' => $of->house->withPoint($point->with(accessible: false)),
            'device_not_made' => $of->house->withPoint($point->with(accessible: false, device: Device::Gfci)),
            default => $of->house,
        };
    }
}
