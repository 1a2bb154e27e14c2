<?php

declare(strict_types=1);

namespace Bouclier\Core\Diagnose;

/** One thing a test may show, and what it would mean. */
final readonly class ProposedOutcome
{
    /**
     * @param string $shown as {@see Belief::outcomes()} names it
     * @param float $chance that it is shown
     * @param string|null $cause id of what would then be likeliest
     * @param float $then how likely that would then be
     */
    public function __construct(
        public string $shown,
        public float $chance,
        public ?string $cause,
        public float $then,
    ) {
    }

    /** @return list<string> ids of the devices and breakers that trip */
    public function tripped(): array
    {
        return Shown::tripped($this->shown);
    }
}
