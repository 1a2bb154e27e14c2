<?php

declare(strict_types=1);

namespace Bouclier\Core\Diagnose;

/** What the cause may be, likeliest first, and what to do next to know. */
final readonly class Diagnosis
{
    /**
     * @param list<Cause> $causes
     * @param list<Proposal> $worth what is worth doing now, best first; empty when it is settled
     * @param list<Proposal> $plan what will likely be done, step by step
     * @param float $sure how likely the first cause is, with what no reading could tell from it
     * @param list<int> $misfits numbers of the tests that nothing thought of fits together
     */
    public function __construct(
        public array $causes,
        public array $worth,
        public array $plan,
        public bool $settled,
        public float $sure,
        public array $misfits,
    ) {
    }

    public function next(): ?Proposal
    {
        return $this->worth[0] ?? null;
    }
}
