<?php

declare(strict_types=1);

namespace Bouclier\Core\Live;

use Bouclier\Core\House\Entries\DeadProof;
use Bouclier\Core\House\Entries\VoltReading;
use Bouclier\Core\House\Point;

/** What a proof has to have read, and what speaks against it. */
final class ProofObjections
{
    /** Share of the supply from which on a reading is line voltage. */
    public const LINE_VOLTAGE = 0.8;

    /**
     * Whether it was read in all of these places of a point.
     *
     * @param list<ToRead> $places
     */
    public static function covers(DeadProof $proof, string $point, array $places): bool
    {
        foreach ($places as $place) {
            $read = array_filter($proof->dead, fn(VoltReading $read): bool => $read->point === $point && $place->is($read));
            if ($read === []) {
                return false;
            }
        }

        return true;
    }

    /**
     * Why a proof proves nothing of a point, if so.
     *
     * @param list<ToRead> $places where the meter has to be held at the point
     * @param float $supplyVolts leg to neutral
     *
     * @return list<string>
     */
    public static function of(DeadProof $proof, Point $point, array $places, float $supplyVolts): array
    {
        $why = [];
        $reference = array_filter($places, fn(ToRead $place): bool => $place->between->isReference()) !== [];
        foreach ([['before', $proof->knownLiveBefore], ['after', $proof->knownLiveAfter]] as [$when, $known]) {
            if ($known === null) {
                $why[] = "The meter was not held on a known live point $when: one that has failed reads zero everywhere";
            } elseif ($known->volts < self::LINE_VOLTAGE * $supplyVolts) {
                $why[] = self::volts($known->volts)
                    . " on the known live point $when is not line voltage: the meter or the point is not good for a proof";
            } elseif ($reference && $known->between?->isReference() !== true) {
                $why[] = "The reference lead was not held on a known live point $when: one that is not grounded reads zero everywhere";
            }
        }
        foreach ($places as $place) {
            $read = array_values(
                array_filter($proof->dead, fn(VoltReading $read): bool => $read->point === $point->id && $place->is($read)),
            )[0] ?? null;
            if ($read === null) {
                $why[] = "{$point->code} was not read at " . $place->spoken();
            } elseif ($read->volts >= $proof->limitVolts()) {
                $induced = $read->volts < 60.0 && $read->lowZ !== true
                    ? '. On a high-impedance meter that may be induced: read it again at low impedance'
                    : '';
                $limit = self::volts($proof->limitVolts());
                $why[] = self::volts($read->volts) . " at {$point->code}, {$place->spoken()}: not below $limit, so not dead$induced";
            }
        }

        return $why;
    }

    private static function volts(float $volts): string
    {
        return rtrim(rtrim(number_format($volts, 1, '.', ''), '0'), '.') . ' V';
    }
}
