<?php

declare(strict_types=1);

namespace Bouclier\Sheets;

use Bouclier\Core\Actions\Action;
use Bouclier\Core\Actions\Asked;
use Bouclier\Core\Actions\Inspect;
use Bouclier\Core\Actions\Move;
use Bouclier\Core\Actions\Offer;
use Bouclier\Core\Actions\Outcome;
use Bouclier\Core\Actions\Trial;
use Bouclier\Core\Actions\Unplug;
use Bouclier\Core\Diagnose\BoxesPowered;
use Bouclier\Core\Diagnose\Diagnosis;
use Bouclier\Core\Diagnose\Evidence;
use Bouclier\Core\Diagnose\OpenCall;
use Bouclier\Core\Diagnose\Proposal;
use Bouclier\Core\Diagnose\ProposedOutcome;
use Bouclier\Core\Diagnose\Words\StepWords;
use Bouclier\Core\Diagnose\Words\TrialWords;
use Bouclier\Core\Feed\FeedMap;
use Bouclier\Core\House\House;
use Bouclier\Core\House\Places;
use Bouclier\Core\House\Spot;
use Bouclier\Core\Live\LiveState;
use Bouclier\Core\Network\Looks;

/**
 * A test as a card: its steps, what it costs, what is asked at its end, and what each answer would mean.
 *
 * @phpstan-type TrialPage array{
 *     days: int,
 *     where: string,
 *     // Whether they may reset it themselves.
 *     reset: bool,
 *     // And how, as its maker means it.
 *     how: string,
 *     asks: list<string>,
 *     not: list<string>,
 *     stakes: list<string>,
 * }
 * @phpstan-type TrialRule array{shown: string, means: string}
 * @phpstan-type StepAction array{
 *     action: array<string, mixed>,
 *     // What is filed of it once a later one was read.
 *     passed: array<string, mixed>,
 * }
 * @phpstan-type Stake array{text: string, move: array{label: string, actions: list<StepAction>}|null}
 * @phpstan-type TrialCard array{
 *     // What the householder will read.
 *     page: TrialPage,
 *     rule: list<TrialRule>,
 *     // That of one day alone.
 *     oneDay: list<TrialRule>,
 *     // How else it can be done where something spoils.
 *     stakes: list<Stake>,
 * }
 * @phpstan-type Choice array{label: string, reading: array<string, mixed>, chance: float, means: string}
 * @phpstan-type EarlyTrip array{label: string, steps: int, tripped: string}
 * @phpstan-type StepCard array{
 *     title: string,
 *     why: string,
 *     // Why it cannot be done dead; null where nothing is live.
 *     live: string|null,
 *     steps: list<string>,
 *     minutes: float,
 *     opens: bool,
 *     days: int,
 *     trial: TrialCard|null,
 *     // What it tells apart.
 *     splits: string,
 *     actions: list<StepAction>,
 *     asks: value-of<Asked>,
 *     choices: list<Choice>,
 *     expected: list<array{shown: string, chance: float, means: string}>,
 *     // Steps before the last by which it may trip already.
 *     early: list<EarlyTrip>,
 *     points: list<array{id: string, code: string}>,
 *     seen: list<array{value: string, label: string}>,
 *     // The outlet whose box hands go into.
 *     box: string|null,
 *     ready: bool,
 *     // Why hands may not go there yet.
 *     hands: string|null,
 *     cannot: string,
 *     cannotKind: string,
 * }
 */
