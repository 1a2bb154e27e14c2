<?php

declare(strict_types=1);

namespace Bouclier\Sheets;

use Bouclier\Core\Change\HouseDifference;
use Bouclier\Core\House\House;
use Bouclier\Core\Scope\Adding\AddingOutlet;
use Bouclier\Core\Scope\Adding\Tap;
use Bouclier\Core\Scope\Adding\WantedOutlet;
use Bouclier\Core\Scope\Adding\Way;

/**
 * An outlet that is wanted: from which boxes it may be fed, what that takes, and why not from the others.
 *
 * @phpstan-import-type DraftChangeSent from PlanSheet
 * @phpstan-type FeedOffer array{
 *     // Null for a circuit of its own.
 *     point: string|null,
 *     code: string,
 *     name: string,
 *     // The breaker it hangs on, as it is called.
 *     circuit: string|null,
 *     way: value-of<Way>,
 *     wayName: string,
 *     ft: float,
 *     refused: list<string>,
 *     notes: list<string>,
 *     cut: list<string>,
 *     // What is done at the outlet and on its run.
 *     text: string,
 *     minutes: float,
 *     cost: float,
 *     outlet: string,
 *     patches: list<DraftChangeSent>,
 * }
 * @phpstan-type AddingPage array{taps: list<FeedOffer>}
 */
final class AddingSheet
{
    /** @return AddingPage */
    public static function of(House $house, WantedOutlet $wanted): array
    {
        return ['taps' => array_map(
            fn(Tap $tap): array => self::tap($tap, $house),
            (new AddingOutlet($house, $wanted))->taps(),
        )];
    }

    /** @return FeedOffer */
    private static function tap(Tap $tap, House $house): array
    {
        return [
            'point' => $tap->box?->id,
            'code' => $tap->box->code ?? 'panel',
            'name' => $tap->box->name ?? 'A circuit of its own',
            'circuit' => $tap->circuit === null || $tap->box === null ? null : "{$tap->circuit->slot} {$tap->circuit->label}",
            'way' => $tap->way->value,
            'wayName' => $tap->way->label(),
            'ft' => $tap->ft,
            'refused' => $tap->refused,
            'notes' => $tap->notes,
            'cut' => $tap->cut,
            'text' => $tap->text,
            'minutes' => $tap->bill->minutes(),
            'cost' => $tap->bill->cost(),
            'outlet' => $tap->house->point($tap->outlet)->code,
            'patches' => PlanSheet::sent(HouseDifference::between($house, $tap->house)),
        ];
    }
}
