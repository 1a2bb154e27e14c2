<?php

declare(strict_types=1);

namespace Bouclier\Sheets;

use Bouclier\Core\Diagnose\AssumedWiring;
use Bouclier\Core\Diagnose\BoxesPowered;
use Bouclier\Core\Diagnose\Cause;
use Bouclier\Core\Diagnose\Diagnosis;
use Bouclier\Core\Diagnose\Evidence;
use Bouclier\Core\Diagnose\Explains;
use Bouclier\Core\Diagnose\Fact;
use Bouclier\Core\Diagnose\Hypothesis;
use Bouclier\Core\Diagnose\OpenCall;
use Bouclier\Core\Diagnose\Pricing;
use Bouclier\Core\Diagnose\Priors;
use Bouclier\Core\Diagnose\Proposal;
use Bouclier\Core\Diagnose\Symptom;
use Bouclier\Core\Diagnose\Test;
use Bouclier\Core\Diagnose\Words\CauseWords;
use Bouclier\Core\Diagnose\Words\Corrections;
use Bouclier\Core\Diagnose\Words\PriorWords;
use Bouclier\Core\Diagnose\Words\Questions;
use Bouclier\Core\Diagnose\Words\StepWords;
use Bouclier\Core\Diagnose\Words\VanParts;
use Bouclier\Core\Exchange\CallReader;
use Bouclier\Core\Feed\FeedMap;
use Bouclier\Core\House\BoxState;
use Bouclier\Core\House\Circuit;
use Bouclier\Core\House\Entries\ClosedCall;
use Bouclier\Core\House\Entries\TestDone;
use Bouclier\Core\House\House;
use Bouclier\Core\House\Places;
use Bouclier\Core\House\Point;
use Bouclier\Core\House\SymptomKind;
use Bouclier\Core\House\SymptomWhen;
use Bouclier\Core\Live\Asker;
use Bouclier\Core\Live\LiveState;
use Bouclier\Core\Live\OpenBoxes;
use Bouclier\Core\Live\OpenedBox;

/**
 * The call that is open, what is known, who is suspected and how much, and what to do next; once it is settled, what to put right.
 *
 * @phpstan-import-type StepCard from StepCards
 * @phpstan-import-type Looks from LooksSheet
 * @phpstan-type CallShown array{
 *     kind: value-of<SymptomKind>,
 *     at: string,
 *     place: string,
 *     when: value-of<SymptomWhen>,
 *     running: list<string>,
 *     runningNames: list<string>,
 *     words: string|null,
 *     startedAt: string|null,
 *     who: string|null,
 *     // By the question.
 *     answers: ById<string>|null,
 * }
 * @phpstan-type Question array{
 *     id: string,
 *     ask: string,
 *     why: string,
 *     // Empty where it is answered in words.
 *     answers: list<string>,
 * }
 * @phpstan-type Leftover array{
 *     // How likely it is that one repair puts right what it is.
 *     covers: float,
 *     name: string,
 *     repair: list<string>,
 * }
 * @phpstan-type EarlierCall array{
 *     id: string,
 *     at: string|null,
 *     symptom: value-of<SymptomKind>,
 *     place: string,
 *     cause: string|null,
 *     settled: bool,
 *     note: string|null,
 * }
 * @phpstan-type CallFact array{
 *     // Its id among the tests; null for what was read elsewhere in the app.
 *     id: string|null,
 *     // Whether all it names is still in the house: if not, it counts no more.
 *     stands: bool,
 *     done: string,
 *     read: string,
 *     at: string|null,
 *     who: string|null,
 * }
 * @phpstan-type Suspect array{
 *     id: string,
 *     name: string,
 *     probability: float,
 *     // How often it is met, before anything is known of a house.
 *     often: string,
 *     for: list<string>,
 *     against: list<string>,
 *     // What the next test would show if this were it.
 *     predicts: string|null,
 *     point: string|null,
 *     // Causes that no reading could tell from it.
 *     same: list<string>,
 *     // What it would look like; null of what nobody thought of.
 *     looks: Looks|null,
 * }
 * @phpstan-type Closing array{
 *     name: string,
 *     cause: string,
 *     same: list<string>,
 *     for: list<string>,
 *     repair: list<string>,
 *     proof: list<string>,
 *     letter: string,
 *     point: string|null,
 *     // Where it was only found tripped: the device or breaker whose trip is a question of its own.
 *     why: array{at: string, spoken: string}|null,
 * }
 * @phpstan-type CallState array{
 *     facts: list<CallFact>,
 *     suspects: list<Suspect>,
 *     // How likely all other causes are together.
 *     others: float,
 *     next: StepCard|null,
 *     alternatives: list<StepCard>,
 *     plan: list<array{title: string, minutes: float}>,
 *     settled: bool,
 *     // How likely the first suspect is, with what no reading could tell from it.
 *     sure: float,
 *     closing: Closing|null,
 *     // Where nothing more can be told: the repair that covers most of what is left.
 *     leftover: Leftover|null,
 *     // Facts that nothing on the list fits together, by their number.
 *     misfits: list<int>,
 *     // What nobody thought of fits best.
 *     lost: bool,
 *     corrections: list<string>,
 *     parts: list<array{part: string, for: string}>,
 *     cannot: list<array{what: string, spoken: string}>,
 *     // Outlets whose wiring is assumed.
 *     assumed: string|null,
 *     // Boxes that stand open, and the minutes it takes to make each up before power comes to it.
 *     boxes: list<array{point: string, code: string, state: value-of<BoxState>, label: string, minutes: float}>,
 * }
 * @phpstan-type TripsPage array{
 *     call: CallShown|null,
 *     questions: list<Question>,
 *     earlier: list<EarlierCall>,
 *     // What the open call is about was taken out of the house.
 *     gone: bool,
 *     // Null while no call is open, or what it is about is gone.
 *     state: CallState|null,
 * }
 */
