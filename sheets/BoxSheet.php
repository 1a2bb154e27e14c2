<?php

declare(strict_types=1);

namespace Bouclier\Sheets;

use Bouclier\Core\Box\BoxTap;
use Bouclier\Core\Box\BoxTaps;
use Bouclier\Core\Box\OpenBox;
use Bouclier\Core\Box\PairInBox;
use Bouclier\Core\Box\PairQuestion;
use Bouclier\Core\Box\Relanding;
use Bouclier\Core\Box\Tag;
use Bouclier\Core\Box\UndrawnPair;
use Bouclier\Core\Change\BoxRest;
use Bouclier\Core\Exchange\PartForm;
use Bouclier\Core\Feed\AsFound;
use Bouclier\Core\Feed\BoxFill;
use Bouclier\Core\Feed\FeedMap;
use Bouclier\Core\Feed\Observed\BoxChecks;
use Bouclier\Core\Feed\Observed\BoxOpened;
use Bouclier\Core\Feed\Observed\Codes;
use Bouclier\Core\Feed\Observed\PairNotes;
use Bouclier\Core\Feed\Observed\PairRead;
use Bouclier\Core\House\Between;
use Bouclier\Core\House\BoxCheck;
use Bouclier\Core\House\BoxState;
use Bouclier\Core\House\Cable;
use Bouclier\Core\House\Circuit;
use Bouclier\Core\House\Entries\DeadProof;
use Bouclier\Core\House\Entries\Note;
use Bouclier\Core\House\Entries\PairNoted;
use Bouclier\Core\House\Entries\Photo;
use Bouclier\Core\House\Half;
use Bouclier\Core\House\House;
use Bouclier\Core\House\Land;
use Bouclier\Core\House\Landing;
use Bouclier\Core\House\PairMeans;
use Bouclier\Core\House\Point;
use Bouclier\Core\House\ProofWay;
use Bouclier\Core\House\Terminals;
use Bouclier\Core\House\WiringMethod;
use Bouclier\Core\Live\Asker;
use Bouclier\Core\Live\LiveState;
use Bouclier\Core\Live\Locking;
use Bouclier\Core\Live\OpenBoxes;
use Bouclier\Core\Live\ToRead;

