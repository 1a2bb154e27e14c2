<?php

declare(strict_types=1);

namespace Bouclier\Core\Network;

use Bouclier\Core\House\Conductor;
use Bouclier\Core\House\House;
use Bouclier\Core\House\Spot;

/** Faults that are a resistor between two conductors, and the terminals it lies between. */
final class FaultEnds
{
    /** @return array{int, int}|null null where an appliance is not plugged in or hangs on no cord set */
    public static function of(HouseGrid $grid, House $house, Condition $condition, Spot $at, Resistor $resistor): ?array
    {
        $terminals = self::terminals($grid, $house, $condition, $at);
        $end = fn(Conductor $conductor): int => match ($conductor) {
            Conductor::Hot => 0,
            Conductor::Neutral => 1,
            Conductor::Ground => 2,
        };

        return $terminals === null ? null : [$terminals[$end($resistor->one)], $terminals[$end($resistor->other)]];
    }

    /**
     * @return array{int, int, int}|null hot, neutral and ground there: the slots an appliance is in, the load side of a box, or the far end
     *     of a cable
     */
    private static function terminals(HouseGrid $grid, House $house, Condition $condition, Spot $at): ?array
    {
        $appliance = $at->ofAppliance();
        if ($appliance !== null) {
            $point = $condition->plugged[$appliance] ?? null;
            $hangs = $at->cord === null
                || ($house->findAppliance($appliance)?->extension === true && ($condition->withoutCord[$appliance] ?? false) === false);

            return $point === null || ! $hangs ? null : $grid->faces[$point];
        }
        if ($at->point !== null) {
            [, $hot, , $neutral, $ground] = $grid->boxes[$at->point];

            return [$hot, $neutral, $ground];
        }
        $strands = $grid->cables[$at->cable ?? ''] ?? null;

        // A cable without a ground leaks to the box it ends in.
        return $strands === null
            ? null
            : [
                $strands['hot']->far,
                $strands['neutral']->far,
                ($strands['ground'] ?? null)->far ?? self::boxGround($grid, $house, $at->cable ?? ''),
            ];
    }

    private static function boxGround(HouseGrid $grid, House $house, string $cable): int
    {
        $to = $house->findCable($cable)?->to->point;

        return $to === null ? Grid::REFERENCE : $grid->boxes[$to][4];
    }
}
