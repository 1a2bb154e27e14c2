<?php

declare(strict_types=1);

namespace Bouclier\Core\Network;

use Bouclier\Core\House\Landing;

/** One thing that is wrong. */
final readonly class Fault
{
    /**
     * @param list<self> $of what an intermittent consists of
     * @param float $chance that an intermittent shows when something is re-energised or run
     */
    public function __construct(
        public FaultKind $kind,
        public Spot $at,
        public float $ohms = 0.0,
        public ?Conductor $conductor = null,
        public ?Landing $landing = null,
        public ?string $lender = null,
        public ?float $tripMa = null,
        public array $of = [],
        public float $chance = 1.0,
    ) {
    }

    /** Which end of its cable it is found at: a conductor opens where it leaves, a pair is landed where it is, what leaks into a cable does so at its far end. */
    public function isAtNearEnd(): bool
    {
        return match ($this->kind) {
            FaultKind::Open, FaultKind::HighResistance => true,
            FaultKind::Land => $this->at->atFrom,
            default => false,
        };
    }
}
