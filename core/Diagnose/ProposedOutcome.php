<?php

declare(strict_types=1);

namespace Bouclier\Core\Diagnose;

use Bouclier\Core\Actions\Outcome;

/** One thing a test may show, and what it would mean. */
final readonly class ProposedOutcome
{
    /**
     * @param float $chance that it is shown
     * @param string|null $cause id of what would then be likeliest
     * @param float $then how likely that would then be
     */
    public function __construct(
        public Outcome $shown,
        public float $chance,
        public ?string $cause,
        public float $then,
    ) {
    }
}
