<?php

declare(strict_types=1);

namespace Bouclier\Sheets;

use Bouclier\Core\Feed\FeedMap;
use Bouclier\Core\House\Circuit;
use Bouclier\Core\House\Entries\DeadProof;
use Bouclier\Core\House\Entries\LockKind;
use Bouclier\Core\House\House;
use Bouclier\Core\House\Panel;
use Bouclier\Core\Live\Asker;
use Bouclier\Core\Live\LiveState;
use Bouclier\Core\Live\Locking;
use Bouclier\Core\Live\PowerOn;

/**
 * The live bar: of every breaker whether it is on or off, at which points that is proved, by whom and when; what power would come to; what
 * is live and should not be.
 *
 * @phpstan-type Lock array{how: value-of<LockKind>, key: string|null}
 * @phpstan-type ProofShown array{
 *     at: string|null,
 *     who: string|null,
 *     limit: float,
 *     helper: bool,
 *     // Older than what this phone last heard of the others: nobody here knows whether it still holds.
 *     unheard: bool,
 *     codes: list<string>,
 * }
 * @phpstan-type Breaker array{
 *     id: string,
 *     slot: string,
 *     label: string,
 *     amps: float,
 *     panel: string,
 *     off: bool,
 *     switchedAt: string|null,
 *     switchedBy: string|null,
 *     lock: Lock|null,
 *     // Open boxes that power would come to, in words.
 *     boxes: list<string>,
 *     // One of them has bare ends apart: turning it on is not offered.
 *     waits: bool,
 *     // Proofs of dead that hold now and rest on it.
 *     proofs: list<ProofShown>,
 * }
 * @phpstan-type Main array{id: string, name: string, off: bool}
 * @phpstan-type Alarm array{loud: bool, text: string, point: string}
 * @phpstan-type LivePage array{
 *     live: list<Breaker>,
 *     mains: list<Main>,
 *     // What is live and should not be: power on a box that is open.
 *     alarms: list<Alarm>,
 * }
 */
final readonly class LiveSheet
{
    private LiveState $state;

    private function __construct(private House $house, FeedMap $feeds, Asker $asker)
    {
        $this->state = new LiveState($house, $feeds, $asker);
    }

    /** @return LivePage */
    public static function of(House $house, Asker $asker): array
    {
        $sheet = new self($house, new FeedMap($house), $asker);

        return [
            'live' => array_map($sheet->breaker(...), $house->circuits),
            'mains' => array_map(
                fn(Panel $panel): array => [
                    'id' => $panel->id,
                    'name' => $panel->name,
                    'off' => $sheet->state->switchings->isMainOff($panel->id),
                ],
                $house->panels,
            ),
            'alarms' => PowerOn::alarms($house, $sheet->state),
        ];
    }

    /** @return Breaker */
    private function breaker(Circuit $circuit): array
    {
        $last = $this->state->switchings->last($circuit);
        $power = $this->state->isOff($circuit) ? PowerOn::to($this->house, $this->state, [$circuit]) : null;

        return [
            'id' => $circuit->id,
            'slot' => $circuit->slot,
            'label' => $circuit->label,
            'amps' => $circuit->amps,
            'panel' => $this->house->panel($circuit->panel)->name,
            'off' => $this->state->isOff($circuit),
            'switchedAt' => $last?->atTime,
            'switchedBy' => $last?->who,
            'lock' => Locking::of($this->house, $circuit, $this->state->switchings),
            'boxes' => $power?->spoken() ?? [],
            'waits' => $power !== null && ! $power->mayBeOffered(),
            'proofs' => array_map($this->proof(...), $this->state->proofsOf($circuit)),
        ];
    }

    /** @return ProofShown */
    private function proof(DeadProof $proof): array
    {
        $points = array_filter($proof->points(), $this->house->hasPoint(...));

        return [
            'at' => $proof->atTime,
            'who' => $proof->who,
            'limit' => $proof->limitVolts(),
            'helper' => $proof->helper !== null,
            'unheard' => $this->state->isUnheard($proof),
            'codes' => array_values(array_map(fn(string $id): string => $this->house->point($id)->code, $points)),
        ];
    }
}
