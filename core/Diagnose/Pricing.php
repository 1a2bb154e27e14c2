<?php

declare(strict_types=1);

namespace Bouclier\Core\Diagnose;

use Bouclier\Core\Actions\Action;
use Bouclier\Core\Actions\Kinds;
use Bouclier\Core\Actions\Situation;
use Bouclier\Core\Feed\FeedMap;
use Bouclier\Core\House\BoxState;
use Bouclier\Core\House\Circuit;
use Bouclier\Core\House\House;
use Bouclier\Core\House\SymptomKind;
use Bouclier\Core\Network\Condition;

/**
 * The house as it stands when something is to be done: what has to be done first, which boxes have been open, what it costs, and what need
 * not be done again.
 */
final readonly class Pricing
{
    /** Minutes to open a box the first time. */
    public const OPENING = 6.0;

    /** To open one again that was made up. */
    private const OPENING_AGAIN = 3.0;

    /** Minutes to make up one that is open before power comes to it. */
    public const MAKING_UP = 3.0;

    /** Times its minutes, for work on live parts. */
    private const LIVE = 1.5;

    /** A day of waiting for a householder, in minutes of work. */
    private const DAY = 1.0;

    /** Minutes to get ready for anything, and to note what it showed. */
    private const NOTING = 1.0;

    /**
     * @param list<string> $cannot kinds of action that are not possible, or a kind and the id of a place
     * @param list<Test> $done
     * @param array<BoxState> $boxes how the boxes stand that have been open, by point id
     * @param bool $mayComeAndGo whether what comes and goes is likely enough to have it drawn once more
     */
    private function __construct(
        public Situation $now,
        private array $cannot,
        private array $done,
        private array $boxes,
        private bool $mayComeAndGo,
    ) {
    }

    /**
     * @param Condition $now how the house stands, in all likelihood
     * @param list<string> $cannot
     * @param list<Test> $done
     * @param bool $mayComeAndGo whether what comes and goes is likely enough to have it drawn once more
     */
    public static function of(
        Foresight $foresight,
        Symptom $symptom,
        Condition $now,
        array $cannot = [],
        array $done = [],
        bool $mayComeAndGo = true,
    ): self {
        $house = $foresight->house;
        $point = $house->hasPoint($symptom->at) ? $house->point($symptom->at) : null;

        return new self(new Situation(
            $house,
            $foresight->feeds,
            $now,
            $symptom->devices($foresight->feeds),
            $symptom->circuit($foresight->feeds),
            $point?->isReceptacle() === true ? $point : null,
            in_array($symptom->kind, [SymptomKind::Dead, SymptomKind::ReadsWrong], true),
            array_map(fn(Test $test): Action => $test->action, $done),
        ), $cannot, $done, self::boxesAfter($foresight, $done), $mayComeAndGo);
    }

    /**
     * @param list<Test> $done
     *
     * @return array<BoxState> by point id
     */
    private static function boxesAfter(Foresight $foresight, array $done): array
    {
        $boxes = [];
        foreach ($done as $test) {
            foreach (self::madeUp($foresight->house, $foresight->feeds, $boxes, $test->action) as $box) {
                $boxes[$box] = BoxState::MadeUp;
            }
            $boxes = $test->action->leavesBoxes($foresight->house) + $boxes;
        }

        return $boxes;
    }

    /**
     * Boxes that are made up before something is done that wants power: those that stand open on the circuit, but for the one that is read
     * live.
     *
     * @param array<BoxState> $boxes by point id
     *
     * @return list<string> point ids
     */
    private static function madeUp(House $house, FeedMap $feeds, array $boxes, Action $action): array
    {
        $open = array_diff_key(
            array_filter($boxes, fn(BoxState $state): bool => $state->isOpen()),
            $action->isInTheBox() ? array_fill_keys($action->boxes($house), true) : [],
        );
        if ($open === [] || (! $action->wantsPower() && ! $action->energises())) {
            return [];
        }
        $circuit = self::circuitOf($house, $feeds, $action)?->id;

        return array_values(array_filter(
            array_map(strval(...), array_keys($open)),
            fn(string $box): bool => $circuit === null || $feeds->feed($house->point($box))->circuit?->id === $circuit,
        ));
    }

    private static function circuitOf(House $house, FeedMap $feeds, Action $action): ?Circuit
    {
        $at = $house->findCable($action->at->cable)->to->point ?? $action->at->point ?? $house->findAppliance(
            $action->at->appliance,
        )->at ?? null;

        return match (true) {
            $at !== null => $feeds->feed($house->point($at))->circuit,
            $action->at->circuit !== null => $house->circuit($action->at->circuit),
            default => null,
        };
    }

    /** @return list<Proposal> what can be done next: what has to be done first comes with it */
    public function proposals(): array
    {
        $proposals = [];
        foreach (Kinds::ALL as $kind) {
            foreach ($kind::worthTrying($this->now) as $actions) {
                $priced = $this->priced($actions);
                if ($priced !== null) {
                    // Two ways may lead to the same.
                    $proposals[$priced->text] ??= $priced;
                }
            }
        }

        return array_values($proposals);
    }

    /**
     * With all that has to be done before it.
     *
     * @param non-empty-list<Action> $actions
     *
     * @return Proposal|null null where it cannot be done, or would show nothing new
     */
    public function priced(array $actions): ?Proposal
    {
        $all = $minutes = $needsOpen = [];
        $price = self::NOTING;
        $entering = 0.0;
        $isLive = $isChanged = false;
        $box = null;
        $boxes = $this->boxes;
        $house = $this->now->house;
        foreach ([...$this->before($actions), ...$actions] as $action) {
            if ($this->cannotDo($action) || $this->wasReadSince($action, $isChanged) || (! $isChanged && $this->wasTriedOften($action))) {
                return null;
            }
            $opens = $action->isInTheBox() && ! $this->isOpened($action);
            $made = self::madeUp($house, $this->now->feeds, $boxes, $action);
            $boxes = array_fill_keys($made, BoxState::MadeUp) + $boxes;
            $opening = self::opening($action, $house, $boxes);
            $time = $action->minutesIn($house) + self::MAKING_UP * count($made) + $opening;
            $boxes = $action->leavesBoxes($house) + $boxes;
            $live = $action->isLive();
            // Live work in a box that is open already puts no hands on conductors; what opens one, or works in it, is done dead.
            $box ??= $action->isInTheBox() && ($opens || ! $live) ? $action->boxes($this->now->house)[0] : null;
            $isChanged = $isChanged || $this->changes($action);
            $all[] = $action;
            $minutes[] = $time;
            $needsOpen[] = $opens;
            $price += $time * ($live ? self::LIVE : 1.0) + self::DAY * $action->days();
            $entering += $opening * ($live ? self::LIVE : 1.0);
            $isLive = $isLive || $live;
        }

        // What is left open has to be made up before power comes on, be that for the next test.
        $left = self::MAKING_UP * (self::countOpen($boxes) - self::countOpen($this->boxes));

        return new Proposal($all, $minutes, max(self::NOTING, $price + $left), $entering + $left, $isLive, $needsOpen, $box);
    }

    /** @param array<BoxState> $boxes */
    private static function countOpen(array $boxes): int
    {
        return count(array_filter($boxes, fn(BoxState $state): bool => $state->isOpen()));
    }

    private function cannotDo(Action $action): bool
    {
        return in_array($action::name(), $this->cannot, true) || in_array("{$action::name()} {$action->at->id()}", $this->cannot, true);
    }

    /**
     * What has to be done so that the actions can be: the breaker on for what wants power; off, and nothing plugged in, for a cable by
     * itself.
     *
     * @param list<Action> $actions
     *
     * @return list<Action>
     */
    private function before(array $actions): array
    {
        $first = $actions[0];
        $last = $actions[count($actions) - 1];
        $circuit = $this->circuitAt($last) ?? $this->now->circuit;
        if ($circuit === null) {
            return [];
        }
        if ($last->wantsCableAlone()) {
            // Both hots of a shared cable.
            $shared = $circuit->multiwireWith === null ? [$circuit] : [$circuit, $this->now->house->circuit($circuit->multiwireWith)];

            return [
                ...array_map(
                    fn(Circuit $one): Action => $this->now->turn($one, false),
                    array_filter($shared, fn(Circuit $one): bool => ! $this->now->isOff($one)),
                ),
                ...array_map(
                    $this->now->unplugAll(...),
                    array_filter($shared, fn(Circuit $one): bool => $this->now->pluggedOn($one) !== []),
                ),
            ];
        }
        if ($first->turns() !== null || ! $last->wantsPower()) {
            return [];
        }

        return [
            ...($this->now->isOff($circuit) ? [$this->now->turn($circuit, true)] : []),
            ...($last->wantsClosed() ? array_map($this->now->close(...), $this->openOnPurpose($first)) : []),
        ];
    }

    private function circuitAt(Action $action): ?Circuit
    {
        $at = $this->pointAt($action) ?? $action->at->circuit;

        return $at === null ? null : $this->now->circuitOf($at);
    }

    private function pointAt(Action $action): ?string
    {
        return $this->now->house->findCable($action->at->cable)->to->point
            ?? $action->at->point
            ?? $this->now->now->plugged[$action->at->appliance ?? '']
            ?? null;
    }

    /**
     * Devices on the way to where something is done that a button opened, and nothing else: they are closed again first.
     *
     * @return list<string> from the panel outward
     */
    private function openOnPurpose(Action $action): array
    {
        $at = $this->pointAt($action);

        return array_values(
            array_filter(
                $at === null ? [] : $this->now->openTo($at),
                fn(string $id): bool => $action->closes() !== $id && $this->wasOpenedByButton($id),
            ),
        );
    }

    private function wasOpenedByButton(string $device): bool
    {
        foreach (array_reverse($this->done) as $test) {
            if ($test->action->closes() === $device) {
                // It would not close: it stays as it is.
                return false;
            }
            if (in_array($device, $test->reading->tripped(), true)) {
                return $test->action->isButton();
            }
        }

        return false;
    }

    /** Whether the house is another afterwards: a device that is closed cannot be closed. */
    private function changes(Action $action): bool
    {
        return ! $action->onlyShows() && ($action->closes() === null || isset($this->now->now->open[$action->closes()]));
    }

    /** Looking twice shows nothing new: at a box or a cable by itself ever, with an instrument while nothing was changed. */
    private function wasReadSince(Action $action, bool $isChanged): bool
    {
        if (! $action->onlyShows()) {
            return false;
        }
        if ($isChanged && ! $action->isDoneOnce()) {
            $most = $action->mostAmongChanges();

            return $most !== null && $this->now->timesDone($action) >= $most;
        }
        foreach (array_reverse($this->done) as $test) {
            if ($test->action->isSame($action)) {
                return true;
            }
            if (! $action->isDoneOnce() && ! $test->action->changesNothing()) {
                return false;
            }
        }

        return false;
    }

    /**
     * Whether a device was reset again and again since anything else was changed: once more would show the same, and but for what comes and
     * goes, twice is once too often.
     */
    private function wasTriedOften(Action $action): bool
    {
        $most = $action->mostTries() === null ? null : ($this->mayComeAndGo ? $action->mostTries() : 1);
        $tried = 0;
        foreach ($most === null ? [] : array_reverse($this->done) as $test) {
            if ($test->action::name() === $action::name()) {
                $tried += $test->action->at->is($action->at) ? 1 : 0;
            } elseif (! $test->action->onlyShows() || $test->reading->tripped() !== []) {
                // What a button opened is closed again: that is no other try.
                break;
            }
        }

        return $most !== null && $tried >= $most;
    }

    /** Whether the box an action is done in has been open before. */
    private function isOpened(Action $action): bool
    {
        return array_intersect_key($this->boxes, array_fill_keys($action->boxes($this->now->house), true)) !== [];
    }

    /**
     * Minutes to get into the box an action is done in: none where it stands open, or where it is made up within its own minutes.
     *
     * @param array<BoxState> $boxes by point id
     */
    private static function opening(Action $action, House $house, array $boxes): float
    {
        if (! $action->isInTheBox()) {
            return 0.0;
        }
        $known = array_intersect_key($boxes, array_fill_keys($action->boxes($house), true));

        return match (true) {
            $known === [] => self::OPENING,
            array_filter($known, fn(BoxState $state): bool => $state->isOpen()) !== [] => 0.0,
            default => self::OPENING_AGAIN,
        };
    }
}
