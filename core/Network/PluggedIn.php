<?php

declare(strict_types=1);

namespace Bouclier\Core\Network;

use Bouclier\Core\House\House;

/** What hangs in the slots of the outlets: appliances as loads and leakages, and the button of a tester that is held. */
final class PluggedIn
{
    /** Slots: a load lies from hot to the first, what leaks to the second. */
    public const NEUTRAL = 1;
    public const GROUND = 2;

    /** @return list<array{string, int, float, float}> point, slot it leads to from the hot one, conductance and susceptance in siemens */
    public static function in(House $house, Condition $condition): array
    {
        $branches = [];
        foreach ($house->appliances as $appliance) {
            $at = $condition->plugged[$appliance->id] ?? null;
            if ($at === null) {
                continue;
            }
            $watts = $appliance->watts ?? 0.0;
            if (($condition->running[$appliance->id] ?? false) && $watts > 0.0) {
                $branches[] = [$at, self::NEUTRAL, $appliance->siemens(), 0.0];
            }
            $leakage = $appliance->leaks();
            $g = ($leakage->resistiveMa ?? 0.0) / 1000.0 / 120.0;
            $b = ($leakage->capacitiveMa ?? 0.0) / 1000.0 / 120.0;
            if ($g !== 0.0 || $b !== 0.0) {
                $branches[] = [$at, self::GROUND, $g, $b];
            }
        }
        if ($condition->button !== null) {
            $branches[] = [$condition->button[0], self::GROUND, 1.0 / $condition->button[1], 0.0];
        }

        return $branches;
    }
}
