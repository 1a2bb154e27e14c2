<?php

declare(strict_types=1);

namespace Bouclier\Core\Network;

/** A plug-in tester: three lamps of 100 kohm between the slots, a lamp lit at 80 V or more. */
final class PlugInTester
{
    public const LAMP_OHMS = 100e3;

    public const LIT_VOLTS = 80.0;

    private const LOAD_OHMS = 144.0;

    /**
     * In one outlet by itself. A slot is held at its wire's voltage, or floats; a load plugged in beside the tester ties the two blades
     * together.
     *
     * @param array{float|null, float|null, float|null} $volts what holds the hot slot, the neutral slot and the ground hole: line voltage,
     *        0, or null that floats
     * @param bool $loaded whether something that is on is plugged in on the same blades
     */
    public static function lamps(array $volts, bool $loaded = false): Lamps
    {
        $grid = new Grid(max(array_map(floatval(...), $volts)));
        $slots = array_map(function (?float $held) use ($grid): int {
            $slot = $grid->terminal();
            if ($held === null) {
                $grid->resistor($slot, Grid::REFERENCE, GridBuilder::STRAY_OHMS);
            } else {
                $grid->join($slot, $held === 0.0 ? Grid::REFERENCE : Grid::LEG_A);
            }

            return $slot;
        }, $volts);
        if ($loaded) {
            $grid->resistor($slots[0], $slots[1], self::LOAD_OHMS);
        }

        return self::at($grid->solve(), $slots[0], $slots[1], $slots[2]);
    }

    /** Plugged in at the slots of a network. */
    public static function at(Solution $solution, int $hot, int $neutral, int $ground): Lamps
    {
        $siemens = 1.0 / self::LAMP_OHMS;
        $lit = $solution->with($hot, $neutral, $siemens)->with($hot, $ground, $siemens)->with($neutral, $ground, $siemens);
        $sees = fn(int $one, int $other): bool => $lit->between($one, $other) >= self::LIT_VOLTS;

        return new Lamps($sees($hot, $neutral), $sees($hot, $ground), $sees($neutral, $ground));
    }
}
