<?php

declare(strict_types=1);

namespace App\Sheets;

use Bouclier\Core\Feed\FeedMap;
use Bouclier\Core\House\Circuit;
use Bouclier\Core\House\House;
use Bouclier\Core\Live\DeadProof;
use Bouclier\Core\Live\LiveState;

/** The live bar: of every breaker whether it is on, off, or off and proved dead, by whom, when and where. */
final class LiveSheet
{
    /** @return list<array<string, mixed>> in the order of the file */
    public static function of(House $house, FeedMap $feeds): array
    {
        $state = new LiveState($house, $feeds);

        return array_map(fn(Circuit $circuit): array => [
            'id' => $circuit->id,
            'slot' => $circuit->slot,
            'label' => $circuit->label,
            'amps' => $circuit->amps,
            'panel' => $house->panel($circuit->panel)->name,
            'off' => $state->isOff($circuit),
            'switchedAt' => $state->lastSwitched($circuit)->at_time ?? null,
            'switchedBy' => $state->lastSwitched($circuit)->who ?? null,
            'proofs' => array_map(fn(DeadProof $proof): array => self::proof($house, $proof), $state->proofsOf($circuit)),
        ], $house->circuits);
    }

    /** @return array<string, mixed> */
    private static function proof(House $house, DeadProof $proof): array
    {
        $points = array_filter($proof->points(), $house->hasPoint(...));

        return ['at' => $proof->at, 'who' => $proof->who, 'limit' => $proof->limitVolts, 'codes' => array_values(array_map(fn(string $id): string => $house->point($id)->code, $points))];
    }
}