/**
 * One opened box: what comes in, what each pair measured, where it lands, what happens downstream if it lands elsewhere, and what is still
 * to be looked at.
 *
 * @phpstan-import-type Lock from LiveSheet
 * @phpstan-import-type Backs from BackSheet
 * @phpstan-type Hands array{allowed: bool, why: string}
 * @phpstan-type BoxBreaker array{id: string, spoken: string, off: bool, lock: Lock|null}
 * @phpstan-type Place array{
 *     half: value-of<Half>|null,
 *     pair: string|null,
 *     terminals: value-of<Terminals>|null,
 *     between: value-of<Between>,
 *     spoken: string,
 * }
 * @phpstan-type Way array{
 *     way: value-of<ProofWay>,
 *     label: string,
 *     // It takes a grounded lead from outside.
 *     reference: bool,
 *     // Why readings would prove nothing now; null where they would.
 *     nothing: string|null,
 *     toRead: list<Place>,
 * }
 * @phpstan-type RelandingShown array{
 *     land: value-of<Land>,
 *     label: string,
 *     isNow: bool,
 *     gains: list<string>,
 *     loses: list<string>,
 *     dark: list<string>,
 *     leakageMa: float|null,
 * }
 * @phpstan-type PairCable array{
 *     id: string,
 *     end: 'from'|'to',
 *     // What happens downstream with it landed on each side.
 *     if: list<RelandingShown>,
 * }
 * @phpstan-type CableSeen array{
 *     ft: float|null,
 *     awg: int|null,
 *     method: value-of<WiringMethod>|null,
 *     strapFt: float|null,
 *     hot: string|null,
 *     neutral: string|null,
 *     mark: string|null,
 * }
 * @phpstan-type PairAsked array{ask: string, answers: list<array{say: string, feed: bool, means: string}>}
 * @phpstan-type Pair array{
 *     // Its letter since the box was opened.
 *     name: string|null,
 *     // Where its wires sat on the device that came out.
 *     sat: array{hot: value-of<Land>|null, neutral: value-of<Land>|null},
 *     // Where no cable of it is drawn: what happens with it landed on each side, in words.
 *     undrawn: list<array{land: value-of<Land>, label: string, says: string}>,
 *     // By the means.
 *     asks: ById<PairAsked>,
 *     isFeed: bool|null,
 *     reads: list<array{live: bool, by: string, spoken: string, proof: bool}>,
 *     // What to write on its jacket.
 *     tag: string|null,
 *     landing: array{hot: value-of<Land>, neutral: value-of<Land>}|null,
 *     cable: PairCable|null,
 *     // Of its cable, drawn or not; null where there is neither a cable nor a letter to note it by.
 *     seen: CableSeen|null,
 * }
 * @phpstan-type Checked array{id: value-of<BoxCheck>, label: string, ok: bool|null, who: string|null, at: string|null}
 * @phpstan-type Recorded array{id: string, text: string|null, at: string|null, who: string|null}
 * @phpstan-type PhotoShown array{id: string, text: string|null, at: string|null, who: string|null, file: string}
 * @phpstan-type TapShown array{
 *     // Of the box in the house file.
 *     field: string,
 *     ask: string,
 *     // `well` is null where it is neither.
 *     choices: list<array{label: string, value: mixed, well: bool|null, now: bool}>,
 *     // As it was noted, where that is none of them.
 *     said: string|null,
 * }
 * @phpstan-type BoxPage array{
 *     point: string,
 *     feedsThrough: bool,
 *     handsOn: Hands,
 *     // Whether work on live parts may be offered to who looks.
 *     liveWork: bool,
 *     breakers: list<BoxBreaker>,
 *     // Halves with a reading of their own; a null for the whole.
 *     halves: list<value-of<Half>|null>,
 *     grounded: bool,
 *     // What shows that it was live before its breaker went off, in words.
 *     seenLive: string|null,
 *     ways: list<Way>,
 *     limitVolts: float,
 *     // After which a proof is made again.
 *     holdsHours: int,
 *     // How far the box is taken apart; null while it was never opened, or is made up.
 *     state: value-of<BoxState>|null,
 *     states: list<array{value: value-of<BoxState>, label: string}>,
 *     // Pairs counted when it was opened.
 *     opened: int|null,
 *     pairs: list<Pair>,
 *     means: list<array{value: value-of<PairMeans>, label: string, proof: bool, live: bool}>,
 *     backs: Backs,
 *     // What the old landing said and the meter did not.
 *     asFound: string|null,
 *     volume: array{has: float|null, needs: float|null},
 *     // How a cable may be run.
 *     methods: list<array{value: value-of<WiringMethod>, label: string}>,
 *     // The box as it is found, in the order of the hand.
 *     taps: list<TapShown>,
 *     checks: list<Checked>,
 *     // So many of all these nobody has noted yet, and may be well.
 *     rest: int,
 *     photos: list<PhotoShown>,
 *     notes: list<Recorded>,
 * }
 */
