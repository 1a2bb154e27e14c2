<?php

declare(strict_types=1);

namespace Bouclier\Core\Diagnose;

use Bouclier\Core\House\Arithmetic;
use Bouclier\Core\House\Rank;
use Bouclier\Core\Network\Action;
use Bouclier\Core\Network\ActionKind;
use Bouclier\Core\Network\Condition;
use Bouclier\Core\Network\Fault;
use Bouclier\Core\Network\HouseGrid;

/**
 * One cause at one severity, followed through everything that was done: the worlds the house may be in under it, and how likely it made what was read. What nobody saw
 * (a threshold between 4 and 6 mA, whether what comes and goes shows just now) is kept as worlds of their own weight.
 */
final class Belief
{
    private const SLIP = MeterReadings::SLIP;

    /** Weight below which a world is given up. */
    private const LEAST = 0.01;

    /** Several readings of one clamp are each unlikely by themselves: only what cannot be at all is cut off. */
    private const LEAST_LIKELY = 1e-20;

    /** Part by which what leaks honestly may be off what is typical. */
    private const TYPICAL = 0.05;

    /** Worlds that are followed at once. */
    private const MOST = 6;

    /** @var non-empty-list<World> their weights add up to one */
    public array $worlds;

    /** @var list<float> how likely each reading was, as a logarithm */
    public array $each = [];

    private readonly MeterReadings $meters;

    private Openings $openings;

    private HowOften $howOften;

    private Course $course;

    /**
     * @param list<Fault> $faults
     * @param bool $comesAndGoes drawn anew whenever something is energised
     * @param float $leakScale times the honest leakages
     */
    public function __construct(
        private readonly Foresight $foresight,
        public readonly array $faults,
        public readonly bool $comesAndGoes,
        private readonly float $leakScale,
        private readonly bool $severityKnown,
        ?string $startsOpen = null,
    ) {
        $this->meters = $foresight->meters();
        $this->openings = new Openings($foresight, $faults, $leakScale);
        $this->howOften = new HowOften();
        $this->course = new Course($foresight, $faults, $comesAndGoes, $this->openings, $this->howOften);
        $condition = Condition::of($foresight->house);
        if ($startsOpen !== null) {
            $condition->open[$startsOpen] = true;
        }
        $worlds = [];
        foreach ($this->course->drawn(new World($condition, true, 1.0)) as $world) {
            array_push($worlds, ...$this->openings->settled($world));
        }
        $this->worlds = self::merged($worlds);
    }

    public static function of(Foresight $foresight, Hypothesis $hypothesis, int $variant): self
    {
        return new self($foresight, $hypothesis->variants[$variant], $hypothesis->comesAndGoes, $hypothesis->leakScales[$variant] ?? 1.0, count($hypothesis->variants) === 1, $hypothesis->startsOpen);
    }

