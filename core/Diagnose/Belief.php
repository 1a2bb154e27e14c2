<?php

declare(strict_types=1);

namespace Bouclier\Core\Diagnose;

use Bouclier\Core\Actions\Action;
use Bouclier\Core\Actions\Chances;
use Bouclier\Core\Actions\Instrument;
use Bouclier\Core\Actions\Likelihood;
use Bouclier\Core\Actions\Outcome;
use Bouclier\Core\Actions\World;
use Bouclier\Core\Faults\Fault;
use Bouclier\Core\House\Arithmetic;
use Bouclier\Core\House\Rank;
use Bouclier\Core\Network\Condition;
use Bouclier\Core\Network\HouseGrid;

/**
 * One cause at one severity, followed through everything that was done: the worlds the house may be in under it, and how likely it made
 * what was read. What nobody saw (a threshold between 4 and 6 mA, whether what comes and goes shows just now) is kept as worlds of their
 * own weight.
 */
final class Belief
{
    /** Weight below which a world is given up. */
    private const LEAST = 0.01;

    /** Several readings of one clamp are each unlikely by themselves: only what cannot be at all is cut off. */
    private const LEAST_LIKELY = 1e-20;

    /** Worlds that are followed at once. */
    private const MOST = 6;

    /** @var non-empty-list<World> their weights add up to one */
    public array $worlds;

    /** @var list<float> how likely each reading was, as a logarithm */
    public array $each = [];

    private Openings $openings;

    private HowOften $howOften;

    private Course $course;

    /**
     * @param list<Fault> $faults
     * @param bool $comesAndGoes drawn anew whenever something is energised
     * @param bool $leaks whether what is in order leaks anything
     * @param list<string> $opened devices of which one has opened by it, however unlikely that was
     */
    public function __construct(
        private readonly Foresight $foresight,
        public readonly array $faults,
        public readonly bool $comesAndGoes,
        private readonly bool $severityKnown,
        ?string $startsOpen = null,
        bool $leaks = true,
        array $opened = [],
    ) {
        $this->openings = new Openings($foresight, $faults, $leaks);
        $this->howOften = new HowOften();
        $this->course = new Course($foresight, $faults, $comesAndGoes, $this->openings, $this->howOften, $severityKnown);
        $condition = Condition::of($foresight->house);
        if ($startsOpen !== null) {
            $condition->opens($startsOpen);
        }
        $worlds = [];
        foreach ($this->course->drawn(new World($condition, true, 1.0, $foresight->leakages->before)) as $world) {
            $likely = array_intersect_key($this->openings->firstToOpen($world), array_flip($opened));
            if ($likely !== []) {
                $this->openings->observe($world, [(string) array_search(max($likely), $likely, true)]);
                $world->weight = 1.0;
            }
            array_push($worlds, ...$this->openings->settled($world));
        }
        $this->worlds = self::merged($worlds);
    }

    /** @param list<string> $opened devices of which one has opened by it */
    public static function of(Foresight $foresight, Hypothesis $hypothesis, int $variant, array $opened = []): self
    {
        return new self(
            $foresight,
            $hypothesis->variants[$variant],
            $hypothesis->comesAndGoes,
            $hypothesis->isSeverityKnown(),
            $hypothesis->startsOpen,
            opened: $opened,
        );
    }

    public function __clone()
    {
        $this->openings = clone $this->openings;
        $this->howOften = clone $this->howOften;
        $this->course = new Course(
            $this->foresight,
            $this->faults,
            $this->comesAndGoes,
            $this->openings,
            $this->howOften,
            $this->severityKnown,
        );
        $this->worlds = array_map(fn(World $world): World => clone $world, $this->worlds);
    }

    /** The likeliest world. */
    public function world(): World
    {
        $best = $this->worlds[0];
        foreach ($this->worlds as $world) {
            $best = $world->weight > $best->weight ? $world : $best;
        }

        return $best;
    }

    /**
     * How the house would look under it now with every breaker on, what comes and goes showing; and what leaked as it was told.
     *
     * @param list<string> $running ids of appliances that ran then
     */
    public function appearance(array $running): Appearance
    {
        $world = clone $this->world();
        foreach (array_keys($world->condition->off) as $circuit) {
            $world->condition->turns((string) $circuit, true);
        }
        $world->changed();
        $now = self::merged($this->course->settled($this->course->drawn($world)[0]))[0];
        $condition = Condition::of($this->foresight->house);
        $condition->running = array_fill_keys($running, true) + $condition->running;
        $told = $this->course->drawn(new World($condition, true, 1.0, $world->leakages))[0];
        $sound = $this->sound($told->condition);
        $sees = $clamped = [];
        foreach ($this->foresight->tripping->protective() as $one) {
            if ($one->tripMa !== null) {
                $sees[$one->id] = [$this->openings->residual($told, $one->id)->ma, 1000.0 * $sound->residual($one->id)];
            }
        }
        foreach (array_keys($sound->cables) as $cable) {
            $clamped[$cable] = [
                $this->openings->through($told, (string) $cable)['ma']->ma,
                $this->foresight->instruments->clamp($sound, (string) $cable)['ma'],
            ];
        }

        return new Appearance(
            $this->foresight->readings($now->grid($this->foresight)),
            $this->foresight->readings($this->sound($world->condition)),
            $now->open(),
            self::merged($this->course->settled($told))[0]->open(),
            $sees,
            $clamped,
        );
    }

