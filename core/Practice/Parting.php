<?php

declare(strict_types=1);

namespace Bouclier\Core\Practice;

use Bouclier\Core\Actions\Action;
use Bouclier\Core\Diagnose\Diagnosis;
use Bouclier\Core\Diagnose\Proposal;
use Bouclier\Core\Diagnose\Splits;

/** Where somebody's road left the best one: the first test that was not the best next, and what that could not have told. */
final readonly class Parting
{
    /** Part of what the best tells a minute from which on another is as good. */
    private const AS_GOOD = 0.7;

    /**
     * @param int $step number of the learner's step
     * @param Action $gone what was done there
     * @param Proposal $better what would have told most a minute
     * @param Proposal|null $proposal the same as something that could be done; null where it could tell nothing worth listing
     * @param Diagnosis $known what was known then
     */
    private function __construct(
        public int $step,
        public Action $gone,
        public Proposal $better,
        public ?Proposal $proposal,
        public Diagnosis $known,
    ) {
    }

    /** Null where every test was as good as the best. */
    public static function of(Road $gone): ?self
    {
        $tests = 0;
        foreach ($gone->steps as $number => $step) {
            $action = $step->done->deed->action();
            if ($step->done->tests === $tests || $action === null) {
                continue;
            }
            $known = $gone->known[$tests] ?? null;
            $tests = $step->done->tests;
            $better = $known?->next();
            // What is only done on the way to a test is no test: a breaker off, a thing unplugged where that is what comes first.
            if ($known === null || $better === null || $known->settled || self::leadsTo($better, $action) || $action->turns() !== null) {
                continue;
            }
            $same = array_values(array_filter($known->worth, fn(Proposal $one): bool => self::leadsTo($one, $action)))[0] ?? null;
            if ($same !== null && $same->bitsAMinute() >= self::AS_GOOD * $better->bitsAMinute()) {
                continue;
            }

            return new self($number, $action, $better, $same, $known);
        }

        return null;
    }

    /** Bits it was expected to tell. */
    public function couldTell(): float
    {
        return $this->proposal->gainBits ?? 0.0;
    }

    /** Whether the two likeliest causes would both have shown the same. */
    public function leavesTogether(): bool
    {
        return $this->proposal?->splits !== Splits::TheTwoLikeliest;
    }

    private static function leadsTo(Proposal $proposal, Action $action): bool
    {
        foreach ($proposal->actions as $one) {
            if ($one->text() === $action->text()) {
                return true;
            }
        }

        return false;
    }
}