    public function __clone()
    {
        $this->openings = clone $this->openings;
        $this->howOften = clone $this->howOften;
        $this->course = new Course($this->foresight, $this->faults, $this->comesAndGoes, $this->openings, $this->howOften);
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

    /** @return float how likely the reading was, as a logarithm */
    public function take(Test $test): float
    {
        if (get_object_vars($test->reading) === []) {
            // Nobody said what it showed.
            $this->prepare($test->action);

            return $this->each[] = 0.0;
        }
        $after = [];
        $this->swap($test->action);
        foreach ($this->worlds as $world) {
            array_push($after, ...$this->read($world, $test->action, $test->reading));
        }
        $likelihood = array_sum(array_column($after, 'weight'));
        foreach ($after as $world) {
            $world->weight /= max(1e-30, $likelihood);
        }
        $this->worlds = self::merged($after);
        if ($this->comesAndGoes && $test->action->energises()) {
            $this->howOften->drawn(array_sum(array_map(fn(World $world): float => $world->shows ? $world->weight : 0.0, $this->worlds)));
        }

        return $this->each[] = Arithmetic::log(max(self::LEAST_LIKELY, $likelihood));
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

    /** What is done, and nobody says what it showed. */
    public function prepare(Action $action): void
    {
        $this->swap($action);
        $after = [];
        foreach ($this->worlds as $world) {
            foreach ($this->acted($world, $action) as [$then]) {
                $after[] = $then;
            }
        }
        $this->worlds = self::merged($after);
    }

    /**
     * @param list<string>|null $open what was open before the first of several actions, where what any of them opens counts
     *
     * @return array<string, float> what an action may show, and how likely each is; the names are the same for all causes
     */
    public function outcomes(Action $action, ?array $open = null): array
    {
        $shown = [];
        if (MeterReadings::reads($action->kind)) {
            foreach ($this->worlds as $world) {
                foreach ($this->meters->shows($world->grid($this->foresight), $action, $this->toBeFound($world, $action)) as $name => $chance) {
                    $shown[$name] = ($shown[$name] ?? 0.0) + $world->weight * $chance;
                }
            }

            return $shown;
        }
        $then = clone $this;
        $then->swap($action);
        foreach ($then->worlds as $world) {
            foreach ($then->acted($world, $action, $open) as [$after, $name]) {
                $shown[$name] = ($shown[$name] ?? 0.0) + (1.0 - self::SLIP) * $after->weight;
            }
        }
        return [...$shown, 'other' => self::SLIP];
    }

    /**
     * Chance that one of the devices is open as the house stands now.
     *
     * @param list<string> $devices
     */
    public function chanceOpen(array $devices): float
    {
        return array_sum(array_map(fn(World $world): float => array_intersect($devices, array_map(strval(...), array_keys($world->condition->open))) === [] ? 0.0 : $world->weight, $this->worlds));
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

    /**
     * Eyes and a screwdriver find what comes and goes whether it shows just now or not; a meter on a cable by itself only while it shows, as it did when power was on last.
     *
     * @return list<Fault>
     */
    private function toBeFound(World $world, Action $action): array
    {
        return $action->kind === ActionKind::Insulation ? $world->condition->faults : $this->faults;
    }

    private function without(World $world): HouseGrid
    {
        $condition = clone $world->condition;
        $condition->faults = [];

        return $this->foresight->build($condition);
    }

    /** @return list<World> with its likelihood in its weight */
    private function read(World $world, Action $action, \stdClass $reading): array
    {
        $device = $action->at->device() ?? '';
        if (MeterReadings::reads($action->kind)) {
            $world->weight *= $this->meters->likelihood($world->grid($this->foresight), $action, $reading, $this->toBeFound($world, $action), $this->severityKnown ? null : $this->without($world));

            return [$world];
        }
        if ($action->kind === ActionKind::Indicator) {
            $world->weight *= ($reading->shows ?? null) === $this->course->indicator($world, $device) ? 0.98 : self::SLIP;

            return [$world];
        }
        if ($action->kind === ActionKind::Trial) {
            $world->weight *= $this->course->trial($world, $device, max(1, $action->days), (int) MeterReadings::number($reading, 'trips'));

            return [$world];
        }
        $tripped = is_array($reading->tripped ?? null) ? array_values(array_filter($reading->tripped, fn(mixed $id): bool => is_string($id) && $this->foresight->tripping->protector($id) !== null)) : [];
        if ($action->kind === ActionKind::Wiggle) {
            return [$this->wiggled($world, $action, $tripped)];
        }
        if ($action->kind === ActionKind::Reset || $action->kind === ActionKind::SwapDevice) {
            return $this->closed($world, $action, $reading, $device, $tripped);
        }
        $times = $action->kind === ActionKind::Wait ? (int) floor($action->minutes / 10.0) : 1;
        $after = [];
        foreach ($action->energises() ? $this->course->drawn($this->course->done($world, $action), $tripped === [] ? $times : 1) : [$this->course->done($world, $action)] as $then) {
            if ($action->kind === ActionKind::Wait && $this->course->overloaded($then) !== []) {
                $then->weight *= array_filter($tripped, fn(string $id): bool => ! $this->foresight->house->hasPoint($id)) === [] ? self::SLIP : 1.0;
                array_map($then->opens(...), $tripped);
            } elseif ($action->kind === ActionKind::PressTest && in_array($device, $tripped, true)) {
                $then->weight *= $this->course->answersTest($then, $device) ? 1.0 : self::SLIP;
                array_map($then->opens(...), $tripped);
            } else {
                $then->weight *= $action->kind === ActionKind::PressTest && $this->course->answersTest($then, $device) ? self::SLIP : 1.0;
                $this->openings->observe($then, $tripped);
            }
            if ($action->kind === ActionKind::TesterButton) {
                $then->weight *= $this->residuals($then, $reading);
                $then->condition->button = null;
                $then->changed();
            }
            if (($action->kind === ActionKind::PressTest || $action->kind === ActionKind::Lift) && MeterReadings::has($reading, 'dead')) {
                $then->weight *= $this->meters->walked($then->grid($this->foresight), $reading, true);
            }
            $after[] = $then;
        }

        return $after;
    }

    /**
     * @param list<string> $tripped
     *
     * @return list<World>
     */
    private function closed(World $world, Action $action, \stdClass $reading, string $device, array $tripped): array
    {
        $holds = ($reading->holds ?? false) === true;
        $isOpen = isset($world->condition->open[$device]);
        $hasPower = $this->course->hasPower($world, $device);
        if (($reading->no_power ?? false) === true || ! $hasPower) {
            $world->weight *= ($reading->no_power ?? ! $holds) === ! $hasPower ? 1.0 : self::SLIP;

            return [$world];
        }
        if (! $isOpen && $action->kind === ActionKind::Reset && $tripped === []) {
            $world->weight *= $holds ? 1.0 : self::SLIP;
            if (! $holds) {
                $world->opens($device);
            }

            return [$world];
        }
        if ($this->isDead($device)) {
            $world->opens($device);
            $world->weight *= ! $holds && $tripped === [] ? 1.0 : self::SLIP;

            return [$world];
        }
        unset($world->condition->open[$device]);
        $world->changed();
        $after = $this->course->drawn($world);
        foreach ($after as $then) {
            if (! $holds && $tripped === []) {
                $then->weight *= self::SLIP;
                $then->opens($device);
            } else {
                $this->openings->observe($then, $tripped);
            }
        }

        return $after;
    }

    /**
     * What an action leads to, each with what it shows.
     *
     * @param list<string>|null $open
     *
     * @return list<array{World, string}>
     */
    private function acted(World $world, Action $action, ?array $open = null): array
    {
        $device = $action->at->device() ?? '';
        if ($action->kind === ActionKind::Indicator) {
            return [[$world, $this->course->indicator($world, $device)]];
        }
        if ($action->kind === ActionKind::Trial) {
            return $this->trials($world, $device, max(1, $action->days));
        }
        if ($action->kind === ActionKind::Wiggle) {
            return $this->wiggles($world, $action);
        }
        if ($action->kind === ActionKind::Reset || $action->kind === ActionKind::SwapDevice) {
            if (! $this->course->hasPower($world, $device)) {
                return [[$world, 'no_power']];
            }
            if ($this->isDead($device)) {
                return [[$world, 'dead']];
            }
            unset($world->condition->open[$device]);
            $world->changed();
        }
        $then = $this->course->done($world, $action);
        if ($action->kind === ActionKind::PressTest && $this->course->answersTest($then, $device)) {
            $then->opens($device);

            return [[$then, Shown::trips([]) . $this->course->dead($then)]];
        }
        $before = $open ?? array_map(strval(...), array_keys($then->condition->open));
        $after = [];
        $times = $action->kind === ActionKind::Wait ? (int) floor($action->minutes / 10.0) : 1;
        foreach ($action->energises() ? $this->course->drawn($then, $times) : [$then] as $drawn) {
            if ($action->kind === ActionKind::Wait) {
                array_map($drawn->opens(...), $this->course->overloaded($drawn));
            }
            foreach ($this->openings->settled($drawn) as $end) {
                $opened = array_values(array_diff(array_map(strval(...), array_keys($end->condition->open)), $before));
                sort($opened);
                $dead = $action->kind === ActionKind::Lift || $action->kind === ActionKind::PressTest ? ' ' . $this->course->dead($end) : '';
                if ($action->kind === ActionKind::TesterButton) {
                    $end->condition->button = null;
                    $end->changed();
                }
                $after[] = [$end, $opened === [] ? "holds$dead" : Shown::trips($opened) . $dead];
            }
        }

        return $after;
    }

    private function residuals(World $world, \stdClass $reading): float
    {
        $read = $reading->residual_ma ?? null;
        if (! $read instanceof \stdClass) {
            return 1.0;
        }
        // As the button was held, before anything opened.
        $held = clone $world;
        $likelihood = 1.0;
        foreach (get_object_vars($read) as $id => $ma) {
            unset($held->condition->open[$id]);
        }
        $held->changed();
        $grid = $held->grid($this->foresight);
        $without = $this->severityKnown ? $grid : $this->without($held);
        foreach (get_object_vars($read) as $id => $ma) {
            if (is_numeric($ma) && $this->foresight->tripping->protector((string) $id) !== null) {
                $true = 1000.0 * $this->leakScale * $grid->residual((string) $id);
                $spread = self::TYPICAL * $true + MeterReadings::spread($true, 1000.0 * $this->leakScale * $without->residual((string) $id));
                $likelihood *= MeterReadings::milliamperes((float) $ma, $true, $spread) / (0.4 * 0.1);
            }
        }

        return $likelihood;
    }

    /** @param list<string> $tripped */
    private function wiggled(World $world, Action $action, array $tripped): World
    {
        [$chance, $then] = $this->course->wiggle($action);
        $plain = clone $world;
        $this->openings->observe($plain, $tripped);
        if ($chance > 0.0) {
            $set = clone $world;
            $set->condition->faults = [...$world->condition->faults, ...$then];
            $set->changed();
            $this->openings->observe($set, $tripped);
            $plain->weight = (1.0 - $chance) * $plain->weight + $chance * $set->weight;
        }

        return $plain;
    }

    /** @return list<array{World, string}> */
    private function wiggles(World $world, Action $action): array
    {
        [$chance, $then] = $this->course->wiggle($action);
        $plain = clone $world;
        $plain->weight *= 1.0 - $chance;
        $ways = [[$plain, 'holds']];
        if ($chance > 0.0) {
            $set = clone $world;
            $set->weight *= $chance;
            $set->condition->faults = [...$world->condition->faults, ...$then];
            $set->changed();
            foreach ($this->openings->settled($set) as $end) {
                $opened = array_values(array_diff(array_map(strval(...), array_keys($end->condition->open)), array_map(strval(...), array_keys($world->condition->open))));
                $ways[] = [$end, $opened === [] ? 'holds' : Shown::trips($opened)];
            }
        }

        return $ways;
    }

    /** @return list<array{World, string}> none of the days, some, or every one */
    private function trials(World $world, string $device, int $days): array
    {
        $ways = [];
        $none = $this->course->trial($world, $device, $days, 0);
        $all = $this->course->trial($world, $device, $days, $days);
        foreach (['quiet' => $none, 'every day' => $all, 'some days' => max(0.0, 1.0 - $none - $all)] as $name => $chance) {
            $then = clone $world;
            $then->weight *= $chance;
            $ways[] = [$then, $name];
        }

        return $ways;
    }

    private function swap(Action $action): void
    {
        if ($action->kind === ActionKind::SwapDevice) {
            $device = $action->at->device() ?? '';
            $this->openings->replace($device);
            foreach ($this->worlds as $world) {
                unset($world->thresholds[$device], $world->before[$device], $world->condition->open[$device]);
                $world->changed();
            }
        }
    }

    /**
     * @param list<World> $worlds
     *
     * @return non-empty-list<World>
     */
    private static function merged(array $worlds): array
    {
        $keys = array_map(fn(World $world): string => $world->key(), $worlds);
        uksort($worlds, fn(int $one, int $other): int => Rank::higher($worlds[$one]->weight, $worlds[$other]->weight, $keys[$one], $keys[$other]));
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
