<?php

declare(strict_types=1);

namespace Bouclier\Core\Diagnose;

use Bouclier\Core\House\Entries\Circumstance;

/** What the cause may be, likeliest first, and what to do next to know. */
final readonly class Diagnosis
{
    /**
     * @param list<Cause> $causes
     * @param list<Proposal> $worth what is worth doing now, best first; empty when it is settled
     * @param list<Proposal> $plan what will likely be done, step by step
     * @param float $sure how likely the first cause is, with what no reading could tell from it
     * @param list<int> $misfits numbers of the tests that nothing thought of fits together
     * @param Cause $covering the cause whose repair most likely puts right what it is
     * @param float $covers how likely that is
     * @param list<Circumstance> $circumstances what held at the place of the first cause, of what may or may not have
     * @param Relief|null $relief what to move where, where the likeliest is that honest leakages add up
     */
    public function __construct(
        public array $causes,
        public array $worth,
        public array $plan,
        public bool $settled,
        public float $sure,
        public array $misfits,
        public Cause $covering,
        public float $covers,
        public array $circumstances,
        public ?Relief $relief = null,
    ) {
    }

    public function next(): ?Proposal
    {
        return $this->worth[0] ?? null;
    }

    /**
     * What it may be, likeliest first: what is always there and what comes and goes of one thing taken together.
     *
     * @return list<array{Cause, float}> the likelier of its causes, and how likely the thing is
     */
    public function suspects(): array
    {
        $suspects = [];
        foreach ($this->causes as $cause) {
            $what = $cause->hypothesis->what();
            $suspects[$what] = [$suspects[$what][0] ?? $cause, ($suspects[$what][1] ?? 0.0) + $cause->probability];
        }
        usort($suspects, fn(array $one, array $other): int => $other[1] <=> $one[1]);

        return $suspects;
    }
}
