<?php

declare(strict_types=1);

namespace Bouclier\Sheets;

use Bouclier\Core\Feed\FeedMap;
use Bouclier\Core\House\Circuit;
use Bouclier\Core\House\Entries\RoundStep;
use Bouclier\Core\House\Half;
use Bouclier\Core\House\House;
use Bouclier\Core\House\Point;
use Bouclier\Core\Live\Asker;
use Bouclier\Core\Live\LiveState;
use Bouclier\Core\Live\OpenBoxes;
use Bouclier\Core\Live\OpenedBox;
use Bouclier\Core\Prove\Proof;
use Bouclier\Core\Prove\RoundWords;
use Bouclier\Core\Prove\TestRound;
use Bouclier\Core\Prove\ToSee;

/**
 * The round of tests after the work: one question after the other, those of a room together where they are routine.
 *
 * @phpstan-import-type LampsLit from SweepSheet
 * @phpstan-type BeyondShown array{id: string, code: string, name: string}
 * @phpstan-type RoundStepShown array{
 *     key: string,
 *     step: value-of<RoundStep>,
 *     label: string,
 *     // A point or a circuit, and how it is spoken of.
 *     at: string,
 *     point: string|null,
 *     spoken: string,
 *     name: string,
 *     half: value-of<Half>|null,
 *     do: string,
 *     expects: string,
 *     means: string,
 *     why: string|null,
 *     lamps: LampsLit|null,
 *     volts: float|null,
 *     limitMs: float|null,
 *     // What a TEST must make dead, itself among it.
 *     dead: list<BeyondShown>,
 *     state: value-of<Proof>,
 *     said: string|null,
 * }
 * @phpstan-type RoundGroup array{
 *     key: string,
 *     // Of a room.
 *     title: string,
 *     // All of it may be seen as it should be with one tap.
 *     routine: bool,
 *     steps: list<RoundStepShown>,
 * }
 * @phpstan-type RoundPage array{
 *     groups: list<RoundGroup>,
 *     left: int,
 *     failed: int,
 *     of: int,
 *     // What stands in the way: breakers that are off, boxes that stand open.
 *     off: list<array{id: string, spoken: string}>,
 *     open: list<array{id: string, code: string}>,
 *     // Testing before the box is closed, step by step: live work. Empty where no box is open, or nobody who may do it asks.
 *     beforeClosing: list<string>,
 *     // What may hold until something is mended.
 *     interims: list<string>,
 * }
 */
final readonly class RoundSheet
{
    private const INTERIMS = ['left off', 'capped', 'left in use'];

    private const BEFORE_CLOSING = [
        'Live work, and only where the box could not be closed first: eye protection, rated gloves, one hand, nobody beside you.',
        'The device hangs free of box and metal, every bare end capped; nobody touches it.',
        'Breaker on. Test as below: by the faces and the buttons alone.',
        'Breaker off again, locked, and proved dead here.',
        'Then fold the wires and close the box.',
    ];

    private RoundWords $words;

    private function __construct(House $house)
    {
        $this->words = new RoundWords($house);
    }

    /** @return RoundPage */
    public static function of(House $house, Asker $asker): array
    {
        $sheet = new self($house);
        $steps = TestRound::of($house);
        $feeds = new FeedMap($house);
        $live = new LiveState($house, $feeds, $asker);
        $circuits = $points = [];
        foreach ($steps as $step) {
            $circuit = $step->at instanceof Circuit ? $step->at : $feeds->feed($step->at)->circuit;
            $circuits += $circuit === null ? [] : [$circuit->id => $circuit];
            $points += $step->at instanceof Point ? [$step->at->id => $step->at] : [];
        }
        $open = array_values(array_filter(OpenBoxes::in($house), fn(OpenedBox $box): bool => isset($points[$box->point->id])));

        return [
            'groups' => $sheet->groups($house, $steps),
            ...TestRound::standing($steps),
            'off' => array_map(
                fn(Circuit $one): array => ['id' => $one->id, 'spoken' => "{$one->slot} {$one->label}"],
                array_values(array_filter($circuits, $live->isOff(...))),
            ),
            'open' => array_map(fn(OpenedBox $box): array => ['id' => $box->point->id, 'code' => $box->point->code], $open),
            'beforeClosing' => $open === [] || ! $live->offersLiveWork() ? [] : self::BEFORE_CLOSING,
            'interims' => self::INTERIMS,
        ];
    }

    /**
     * @param list<ToSee> $steps
     *
     * @return list<RoundGroup>
     */
    private function groups(House $house, array $steps): array
    {
        $groups = [];
        foreach ($steps as $step) {
            $room = $step->isRoutine() && $step->at instanceof Point ? $house->areaOf($step->at) : null;
            $key = $room === null ? $step->key() : "room {$room->id}";
            $groups[$key] ??= [
                'key' => $key,
                'title' => $room === null ? $this->words->at($step) : "{$room->code} {$room->name}",
                'routine' => $room !== null,
                'steps' => [],
            ];
            $groups[$key]['steps'][] = $this->shown($step);
        }

        return array_values($groups);
    }

    /** @return RoundStepShown */
    private function shown(ToSee $step): array
    {
        return [
            'key' => $step->key(),
            'step' => $step->step->value,
            'label' => $step->step->label(),
            'at' => $step->at->id,
            'point' => $step->at instanceof Point ? $step->at->id : null,
            'spoken' => $this->words->at($step),
            'name' => $step->at instanceof Point ? $step->at->name : $step->at->label,
            'half' => $step->half?->value,
            'do' => $this->words->do($step),
            'expects' => $this->words->expects($step),
            'means' => $this->words->means($step),
            'why' => $step->why,
            'lamps' => $step->lamps === null ? null : ['hn' => $step->lamps->hn, 'hg' => $step->lamps->hg, 'ng' => $step->lamps->ng],
            'volts' => $step->volts === null ? null : round($step->volts, 1),
            'limitMs' => $step->limitMs === null ? null : round($step->limitMs),
            'dead' => array_map(
                fn(Point $point): array => ['id' => $point->id, 'code' => $point->code, 'name' => $point->name],
                $step->dead,
            ),
            'state' => $step->state()->value,
            'said' => $step->answer?->text,
        ];
    }
}
