<?php

declare(strict_types=1);

namespace Bouclier\Core\Actions;

/** An answer to be tapped after an action: what stands on it, the reading it files, and which outcomes it is. */
final readonly class Offer
{
    /** @param array<string, mixed> $reading as a house file has it */
    public function __construct(
        public string $label,
        public array $reading,
        public Outcome $outcome,
    ) {
    }
}