final readonly class TripsSheet
{
    /** Suspects that are named, and other tests that are offered. */
    private const NAMED = 7;
    private const OTHERS = 6;

    private Places $places;

    private CauseWords $causes;

    private FeedMap $feeds;

    private LiveState $live;

    private BoxesPowered $powered;

    private StepWords $steps;

    /** @var list<Fact> */
    private array $evidence;

    /** @var list<Test> */
    private array $read;

    private AssumedWiring $wired;

    /** @var list<Cause> likeliest first, what comes and goes with what is always there */
    private array $suspected;

    /** @var array<float> how likely each is, by what it is */
    private array $chances;

    private function __construct(
        private House $house,
        private Symptom $symptom,
        private Diagnosis $diagnosis,
        private Priors $priors,
        Asker $asker,
    ) {
        $this->feeds = new FeedMap($house);
        $this->live = new LiveState($house, $this->feeds, $asker);
        // What is assumed of the runs has names as well.
        $this->wired = AssumedWiring::of(Evidence::in($house));
        $this->places = new Places($this->wired->house);
        $this->causes = new CauseWords($this->places);
        $this->powered = new BoxesPowered($house, $this->live);
        $this->steps = new StepWords($this->places, $this->powered);
        $this->evidence = Evidence::of($house);
        $wrong = [];
        $this->read = Test::of(Evidence::in($house), $wrong);
        $suspects = $this->diagnosis->suspects();
        $this->suspected = array_column($suspects, 0);
        $this->chances = array_combine(
            array_map(fn(array $one): string => $one[0]->hypothesis->what(), $suspects),
            array_column($suspects, 1),
        );
    }

    /**
     * @param Diagnosis|null $diagnosis where it is made already
     *
     * @return TripsPage
     */
    public static function of(House $house, Priors $priors, Asker $asker, ?Diagnosis $diagnosis = null): array
    {
        $wrong = [];
        $symptom = OpenCall::isOpen($house) ? Symptom::of($house, $wrong) : null;
        $diagnosis ??= $symptom === null ? null : CallReader::standing($house, $priors)?->diagnose();
        $shared = [
            'questions' => Questions::of($symptom),
            'earlier' => self::earlier($house),
            'gone' => OpenCall::isOpen($house) && $diagnosis === null,
        ];
        if ($symptom === null || $diagnosis === null) {
            return ['call' => null, ...$shared, 'state' => null];
        }
        $sheet = new self($house, $symptom, $diagnosis, $priors, $asker);

        return ['call' => $sheet->call(), ...$shared, 'state' => $sheet->state()];
    }

    /** @return CallShown */
    private function call(): array
    {
        $told = $this->house->call->symptom;

        return [
            'kind' => $this->symptom->kind->value,
            'at' => $this->symptom->at,
            'place' => ucfirst($this->places->device($this->symptom->at)),
            'when' => $this->symptom->when->value,
            'running' => $this->symptom->running,
            'runningNames' => array_map(
                fn(string $id): string => $this->house
                    ->findAppliance($id) === null ? 'one that was taken out since' : $this->places
                    ->appliance($id),
                $this->symptom->running,
            ),
            'words' => $told?->words,
            'startedAt' => $told?->atTime,
            'who' => $told?->who,
            'answers' => $told?->answers === null ? null : new ById($told->answers),
        ];
    }

    /** @return CallState */
    private function state(): array
    {
        $causes = $this->diagnosis->causes;
        $assumed = $this->wired->on($this->circuit());
        $steps = new StepCards(
            $this->house,
            $this->diagnosis,
            $this->steps,
            $this->names(),
            $this->symptom->devices(new FeedMap($this->wired->house)),
            $this->live,
            $this->powered,
            $this->feeds,
        );

        return [
            'facts' => $this->facts(),
            'suspects' => $this->suspects(),
            'others' => max(
                0.0,
                1.0 - array_sum(
                    array_map(
                        fn(Cause $cause): float => $this->chances[$cause->hypothesis->what()],
                        array_slice($this->suspected, 0, self::NAMED),
                    ),
                ),
            ),
            'next' => $this->diagnosis->next() === null ? null : $steps->card($this->diagnosis->next()),
            'alternatives' => array_map($steps->card(...), array_slice($this->diagnosis->worth, 1, self::OTHERS)),
            'plan' => array_map(
                fn(Proposal $step): array => ['title' => $this->steps->title($step), 'minutes' => $step->allMinutes()],
                $this->diagnosis->plan,
            ),
            'settled' => $this->diagnosis->settled,
            'sure' => $this->diagnosis->sure,
            'closing' => $this->diagnosis->settled ? $this->closing($causes[0]) : null,
            'leftover' => $this->diagnosis->settled || $this->diagnosis->next() !== null ? null : $this->leftover(),
            'misfits' => $this->misfits(),
            'lost' => $causes[0]->hypothesis->explains === Explains::Unknown,
            'corrections' => $this->diagnosis->settled ? [] : Corrections::of($this->symptom, $this->read, $causes),
            'parts' => VanParts::of($this->house, $this->symptom, array_slice($causes, 0, self::NAMED)),
            'cannot' => array_map(
                fn(string $what): array => ['what' => $what, 'spoken' => $this->cannot($what)],
                OpenCall::cannot($this->house),
            ),
            'assumed' => $assumed === []
                ? null
                : implode(
                    ', ',
                    array_map(fn(Point $point): string => $point->code, array_slice($assumed, 0, 6)),
                ) . (count($assumed) > 6 ? ' and ' . (count($assumed) - 6) . ' more' : ''),
            'boxes' => array_map(fn(OpenedBox $box): array => [
                'point' => $box->point->id,
                'code' => $box->point->code,
                'state' => $box->state->value,
                'label' => $box->state->label(),
                'minutes' => Pricing::MAKING_UP,
            ], array_values(OpenBoxes::in($this->house))),
        ];
    }

    /** @return array<string> names of causes by id */
    private function names(): array
    {
        $names = [];
        foreach ($this->diagnosis->causes as $cause) {
            $names[$cause->hypothesis->id] = $this->causes->name($cause->hypothesis);
        }

        return $names;
    }

    /** @return list<CallFact> */
    private function facts(): array
    {
        $facts = $wrong = [];
        $done = array_map(fn(Fact $fact): TestDone => $fact->done, $this->evidence);
        foreach (Test::read($this->house, $done, $wrong) as $number => $test) {
            $fact = $this->evidence[$number];
            $facts[] = [
                'id' => $fact->isOfCall ? $fact->done->id : null,
                'stands' => $fact->stands,
                'done' => $test->action->done($this->places),
                'read' => $test->action->spoken($this->places, $test->reading),
                'at' => $fact->done->atTime,
                'who' => $fact->done->who,
            ];
        }

        return $facts;
    }

    /** @return list<int> numbers among all facts, those that do not stand any more counted too */
    private function misfits(): array
    {
        $standing = array_keys(array_filter($this->evidence, fn(Fact $fact): bool => $fact->stands));

        return array_map(fn(int $number): int => $standing[$number] ?? $number, $this->diagnosis->misfits);
    }

    /** @return list<Suspect> */
    private function suspects(): array
    {
        $named = array_slice($this->suspected, 0, self::NAMED);
        $looks = new LooksSheet(
            $this->wired->house,
            $named,
            $this->names(),
            $this->read,
            $this->concerned(),
            // What ran and is still there.
            $this->wired->house->call->symptom->running ?? [],
        );

        return array_map(fn(Cause $cause): array => $this->suspect($cause, $looks), $named);
    }

    /** @return array<bool> breaker and points of the circuit of the call, as the runs are known or assumed, by id */
    private function concerned(): array
    {
        $circuit = $this->circuit();

        return $circuit === null ? [] : array_fill_keys(
            [$circuit->id, ...array_column((new FeedMap($this->wired->house))->pointsOn($circuit), 'id')],
            true,
        );
    }

    /** The circuit of the call, as the runs are known or assumed. */
    private function circuit(): ?Circuit
    {
        return $this->symptom->circuit(new FeedMap($this->wired->house));
    }

    /** @return Suspect */
    private function suspect(Cause $cause, LooksSheet $looks): array
    {
        $at = $cause->hypothesis->at;

        return [
            'id' => $cause->hypothesis->id,
            'name' => $this->causes->name($cause->hypothesis),
            'probability' => $this->chances[$cause->hypothesis->what()],
            'often' => PriorWords::often($this->priors, $cause->hypothesis->line()),
            'for' => $cause->for,
            'against' => $cause->against,
            'predicts' => $this->predicts($cause),
            'point' => $at->point
                ?? ($at->appliance !== null || $at->cord !== null ? $this->places->outletOf($at->appliance ?? $at->cord ?? '') : null),
            'same' => $this->same($cause),
            'looks' => $looks->of($cause),
        ];
    }

    /** @return list<string> names of causes that no reading could tell from it */
    private function same(Cause $cause): array
    {
        $names = $this->names();
        $what = $cause->hypothesis->what();

        return array_values(
            array_filter(
                array_map(
                    fn(string $id): ?string => $id === $what || $id === $what . Hypothesis::NOW_AND_THEN ? null : $names[$id] ?? null,
                    $cause->sameAs,
                ),
                is_string(...),
            ),
        );
    }

    /** What the next test would show if this were it. */
    private function predicts(Cause $cause): ?string
    {
        $next = $this->diagnosis->next();
        if ($next === null || $cause->beliefs === [] || $cause->hypothesis->explains === Explains::Unknown) {
            return null;
        }
        $belief = clone $cause->beliefs[0][0];
        foreach (array_slice($next->actions, 0, -1) as $action) {
            $belief->prepare($action);
        }
        $shown = $belief->outcomes($next->last())->likeliest();

        return $shown === null ? null : $next->last()->spokenOutcome($this->places, $shown);
    }

    /** @return Closing */
    private function closing(Cause $cause): array
    {
        $at = $cause->hypothesis->at;
        $why = $this->why($cause->hypothesis);

        return [
            'name' => $this->causes->name($cause->hypothesis),
            'cause' => $cause->hypothesis->id,
            'same' => $this->same($cause),
            'for' => $cause->for,
            'repair' => $this->repair($cause->hypothesis),
            'proof' => $this->causes->proof($cause->hypothesis),
            'letter' => $this->causes->letter($cause->hypothesis),
            // The box hands go into for the repair: an appliance is mended elsewhere, and what had only tripped at its face.
            'point' => $why === null ? $at->point ?? ($at->cable === null ? null : $this->places->endPoint($at->cable)) : null,
            'why' => $why,
        ];
    }

    /** @return array{at: string, spoken: string}|null */
    private function why(Hypothesis $cause): ?array
    {
        $device = $cause->explains === Explains::UpstreamTripped ? $cause->at->device() : null;

        return $device === null ? null : ['at' => $device, 'spoken' => $this->places->device($device)];
    }

    /** @return list<string> step by step; where leakages add up, first what to move where */
    private function repair(Hypothesis $cause): array
    {
        $relief = $cause->isOfLeakage() ? $this->diagnosis->relief : null;

        return [...($relief === null ? [] : [$this->causes->relief($relief)]), ...$this->causes->repair($cause)];
    }

    /** @return Leftover|null */
    private function leftover(): ?array
    {
        $cause = $this->diagnosis->covering->hypothesis;

        return $cause->explains === Explains::Unknown
            ? null
            : ['covers' => $this->diagnosis->covers, 'name' => $this->causes->name($cause), 'repair' => $this->repair($cause)];
    }

    private function cannot(string $what): string
    {
        [$kind, $place] = [...explode(' ', $what, 2), ''];

        return str_replace('_', ' ', $kind) . ($place === '' ? '' : " at {$this->places->device($place)}");
    }

    /** @return list<EarlierCall> calls that are closed */
    private static function earlier(House $house): array
    {
        $places = new Places($house);

        return array_map(fn(ClosedCall $call): array => [
            'id' => $call->id() ?? '',
            'at' => $call->atTime,
            'symptom' => $call->symptom->kind->value,
            'place' => $places->device($call->symptom->at ?? ''),
            'cause' => $call->cause,
            'settled' => $call->settled === true,
            'note' => $call->text,
        ], OpenCall::earlier($house));
    }
}
