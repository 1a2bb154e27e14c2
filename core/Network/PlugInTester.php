<?php

declare(strict_types=1);

namespace Bouclier\Core\Network;

/**
 * A plug-in tester in one outlet, solved: three lamps of 100 kohm between the slots, a lamp lit at 80 V or more, 100 Mohm from each slot to the
 * reference. A slot is held at its wire's voltage, or floats; a load plugged in beside the tester ties the two blades together.
 */
final class PlugInTester
{
    public const LAMP_OHMS = 100e3;

    public const LIT_VOLTS = 80.0;

    private const STRAY_OHMS = 100e6;

    private const LOAD_OHMS = 144.0;

    /**
     * @param array{float|null, float|null, float|null} $volts what holds the hot slot, the neutral slot and the ground hole; null floats
     * @param bool $loaded whether something that is on is plugged in on the same blades
     */
    public static function lamps(array $volts, bool $loaded = false): Lamps
    {
        $conductance = [
            [0.0, 1 / self::LAMP_OHMS + ($loaded ? 1 / self::LOAD_OHMS : 0.0), 1 / self::LAMP_OHMS],
            [1 / self::LAMP_OHMS + ($loaded ? 1 / self::LOAD_OHMS : 0.0), 0.0, 1 / self::LAMP_OHMS],
            [1 / self::LAMP_OHMS, 1 / self::LAMP_OHMS, 0.0],
        ];
        $solved = array_map(fn(?float $held): float => $held ?? 0.0, $volts);
        // Gauss-Seidel: three nodes, diagonally dominant, settles long before this many rounds.
        for ($round = 0; $round < 400; ++$round) {
            foreach ($volts as $node => $held) {
                if ($held !== null) {
                    continue;
                }
                $sum = 0.0;
                $total = 1 / self::STRAY_OHMS;
                foreach ($conductance[$node] as $other => $siemens) {
                    $sum += $siemens * $solved[$other];
                    $total += $siemens;
                }
                $solved[$node] = $sum / $total;
            }
        }
        $lit = fn(int $a, int $b): bool => abs($solved[$a] - $solved[$b]) >= self::LIT_VOLTS;

        return new Lamps($lit(0, 1), $lit(0, 2), $lit(1, 2));
    }
}
