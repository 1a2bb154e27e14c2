<?php

declare(strict_types=1);

namespace Bouclier\Core\Plan;

use Bouclier\Core\House\AtStake;
use Bouclier\Core\House\House;
use Bouclier\Core\House\Point;
use Bouclier\Core\House\PointKind;
use Bouclier\Core\House\Serves;

/** What a plan means to who lives with it: where one walks to reset, what goes dark, and how it differs from another. */
final class PlanWords
{
    /** In a sentence, beside the cheapest. */
    public static function said(Plan|Blocked $plan, Plan|Blocked $cheapest, House $house): string
    {
        if ($plan instanceof Blocked) {
            $codes = array_map(fn(Obstacle $one): string => $one->point->code, array_slice($plan->by, 0, 3));
            $more = count($plan->by) - count($codes);
            $left = implode(', ', $codes) . ($more > 0 ? " and $more more" : '');

            return $plan->allBut === null
                ? "Not to be had: what is at $left stands in the way."
                : "All but $left, which cannot be protected so. " . self::said($plan->allBut, $cheapest, $house);
        }
        $more = $cheapest instanceof Plan ? $plan->cost() - $cheapest->cost() : 0.0;
        $boxes = $plan->boxes();

        return ucfirst(implode(', ', array_filter([
            $more > 0.0 ? self::money($more) . ' more' : null,
            $boxes === 0 ? 'nothing opened in the rooms' : self::counted($boxes, 'box', 'boxes') . ' opened',
            $plan->walks === 0 ? 'nobody walks to reset' : self::counted($plan->walks, 'outlet', 'outlets') . ' reset in another room',
        ]))) . '. ' . self::where($plan, $house);
    }

    /** Rooms in which something is reset. */
    public static function where(Plan $plan, House $house): string
    {
        $rooms = [];
        foreach ($plan->zones as $zone) {
            $area = $zone->by instanceof Point ? $zone->by->area : $house->panel($zone->by->panel)->area;
            $rooms[] = $area === null ? 'at the panel' : $house->area($area)->name;
        }
        $rooms = array_values(array_unique($rooms));

        return $rooms === [] ? 'Nothing there to reset.' : 'You reset in: ' . implode(', ', $rooms) . '.';
    }

    /** @return list<string> what goes dark with a zone and matters: lights, cold stores, pumps, alarms */
    public static function goesDark(PlannedZone $zone, House $house): array
    {
        $dark = [];
        foreach ($zone->covers as $point) {
            $serves = $point->serves();
            if ($point->kind === PointKind::Light) {
                $dark[] = "light {$point->code}";
            } elseif (AtStake::at($serves) !== null || in_array($serves, [Serves::SmokeAlarm, Serves::Security], true)) {
                $dark[] = mb_strtolower($serves->label()) . " {$point->code}";
            }
        }
        foreach ($house->appliances as $appliance) {
            $at = array_filter($zone->covers, fn(Point $point): bool => $point->id === $appliance->at);
            if ($at !== [] && AtStake::at(reset($at)->serves()) === null && AtStake::of($house, $appliance) !== null) {
                $dark[] = mb_strtolower($appliance->name) . ' ' . reset($at)->code;
            }
        }

        return $dark;
    }

    public static function money(float $sum): string
    {
        return number_format($sum, 2, '.', ',');
    }

    private static function counted(int $count, string $one, string $many): string
    {
        return "$count " . ($count === 1 ? $one : $many);
    }
}
