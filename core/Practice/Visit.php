<?php

declare(strict_types=1);

namespace Bouclier\Core\Practice;

use Bouclier\Core\Actions\Action;
use Bouclier\Core\Actions\Reading;
use Bouclier\Core\Actions\Simulation;
use Bouclier\Core\Actions\Situation;
use Bouclier\Core\Diagnose\OpenCall;
use Bouclier\Core\Diagnose\Test;
use Bouclier\Core\Feed\FeedMap;
use Bouclier\Core\House\BoxState;
use Bouclier\Core\House\Cable;
use Bouclier\Core\House\Circuit;
use Bouclier\Core\House\Entries\EntryList;
use Bouclier\Core\House\Entries\TestDone;
use Bouclier\Core\House\House;
use Bouclier\Core\House\Places;
use Bouclier\Core\Live\LiveState;
use Bouclier\Core\Practice\Dangers\DangerRule;
use Bouclier\Core\Practice\Deeds\Deed;
use Bouclier\Core\Practice\Deeds\TraceRuns;

/**
 * Somebody at a practice house: what was done so far, what it showed, the clock, and which boxes stand open. It goes on from one deed to
 * the next; the same deeds in the same case are the same visit, wherever they are done.
 */
final class Visit
{
    public readonly Simulation $simulation;

    public readonly FeedMap $feeds;

    public readonly Places $places;

    private float $minutes = 0.0;

    /** @var list<Done> */
    private array $steps = [];

    /** @var array<BoxState> boxes that were opened, by point id */
    private array $boxes = [];

    /** @var array<BoxProof> what was read at each box since power last came to it, by point id */
    private array $proofs = [];

    /** @var list<TestDone> */
    private array $tests = [];

    private readonly LiveState $wiring;

    private function __construct(public readonly PracticeCase $case)
    {
        $this->simulation = $case->simulation();
        $this->feeds = $this->simulation->feeds;
        $this->places = new Places($case->asItIs);
        $this->wiring = new LiveState($case->asItIs, $this->feeds);
    }

    /**
     * @param list<Deed> $deeds
     *
     * @throws NotPossible
     */
    public static function of(PracticeCase $case, array $deeds = []): self
    {
        $visit = new self($case);
        array_map($visit->do(...), $deeds);

        return $visit;
    }

    /**
     * What would hurt stops it, and nothing is done: it goes on from before.
     *
     * @throws NotPossible
     */
    public function do(Deed $deed): Done
    {
        $danger = DangerRule::first($this, $deed);
        $minutes = $danger === null ? $deed->minutes($this) : 0.0;
        $read = $danger === null ? $deed->carryOut($this) : $danger->title;
        $this->minutes += $minutes;
        $done = new Done($deed, $read, $minutes, $this->minutes, $this->opened(), count($this->tests), $danger);
        $this->steps[] = $done;

        return $done;
    }

    public function minutes(): float
    {
        return $this->minutes;
    }

    /** @return list<Done> */
    public function steps(): array
    {
        return $this->steps;
    }

    /** What an action showed, into the notebook; what it does to power and boxes follows. */
    public function note(Action $action, Reading $reading): void
    {
        $this->tests[] = OpenCall::test($action, $reading->toData(), null, null);
        $turned = $action->turns();
        if ($turned !== null && $turned[1]) {
            $this->proofs = array_filter(
                $this->proofs,
                fn(int|string $point): bool => ! in_array($turned[0], $this->breakers((string) $point), true),
                ARRAY_FILTER_USE_KEY,
            );
        }
    }

    public function boxAt(string $point): BoxState
    {
        return $this->boxes[$point] ?? BoxState::MadeUp;
    }

    public function leaves(string $point, BoxState $state): void
    {
        $this->boxes[$point] = $state;
    }

    public function proves(string $point, BoxProof $proof): void
    {
        $this->proofs[$point] = $proof;
    }

    public function proofAt(string $point): ?BoxProof
    {
        return $this->proofs[$point] ?? null;
    }

    public function isOpen(string $point): bool
    {
        return $this->boxAt($point)->isOpen();
    }

    /** @return list<string> boxes that stand open, by point id */
    public function opened(): array
    {
        return array_map(strval(...), array_keys(array_filter($this->boxes, fn(BoxState $state): bool => $state->isOpen())));
    }

    /** @return list<string> breakers that have to be off before a box is dead */
    public function breakers(string $point): array
    {
        return array_map(fn(Circuit $one): string => $one->id, $this->wiring->breakersOf($this->case->asItIs->point($point)));
    }

    /** @return list<string> those of them that are not off by hand */
    public function notOff(string $point): array
    {
        return array_values(array_filter(
            $this->breakers($point),
            fn(string $circuit): bool => ($this->simulation->condition->off[$circuit] ?? false) === false,
        ));
    }

    /** Whether closing a device or breaker now would be closing it into a short. */
    public function isShortedBeyond(string $device): bool
    {
        $closed = clone $this->simulation->condition;
        if ($this->case->house->hasCircuit($device)) {
            $closed->turns($device, true);
        }
        $closed->closes($device);

        return $this->simulation->tripping->shorted($this->simulation->tripping->grid($closed)) !== [];
    }

    /** @return list<Cable> pairs in a box, its feed first */
    public function cablesIn(string $point): array
    {
        $at = $this->case->asItIs->point($point);
        $feed = $this->feeds->feed($at)->cable;

        return [...($feed === null ? [] : [$feed]), ...$this->feeds->cablesOutOf($at)];
    }

    /** @return list<string> boxes that have to stand open for an action, by point id */
    public function boxesOf(Action $action): array
    {
        if (! $action->isInTheBox()) {
            return [];
        }
        $boxes = $action->boxes($this->case->asItIs);

        return $action->isAtOneEnd() || ! $action->wantsCableAlone() ? $this->nearest($boxes) : $boxes;
    }

    /**
     * @param list<string> $boxes it may be done in
     *
     * @return list<string> the one that stands open, else the first
     */
    private function nearest(array $boxes): array
    {
        $open = array_values(array_filter($boxes, $this->isOpen(...)));

        return array_slice($open === [] ? $boxes : $open, 0, 1);
    }

    /** Whether it is known what feeds what. */
    public function isTraced(): bool
    {
        return $this->case->isTraced()
            || array_filter($this->steps, fn(Done $step): bool => $step->deed instanceof TraceRuns) !== [];
    }

    /** @return list<TestDone> what was done and read, as a call has it */
    public function tests(): array
    {
        return $this->tests;
    }

    /** The house with all that was read so far: what the application's own advice goes by. */
    public function notebook(?int $tests = null): House
    {
        $house = $this->case->house;
        $done = $tests === null ? $this->tests : array_slice($this->tests, 0, $tests);

        return $house->with(entries: $house->entries->with(EntryList::Tests, $done));
    }

    /** What can be done where, as the house stands: as far as anybody can see it. */
    public function situation(): Situation
    {
        $wrong = [];

        return new Situation(
            $this->case->asItIs,
            $this->feeds,
            $this->simulation->condition,
            done: array_map(fn(Test $test): Action => $test->action, Test::read($this->case->asItIs, $this->tests, $wrong)),
        );
    }
}