    /** The network of a condition with nothing wrong. */
    private function sound(Condition $condition): HouseGrid
    {
        $sound = clone $condition;
        $sound->faults = [];

        return $this->foresight->build($sound);
    }

    /**
     * @param bool $isRepeat whether the same was read before, the house standing as it did: it speaks only of what comes and goes
     *
     * @return float how likely the reading was, as a logarithm
     */
    public function take(Test $test, bool $isRepeat = false): float
    {
        if ($test->reading->isEmpty()) {
            // Nobody said what it showed.
            $this->prepare($test->action);

            return $this->each[] = 0.0;
        }
        $after = [];
        $this->swap($test->action);
        foreach ($this->worlds as $world) {
            array_push($after, ...$test->action->read($this->course, $world, $test->reading));
        }
        $likelihood = array_sum(array_column($after, 'weight'));
        foreach ($after as $world) {
            $world->weight /= max(1e-30, $likelihood);
        }
        $this->worlds = self::merged($after);
        if ($this->comesAndGoes && $test->action->energises()) {
            $this->howOften->drawn(array_sum(array_map(fn(World $world): float => $world->shows ? $world->weight : 0.0, $this->worlds)));
        }

        $isNothingNew = $isRepeat && ! ($this->comesAndGoes && $test->action->energises());

        return $this->each[] = $isNothingNew ? 0.0 : Arithmetic::log(max(self::LEAST_LIKELY, $likelihood));
    }

    /**
     * What was told of how the house stood before anything was done.
     *
     * @param callable(World): float $likelihood
     */
    public function told(callable $likelihood): void
    {
        foreach ($this->worlds as $world) {
            $world->weight *= $likelihood($world);
        }
        $this->worlds = self::merged($this->worlds);
    }

    /** @param list<string> $devices devices and breakers that had opened before anything was done */
    public function hasOpened(array $devices): void
    {
        foreach ($this->worlds as $world) {
            array_map($world->opens(...), $devices);
        }
    }

    /** What is done, and nobody says what it showed. */
    public function prepare(Action $action): void
    {
        $this->swap($action);
        $after = [];
        foreach ($this->worlds as $world) {
            foreach ($action->leadsTo($this->course, $world) as [$then]) {
                $after[] = $then;
            }
        }
        $this->worlds = self::merged($after);
    }

    /**
     * Several things done at one moment, and nobody says what they showed.
     *
     * @param list<Action> $actions
     */
    public function prepareTogether(array $actions): void
    {
        $last = array_pop($actions);
        foreach ($last === null ? [] : $this->worlds as $world) {
            foreach ($actions as $action) {
                $this->course->done($world, $action);
            }
        }
        if ($last !== null) {
            $this->prepare($last);
        }
    }

    /**
     * What an action may show, and how likely each is; the outcomes are the same for all causes.
     *
     * @param list<string>|null $open what was open before the first of several actions, where what any of them opens counts
     */
    public function outcomes(Action $action, ?array $open = null): Chances
    {
        $chances = new Chances();
        $then = $action instanceof Instrument ? $this : clone $this;
        $then->swap($action);
        foreach ($then->worlds as $world) {
            $chances->addAll($action->chances($then->course, $world, $open), 1.0);
        }

        return $action instanceof Instrument ? $chances : $chances->add(Outcome::anythingElse(), Likelihood::SLIP);
    }

    /**
     * Chance that one of the devices is open as the house stands now.
     *
     * @param list<string> $devices
     */
    public function chanceOpen(array $devices): float
    {
        return array_sum(
            array_map(
                fn(World $world): float => array_intersect($devices, $world->open()) === [] ? 0.0 : $world->weight,
                $this->worlds,
            ),
        );
    }

    public function isDead(string $device): bool
    {
        return $this->openings->isDead($device);
    }

    public function isStuck(string $device): bool
    {
        return $this->openings->isStuck($device);
    }

    /** @return list<string> breakers that open if it goes on like this */
    public function overloaded(World $world): array
    {
        return $this->course->overloaded($world);
    }

    private function swap(Action $action): void
    {
        $device = $action->replaces();
        if ($device === null) {
            return;
        }
        $this->openings->replace($device);
        foreach ($this->worlds as $world) {
            unset($world->thresholds[$device], $world->before[$device]);
            $world->closes($device);
        }
    }

    /**
     * @param list<World> $worlds
     *
     * @return non-empty-list<World>
     */
    private static function merged(array $worlds): array
    {
        if (count($worlds) === 1) {
            $worlds[0]->weight = 1.0;

            return $worlds;
        }
        $keys = array_map(fn(World $world): string => $world->key(), $worlds);
        uksort(
            $worlds,
            fn(int $one, int $other): int => Rank::higher($worlds[$one]->weight, $worlds[$other]->weight, $keys[$one], $keys[$other]),
        );
        $merged = [];
        $sum = array_sum(array_column($worlds, 'weight'));
        foreach ($worlds as $number => $world) {
            $key = $keys[$number];
            if (isset($merged[$key])) {
                $merged[$key]->weight += $world->weight;
            } elseif ($merged === [] || ($world->weight > self::LEAST * $sum && count($merged) < self::MOST)) {
                $merged[$key] = $world;
            }
        }
        $kept = array_sum(array_column($merged, 'weight'));
        foreach ($merged as $world) {
            $world->weight /= max(1e-12, $kept);
        }

        return $merged === [] ? throw new \LogicException('a belief has lost all its worlds') : array_values($merged);
    }
}
