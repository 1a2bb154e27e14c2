<?php

declare(strict_types=1);

namespace App\Sheets;

use Bouclier\Core\Diagnose\BoxesPowered;
use Bouclier\Core\Diagnose\Diagnosis;
use Bouclier\Core\Diagnose\Evidence;
use Bouclier\Core\Diagnose\OpenCall;
use Bouclier\Core\Diagnose\Proposal;
use Bouclier\Core\Diagnose\ProposedOutcome;
use Bouclier\Core\Diagnose\Shown;
use Bouclier\Core\House\Places;
use Bouclier\Core\Diagnose\Words\ShownWords;
use Bouclier\Core\Diagnose\Words\StepWords;
use Bouclier\Core\Diagnose\Words\TestWords;
use Bouclier\Core\Diagnose\Words\TrialWords;
use Bouclier\Core\Exchange\DiagnosisWriter;
use Bouclier\Core\Feed\FeedMap;
use Bouclier\Core\House\House;
use Bouclier\Core\Live\LiveState;
use Bouclier\Core\Network\Action;
use Bouclier\Core\Network\ActionKind;
use Bouclier\Core\Network\Looks;
use Bouclier\Core\House\Spot;

/** A test as a card: its steps, what it costs, what is asked at its end, and what each answer would mean. */
final readonly class StepCards
{
    /** From this chance on an outcome is in the rule of a trial. */
    private const WORTH_SAYING = 0.02;

    private Places $places;

    private ShownWords $shown;

    /**
     * @param array<string> $names of causes by id
     * @param string $device what trips, as a rule: the device or breaker of the call
     */
    public function __construct(
        private House $house,
        private Diagnosis $diagnosis,
        private StepWords $steps,
        private array $names,
        private string $device,
        private LiveState $live,
        private BoxesPowered $powered,
        private FeedMap $feeds,
    ) {
        $this->places = new Places($house);
        $this->shown = new ShownWords($this->places);
    }

    /** @return array<string, mixed> */
    public function card(Proposal $proposal): array
    {
        $last = $proposal->last();
        $box = $proposal->box === null ? null : $this->house->point($proposal->box);
        $hands = $box === null ? null : $this->live->handsOn($box);
        $barred = $this->powered->barredBy($proposal);
        $why = match (true) {
            $barred !== null => "{$barred->spoken()}.",
            $this->steps->live($proposal) !== null && ! $this->live->offersLiveWork() => 'Live work is not for a helper: an electrician of the crew does it.',
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
            'days' => $last->days,
            'trial' => $last->kind === ActionKind::Trial ? $this->trial($proposal) : null,
            'bits' => $proposal->gainBits,
            'actions' => array_map(DiagnosisWriter::action(...), $proposal->actions),
            'asks' => self::asks($last),
            'choices' => $this->choices($proposal),
            'expected' => array_map(fn(ProposedOutcome $outcome): array => ['shown' => $this->shown->spoken($last, $outcome->shown), 'chance' => $outcome->chance, 'means' => $this->means($outcome)], array_slice($proposal->outcomes, 0, 5)),
            'early' => $this->early($proposal),
            'points' => $last->kind === ActionKind::Walk ? $this->walked($proposal) : [],
            'seen' => $last->kind === ActionKind::Inspect ? array_map(fn(string $item): array => ['value' => $item, 'label' => TestWords::seen($item)], Looks::SEEN) : [],
            'box' => $barred->point->id ?? $box?->id,
            'ready' => $why === null,
            'hands' => $why,
            'cannot' => trim("{$last->kind->value} " . ($last->at->point ?? $last->at->circuit ?? $last->at->cable ?? $last->at->appliance ?? '')),
            'cannotKind' => $last->kind->value,
        ];
    }

    /** @return list<array{label: string, steps: int, tripped: string}> steps before the last by which it may trip already */
    private function early(Proposal $proposal): array
    {
        $early = [];
        foreach (array_slice($proposal->actions, 0, -1) as $number => $action) {
            if ($action->energises()) {
                $early[] = ['label' => "It tripped at step {$this->steps->numberOf($proposal, $number)}: {$this->steps->done($action)}", 'steps' => $number + 1, 'tripped' => $this->device];
            }
        }

        return $early;
    }

    private function means(ProposedOutcome $outcome): string
    {
        return $outcome->cause === null ? '' : ($this->names[$outcome->cause] ?? $outcome->cause) . ', ' . ($outcome->then > 0.995 ? '> 99' : round(100.0 * $outcome->then)) . ' %';
    }

    /**
     * What the householder will read, and, where something spoils, how else it can be done.
     *
     * @return array<string, mixed>
     */
    private function trial(Proposal $proposal): array
    {
        $words = new TrialWords($this->house, Evidence::actions($this->house), $proposal->actions);
        $worthSaying = array_values(array_filter($proposal->outcomes, fn(ProposedOutcome $one): bool => $one->chance >= self::WORTH_SAYING));
        $trips = array_values(array_filter($worthSaying, fn(ProposedOutcome $one): bool => $one->shown !== 'quiet'));

        return [
            'page' => $words->page(),
            'rule' => array_map(fn(ProposedOutcome $one): array => ['shown' => $this->shown->spoken($proposal->last(), $one->shown), 'means' => $this->means($one)], $worthSaying),
            'oneDay' => TrialWords::oneDay($trips === [] ? '' : $this->means($trips[0])),
            'stakes' => array_map(fn(array $stake): array => [
                'text' => $stake['text'],
                'move' => $stake['move'] === null ? null : [
                    'label' => "Run the {$stake['name']} on {$this->places->point($stake['move']['point'])} instead",
                    'actions' => array_map(DiagnosisWriter::action(...), [
                        ...array_values(array_filter($proposal->actions, fn(Action $one): bool => $one->kind !== ActionKind::Trial && ! ($one->kind === ActionKind::Unplug && $one->at->appliance === $stake['appliance']))),
                        new Action(ActionKind::Move, new Spot(appliance: $stake['appliance']), to: $stake['move']['point']),
                        $proposal->last(),
                    ]),
                ],
            ], $words->stakes()),
        ];
    }

    private static function asks(Action $action): string
    {
        return match ($action->kind) {
            ActionKind::Tester => 'lamps',
            ActionKind::Volts => 'volts',
            ActionKind::Clamp => 'ma',
            ActionKind::Insulation => 'ohms',
            ActionKind::Inspect => 'seen',
            ActionKind::Walk => 'walk',
            ActionKind::Trial => 'trips',
            default => 'choice',
        };
    }

    /** @return list<array{label: string, reading: array<string, mixed>, chance: float, means: string}> */
    private function choices(Proposal $proposal): array
    {
        $action = $proposal->last();
        $device = $action->at->device() ?? '';
        $name = $this->places->device($device);
        $choices = match ($action->kind) {
            ActionKind::Reset, ActionKind::SwapDevice => [
                ['It holds', ['holds' => true, 'tripped' => [], 'no_power' => false], 'holds'],
                ["$name trips", ['holds' => false, 'tripped' => [$device], 'no_power' => false], 'trips'],
                ['It will not stay in', ['holds' => false, 'tripped' => [], 'no_power' => false], 'dead'],
                ['No power there', ['holds' => false, 'tripped' => [], 'no_power' => true], 'no_power'],
            ],
            ActionKind::Indicator => array_map(fn(array $one): array => [$one[0], ['shows' => $one[1]], $one[1]], [['Power', 'power'], ['Tripped', 'tripped'], ['Failed', 'failed'], ['Nothing', 'nothing']]),
            ActionKind::PressTest => [["$name trips", ['tripped' => [$device]], 'trips'], ['Nothing happens', ['tripped' => []], 'holds']],
            ActionKind::Tighten => [['A screw moved', ['moved' => true], 'moved'], ['All firm', ['moved' => false], 'firm']],
            ActionKind::Unplug, ActionKind::UnplugAll, ActionKind::SwitchOff => [['Done', ['tripped' => []], 'holds']],
            default => self::asks($action) === 'choice' ? $this->trippings($proposal) : [],
        };

        return array_map(function (array $choice) use ($proposal): array {
            [$label, $reading, $shown] = $choice;
            $fit = array_values(array_filter($proposal->outcomes, fn(ProposedOutcome $outcome): bool => $outcome->shown === $shown || str_starts_with($outcome->shown, "$shown ")));

            return [
                'label' => ucfirst($label),
                'reading' => $reading,
                'chance' => array_sum(array_map(fn(ProposedOutcome $one): float => $one->chance, $fit)),
                'means' => $fit === [] ? '' : $this->means($fit[0]),
            ];
        }, $choices);
    }

    /** @return list<array{string, array<string, mixed>, string}> nothing trips, or one of those that may */
    private function trippings(Proposal $proposal): array
    {
        $choices = [['Nothing trips', ['tripped' => []], 'holds']];
        $named = [];
        foreach ($proposal->outcomes as $outcome) {
            $ids = $outcome->tripped();
            $key = Shown::trips($ids);
            if ($ids !== [] && ! isset($named[$key])) {
                $named[$key] = true;
                $choices[] = [implode(' and ', array_map($this->places->device(...), $ids)) . ' trips', ['tripped' => $ids], $key];
            }
        }
        if ($named === []) {
            foreach ($this->deviceOf($proposal) as $id) {
                $choices[] = ["{$this->places->device($id)} trips", ['tripped' => [$id]], Shown::trips([$id])];
            }
        }

        return $choices;
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
        $last = $tests === [] ? ($this->house->sections['symptom'] ?? null) : $tests[count($tests) - 1];

        return $last instanceof \stdClass && is_string($last->at_time ?? null) ? $last->at_time : null;
    }
}
