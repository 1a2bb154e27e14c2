<?php

declare(strict_types=1);

namespace Bouclier\Core\Practice;

use Bouclier\Core\Actions\Action;
use Bouclier\Core\Diagnose\Cause;
use Bouclier\Core\Diagnose\Diagnosis;
use Bouclier\Core\Exchange\CallReader;
use Bouclier\Core\House\Arithmetic;

/** A way from the call to its cause: what was done, in how many minutes, and what each step told. */
final readonly class Road
{
    /** Tests after which a road is given up. */
    private const MOST = 40;

    /**
     * @param list<RoadStep> $steps
     * @param non-empty-array<int, Diagnosis> $known what was known before the first test and after each, by how many were done
     */
    private function __construct(public Visit $visit, public array $steps, public array $known)
    {
    }

    /** The road of the best next tests, as the application itself would have it. */
    public static function best(PracticeCase $case): self
    {
        return self::following($case, fn(Diagnosis $known): ?array => $known->settled ? null : $known->next()?->actions);
    }

    /**
     * A road by any rule of what to do next.
     *
     * @param \Closure(Diagnosis, Visit): (non-empty-list<Action>|null) $next null where it ends
     */
    public static function following(PracticeCase $case, \Closure $next): self
    {
        $visit = Visit::of($case);
        $hands = new CarefulHands($visit);
        $known = [self::diagnosis($visit, 0)];
        for ($step = 0; $step < self::MOST; ++$step) {
            $actions = $next($known[count($visit->tests())], $visit);
            if ($actions === null) {
                break;
            }
            $hands->do($actions);
            $known[count($visit->tests())] ??= self::diagnosis($visit, count($visit->tests()));
        }

        return self::told($visit, $known);
    }

    /** The road somebody went. */
    public static function gone(Visit $visit): self
    {
        $known = [self::diagnosis($visit, 0)];
        foreach ($visit->steps() as $step) {
            $known[$step->tests] ??= self::diagnosis($visit, $step->tests);
        }

        return self::told($visit, $known);
    }

    /** @param non-empty-array<int, Diagnosis> $known by how many tests were done */
    private static function told(Visit $visit, array $known): self
    {
        $steps = [];
        $before = 0;
        foreach ($visit->steps() as $done) {
            $isTest = $done->tests > $before && isset($known[$done->tests]);
            $then = $known[$done->tests] ?? null;
            $last = self::lastBefore($known, $done->tests);
            $steps[] = new RoadStep(
                $done,
                $isTest && $then !== null && $last !== null ? self::bits($last) - self::bits($then) : null,
                $isTest && $then !== null ? $then->sure : null,
            );
            $before = $done->tests;
        }
        ksort($known);

        return new self($visit, $steps, $known);
    }

    /** @param array<int, Diagnosis> $known */
    private static function lastBefore(array $known, int $tests): ?Diagnosis
    {
        $before = array_filter(array_keys($known), fn(int $number): bool => $number < $tests);

        return $before === [] ? null : $known[max($before)];
    }

    public function end(): Diagnosis
    {
        return $this->known[max(array_keys($this->known))];
    }

    /** Whether it came to what is hidden. */
    public function isRight(): bool
    {
        $end = $this->end();
        $named = array_filter(
            $end->causes,
            fn(Cause $one): bool => $one === $end->causes[0] || in_array($one->hypothesis->id, $end->causes[0]->sameAs, true),
        );

        return $end->settled
            && array_filter($named, fn(Cause $one): bool => $this->visit->case->isNamedBy($one->hypothesis)) !== [];
    }

    public function minutes(): float
    {
        return $this->visit->minutes();
    }

    /** @return list<string> boxes that were opened, by point id */
    public function boxes(): array
    {
        return array_values(array_unique(array_merge(...array_map(fn(RoadStep $step): array => $step->done->open, $this->steps), ...[[]])));
    }

    /** What is not known of the cause yet. */
    public static function bits(Diagnosis $known): float
    {
        return array_sum(array_map(
            fn(array $one): float => $one[1] > 0.0 ? -$one[1] * Arithmetic::log($one[1]) / Arithmetic::log(2.0) : 0.0,
            $known->suspects(),
        ));
    }

    private static function diagnosis(Visit $visit, int $tests): Diagnosis
    {
        return CallReader::standing($visit->notebook($tests))?->diagnose()
            ?? throw new \LogicException("{$visit->case->name} has no call");
    }
}