final readonly class StepCards
{
    /** From this chance on an outcome is in the rule of a trial. */
    private const WORTH_SAYING = 0.02;

    private Places $places;

    /**
     * @param array<string> $names of causes by id
     * @param list<string> $devices what may trip, by the call
     */
    public function __construct(
        private House $house,
        private Diagnosis $diagnosis,
        private StepWords $steps,
        private array $names,
        private array $devices,
        private LiveState $live,
        private BoxesPowered $powered,
        private FeedMap $feeds,
    ) {
        $this->places = new Places($house);
    }

    /** @return StepCard */
    public function card(Proposal $proposal): array
    {
        $last = $proposal->last();
        $box = $proposal->box === null ? null : $this->house->point($proposal->box);
        $hands = $box === null ? null : $this->live->handsOn($box);
        $barred = $this->powered->barredBy($proposal);
        $why = match (true) {
            $barred !== null => "{$barred->spoken()}.",
            $this->steps->live($proposal) !== null
                && ! $this->live->offersLiveWork() => 'Live work is not for a helper: an electrician of the crew does it.',
            $box === null || $hands?->allowed === true || $this->live->wasProvedSince($box, $this->lastTestAt()) => null,
            default => $hands->why ?? '',
        };

        return [
            'title' => $this->steps->title($proposal),
            'why' => $this->steps->why($proposal),
            'live' => $this->steps->live($proposal),
            'steps' => $this->steps->steps($proposal),
            'minutes' => $proposal->allMinutes(),
            'opens' => array_filter($proposal->needsOpen) !== [],
            'days' => $last->days(),
            'trial' => $last->asks() === Asked::Trips ? $this->trial($proposal) : null,
            'splits' => $proposal->splits->words(),
            'actions' => array_map(self::action(...), $proposal->actions),
            'asks' => $last->asks()->value,
            'choices' => $this->choices($proposal),
            'expected' => array_map(
                fn(ProposedOutcome $outcome): array => [
                    'shown' => $last->spokenOutcome($this->places, $outcome->shown),
                    'chance' => $outcome->chance,
                    'means' => $this->means($outcome),
                ],
                array_slice($proposal->outcomes, 0, 5),
            ),
            'early' => $this->early($proposal),
            'points' => $last->asks() === Asked::Walk ? $this->walked($proposal) : [],
            'seen' => $last->asks() === Asked::Seen
                ? array_map(fn(string $item): array => ['value' => $item, 'label' => Inspect::word($item)], Looks::SEEN)
                : [],
            'box' => $barred->point->id ?? $box?->id,
            'ready' => $why === null,
            'hands' => $why,
            'cannot' => trim("{$last::name()} {$last->at->id()}"),
            'cannotKind' => $last::name(),
        ];
    }

    /** @return list<EarlyTrip> steps before the last by which it may trip already */
    private function early(Proposal $proposal): array
    {
        $early = [];
        foreach (array_slice($proposal->actions, 0, -1) as $number => $action) {
            // What is put in is what comes out again.
            $devices = $action->closes() === null ? $this->devices : [$action->closes()];
            foreach ($action->energises() ? $devices : [] as $device) {
                $step = "{$this->steps->numberOf($proposal, $number)}: {$this->steps->done($action)}";
                $early[] = [
                    'label' => ucfirst($this->places->device($device)) . " tripped at step $step",
                    'steps' => $number + 1,
                    'tripped' => $device,
                ];
            }
        }

        return $early;
    }

    private function means(ProposedOutcome $outcome): string
    {
        return $outcome->cause === null
            ? ''
            : ($this->names[$outcome->cause] ?? $outcome->cause) . ', ' . ($outcome->then > 0.995 ? '> 99' : round(100.0 * $outcome->then))
                . ' %';
    }

    /**
     * What the householder will read, and, where something spoils, how else it can be done.
     *
     * @return TrialCard
     */
    private function trial(Proposal $proposal): array
    {
        $words = new TrialWords($this->house, Evidence::actions($this->house), $proposal->actions);
        $worthSaying = array_values(
            array_filter($proposal->outcomes, fn(ProposedOutcome $one): bool => $one->chance >= self::WORTH_SAYING),
        );
        $trips = array_values(array_filter($worthSaying, fn(ProposedOutcome $one): bool => ! Trial::isQuiet($one->shown)));

        return [
            'page' => $words->page(),
            'rule' => array_map(
                fn(ProposedOutcome $one): array => [
                    'shown' => $proposal->last()->spokenOutcome($this->places, $one->shown),
                    'means' => $this->means($one),
                ],
                $worthSaying,
            ),
            'oneDay' => TrialWords::oneDay($trips === [] ? '' : $this->means($trips[0])),
            'stakes' => array_map(fn(array $stake): array => [
                'text' => $stake['text'],
                'move' => $stake['move'] === null ? null : [
                    'label' => "Run the {$stake['name']} on {$this->places->point($stake['move']['point'])} instead",
                    'actions' => array_map(self::action(...), [
                        ...array_filter(
                            array_slice($proposal->actions, 0, -1),
                            fn(Action $one): bool => ! ($one instanceof Unplug && $one->at->appliance === $stake['appliance']),
                        ),
                        new Move(new Spot(appliance: $stake['appliance']), $stake['move']['point']),
                        $proposal->last(),
                    ]),
                ],
            ], $words->stakes()),
        ];
    }

    /** @return StepAction */
    private static function action(Action $action): array
    {
        return ['action' => $action->said(), 'passed' => $action->passed()];
    }

    /** @return list<Choice> */
    private function choices(Proposal $proposal): array
    {
        $expected = array_map(fn(ProposedOutcome $outcome): Outcome => $outcome->shown, $proposal->outcomes);

        return array_map(function (Offer $offer) use ($proposal): array {
            $fit = array_values(
                array_filter($proposal->outcomes, fn(ProposedOutcome $outcome): bool => $outcome->shown->isOneOf($offer->outcome)),
            );

            return [
                'label' => ucfirst($offer->label),
                'reading' => $offer->reading,
                'chance' => array_sum(array_map(fn(ProposedOutcome $one): float => $one->chance, $fit)),
                'means' => $fit === [] ? '' : $this->means($fit[0]),
            ];
        }, $proposal->last()->offers($this->places, $expected, $this->deviceOf($proposal)));
    }

    /** @return list<string> */
    private function deviceOf(Proposal $proposal): array
    {
        $at = $proposal->last()->at;
        $point = $at->point ?? $this->places->outletOf($at->appliance ?? '');
        $circuit = $at->circuit ?? ($point === null ? null : $this->feeds->feed($this->house->point($point))->circuit?->id);

        return $circuit === null ? [] : [$circuit];
    }

    /** @return list<array{id: string, code: string}> */
    private function walked(Proposal $proposal): array
    {
        $found = [];
        foreach ($this->diagnosis->causes[0]->beliefs[0][0]->world()->condition->plugged as $at) {
            $circuit = $at === null || ! $this->house->hasPoint($at) ? null : $this->feeds->feed($this->house->point($at))->circuit;
            foreach ($circuit === null ? [] : $this->feeds->pointsOn($circuit) as $point) {
                $found[$point->id] = ['id' => $point->id, 'code' => $point->code];
            }
        }

        return array_values($found);
    }

    private function lastTestAt(): ?string
    {
        $tests = OpenCall::tests($this->house);

        return $tests === [] ? $this->house->call->symptom?->atTime : $tests[count($tests) - 1]->atTime;
    }
}
