<?php

declare(strict_types=1);

namespace Bouclier\Core\Live;

use Bouclier\Core\Feed\FeedMap;
use Bouclier\Core\House\Circuit;
use Bouclier\Core\House\House;
use Bouclier\Core\House\Point;
use Bouclier\Core\Records\Records;

/** Proofs of dead made and ended, as `records.proofs` of the house file. */
final class Proving
{
    public const LIST = 'proofs';

    /**
     * Files a proof at a point. It rests on the breakers of that point, or, while those are not known, on every breaker that is off.
     *
     * @param list<VoltReading> $dead
     *
     * @throws NotProved
     */
    public static function proved(House $house, Point $point, ?VoltReading $liveBefore, array $dead, ?VoltReading $liveAfter, string $who, string $at): House
    {
        $state = new LiveState($house, new FeedMap($house));
        $breakers = $state->breakersOf($point);
        $off = array_values(array_filter($house->circuits, $state->isOff(...)));
        $objections = array_map(
            fn(Circuit $circuit): string => "breaker {$circuit->slot} {$circuit->label} is not off",
            array_values(array_filter($breakers, fn(Circuit $circuit): bool => ! $state->isOff($circuit))),
        );
        $rests = $breakers === [] ? $off : $breakers;
        if ($rests === []) {
            $objections[] = 'no breaker is off';
        }
        $proof = new DeadProof(array_map(fn(Circuit $circuit): string => $circuit->id, $rests), $dead, $liveBefore, $liveAfter, at: $at, who: $who);
        $objections = [...$objections, ...$proof->objections($point->id, $point->code, ToRead::at($house, $point), $house->supplyVolts())];

        return $objections === [] ? Records::added($house, self::LIST, $proof->toData()) : throw new NotProved($objections);
    }

    /** @param list<string> $circuits any of which ends a proof that rests on it */
    public static function withdrawn(House $house, array $circuits, string $at, string $why): House
    {
        $proofs = array_map(function (\stdClass $data) use ($circuits, $at, $why): \stdClass {
            $proof = DeadProof::fromData($data);

            return $proof->withdrawnAt !== null || array_intersect($proof->circuits, $circuits) === []
                ? $data
                : (object) [...get_object_vars($data), 'withdrawn_at' => $at, 'withdrawn_why' => $why];
        }, Records::of($house, self::LIST));

        return $proofs === [] ? $house : Records::with($house, self::LIST, $proofs);
    }
}
