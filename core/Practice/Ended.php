<?php

declare(strict_types=1);

namespace Bouclier\Core\Practice;

use Bouclier\Core\Actions\Action;
use Bouclier\Core\Actions\Reading;
use Bouclier\Core\Diagnose\Hypothesis;
use Bouclier\Core\Diagnose\Test;

/** A visit whose cause has been named. */
final readonly class Ended
{
    /** @var list<Test> */
    public array $tests;

    /** @param Hypothesis|null $named null where somebody gave up */
    public function __construct(public Visit $visit, public ?Hypothesis $named)
    {
        $wrong = [];
        $this->tests = Test::read($visit->case->asItIs, $visit->tests(), $wrong);
    }

    public function isRight(): bool
    {
        return $this->named !== null && $this->visit->case->isNamedBy($this->named);
    }

    /** @return list<string> the names of the dangers that stopped it */
    public function dangers(): array
    {
        return array_values(array_filter(
            array_map(fn(Done $step): ?string => $step->danger?->rule, $this->visit->steps()),
            is_string(...),
        ));
    }

    /**
     * Number of the first test that fits; null where none does.
     *
     * @param \Closure(Action, Reading): bool $fits
     */
    public function first(\Closure $fits): ?int
    {
        foreach ($this->tests as $number => $test) {
            if ($fits($test->action, $test->reading)) {
                return $number;
            }
        }

        return null;
    }
}
