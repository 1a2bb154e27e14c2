<?php

declare(strict_types=1);

namespace Bouclier\Core\Diagnose;

/** What the cause may be, likeliest first, and what to do next to know. */
final readonly class Diagnosis
{
    /** @param list<Cause> $causes */
    public function __construct(
        public array $causes,
        public ?Proposal $next,
        public bool $settled,
    ) {
    }
}