final readonly class BoxSheet
{
    private FeedMap $feeds;

    private LiveState $live;

    private function __construct(
        private House $house,
        private Point $point,
        Asker $asker,
    ) {
        $this->feeds = new FeedMap($house);
        $this->live = new LiveState($house, $this->feeds, $asker);
    }

    /** @return BoxPage */
    public static function of(House $house, Point $point, Asker $asker): array
    {
        $sheet = new self($house, $point, $asker);
        $hands = $sheet->live->handsOn($point);
        $pairs = (new OpenBox($house, $sheet->feeds, $point))->pairs();

        return [
            'point' => $point->id,
            'feedsThrough' => $point->device->feedsThrough(),
            'handsOn' => ['allowed' => $hands->allowed, 'why' => $hands->why],
            'liveWork' => $sheet->live->offersLiveWork(),
            'breakers' => array_map($sheet->breaker(...), $sheet->live->breakersOf($point)),
            'halves' => array_map(fn(?Half $half): ?string => $half?->value, ToRead::halves($point)),
            'grounded' => $point->ground()->isThere(),
            'seenLive' => $sheet->seenLive(),
            'ways' => array_map($sheet->way(...), $sheet->ways()),
            'limitVolts' => DeadProof::LIMIT_VOLTS,
            'holdsHours' => DeadProof::HOLDS_HOURS,
            'state' => (OpenBoxes::in($house)[$point->id] ?? null)?->state->value,
            'states' => array_map(fn(BoxState $state): array => ['value' => $state->value, 'label' => $state->label()], BoxState::cases()),
            'opened' => BoxOpened::pairsAt($house, $point->id),
            'pairs' => array_map($sheet->pair(...), $pairs),
            'backs' => BackSheet::of($house, $sheet->feeds, $point, $pairs),
            'means' => array_map(
                fn(PairMeans $by): array => [
                    'value' => $by->value,
                    'label' => $by->label(),
                    'proof' => $by->isProof(),
                    'live' => $by->isRead(),
                ],
                PairMeans::cases(),
            ),
            'asFound' => self::asFound($house, $point),
            'volume' => [
                'has' => $point->box?->volumeIn3,
                'needs' => $house->code->edition->isNec() ? BoxFill::neededIn3($sheet->feeds, $point, $house->code->edition) : null,
            ],
            'methods' => array_map(
                fn(WiringMethod $one): array => ['value' => $one->value, 'label' => $one->label()],
                WiringMethod::cases(),
            ),
            'taps' => array_map($sheet->tap(...), BoxTaps::of($point, $house->code->unit())),
            'checks' => array_map($sheet->check(...), BoxCheck::cases()),
            'rest' => BoxRest::of($house, $point)->count(),
            'photos' => array_map(
                fn(Photo $photo): array => [...self::record($photo), 'file' => $photo->file],
                array_values(array_filter($house->entries->all(Photo::class), fn(Photo $one): bool => $one->point === $point->id)),
            ),
            'notes' => array_map(
                self::record(...),
                array_values(array_filter($house->entries->all(Note::class), fn(Note $one): bool => $one->point === $point->id)),
            ),
        ];
    }

    /** @return BoxBreaker */
    private function breaker(Circuit $circuit): array
    {
        return [
            'id' => $circuit->id,
            'spoken' => "{$circuit->slot} {$circuit->label}",
            'off' => $this->live->isOff($circuit),
            'lock' => Locking::of($this->house, $circuit, $this->live->switchings),
        ];
    }

    /** What shows that it was live, in words; null where nothing is filed. */
    private function seenLive(): ?string
    {
        $seen = $this->live->seenLive($this->point);

        return $seen === null ? null : "{$seen->shown}{$seen->by()}";
    }

    /** @return list<ProofWay> that may be taken at this point */
    private function ways(): array
    {
        return $this->point->device->feedsThrough() && BoxOpened::pairsAt($this->house, $this->point->id) === null
            ? ProofWay::cases()
            : [ProofWay::SeenLive, ProofWay::Reference];
    }

    /** @return Way */
    private function way(ProofWay $way): array
    {
        $places = ToRead::at($this->house, $this->point, $way);
        $spoken = fn(ToRead $place): array => [
            'half' => $place->half?->value, 'pair' => $place->pair, 'terminals' => $place->terminals?->value,
            'between' => $place->between->value, 'spoken' => $place->spoken(),
        ];

        return [
            'way' => $way->value,
            'label' => $way->label(),
            'reference' => array_filter($places, fn(ToRead $place): bool => $place->between->isReference()) !== [],
            'nothing' => $this->live->provesNothing($this->point, $way),
            'toRead' => array_map($spoken, $places),
        ];
    }

    /** @return Pair */
    private function pair(PairInBox $pair): array
    {
        $cable = $pair->cable;
        $landing = $pair->landing();

        return [
            'name' => $pair->name,
            'sat' => ['hot' => $pair->sat?->hot?->value, 'neutral' => $pair->sat?->neutral?->value],
            'undrawn' => array_map(
                fn(Land $land): array => [
                    'land' => $land->value,
                    'label' => $land->label(),
                    'says' => UndrawnPair::landed($this->point, $pair, $land),
                ],
                $cable === null && $this->point->device->feedsThrough() ? Land::cases() : [],
            ),
            'asks' => new ById($pair->name === null ? [] : self::asks($pair->name)),
            'isFeed' => $pair->isFeed,
            'reads' => array_map(
                fn(PairRead $read): array => [
                    'live' => $read->live,
                    'by' => $read->by->label(),
                    'spoken' => $read->spoken(new Codes($this->house)),
                    'proof' => $read->by->isProof(),
                ],
                $pair->reads,
            ),
            'tag' => Tag::of($this->feeds, $pair),
            'landing' => $landing === null ? null : ['hot' => $landing->hot->value, 'neutral' => $landing->neutral->value],
            'cable' => $cable === null ? null : [
                'id' => $cable->id,
                'end' => $cable->to->point === $this->point->id ? 'to' : 'from',
                'if' => array_map(
                    fn(Relanding $then): array => $this->relanding($then, $landing),
                    Relanding::all($this->feeds, $this->point, $cable),
                ),
            ],
            'seen' => $cable === null && $pair->name === null
                ? null
                : self::seen($cable ?? $pair->noted, $cable === null ? $pair->noted?->awg : $this->feeds->awg($cable)),
        ];
    }

    /** @return CableSeen */
    private static function seen(Cable|PairNoted|null $of, ?int $awg): array
    {
        return [
            'ft' => $of?->lengthFt,
            'awg' => $awg,
            'method' => $of?->method?->value,
            'strapFt' => $of?->strapFt,
            'hot' => PairNotes::said($of?->colours?->hot),
            'neutral' => PairNotes::said($of?->colours?->neutral),
            'mark' => PairNotes::said($of?->mark),
        ];
    }

    /** @return array<PairAsked> by the means */
    private static function asks(string $pair): array
    {
        $asks = [];
        foreach (PairMeans::cases() as $by) {
            $asks[$by->value] = PairQuestion::of($by, $pair);
        }

        return $asks;
    }

    /** @return RelandingShown */
    private function relanding(Relanding $then, ?Landing $now): array
    {
        return [
            'land' => $then->land->value,
            'label' => $then->land->label(),
            'isNow' => $now !== null && $now->hot === $then->land && $now->neutral === $then->land,
            'gains' => self::codes($then->gains),
            'loses' => self::codes($then->loses),
            'dark' => self::codes($then->dark),
            'leakageMa' => $then->leakageMa === null ? null : round($then->leakageMa, 2),
        ];
    }

    /**
     * @param list<Point> $points
     *
     * @return list<string>
     */
    private static function codes(array $points): array
    {
        return array_map(fn(Point $point): string => $point->code, $points);
    }

    /** @return TapShown */
    private function tap(BoxTap $tap): array
    {
        $said = $this->point->box === null ? null : PartForm::write($this->point->box)[$tap->field] ?? null;
        $choices = array_map(fn(array $choice): array => [
            'label' => $choice[0],
            'value' => $choice[1],
            'well' => $choice[2],
            'now' => $said !== null && json_encode($said) === json_encode($choice[1]),
        ], $tap->choices);

        return [
            'field' => $tap->field,
            'ask' => $tap->ask,
            'choices' => $choices,
            'said' => is_scalar($said) && array_filter(array_column($choices, 'now')) === [] ? (string) json_encode($said) : null,
        ];
    }

    /** @return Checked */
    private function check(BoxCheck $check): array
    {
        $last = BoxChecks::last($this->house, $this->point)[$check->value] ?? null;

        return [
            'id' => $check->value,
            'label' => $check->label(),
            'ok' => $last?->ok,
            'who' => $last?->who,
            'at' => $last?->atTime,
        ];
    }

    private static function asFound(House $house, Point $point): ?string
    {
        $found = AsFound::reversed($house, $point);

        return $found === null
            ? null
            : "Pair {$found[0]} sat on LINE of the old device, but pair {$found[1]} is the feed by {$found[2]->label()}: it was "
                . 'reversed and protected nothing.';
    }

    /** @return Recorded */
    private static function record(Note|Photo $record): array
    {
        return ['id' => $record->id ?? '', 'text' => $record->text, 'at' => $record->atTime, 'who' => $record->who];
    }
}
