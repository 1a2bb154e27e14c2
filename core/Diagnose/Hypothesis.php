<?php

declare(strict_types=1);

namespace Bouclier\Core\Diagnose;

use Bouclier\Core\Network\Fault;
use Bouclier\Core\Network\Spot;

/** One thing that may be the cause, as a few severities it may have. */
final readonly class Hypothesis
{
    /**
     * @param non-empty-list<list<Fault>> $variants the same cause at several severities, equally likely
     * @param float $prior before anything was seen, beside the other hypotheses
     * @param float $chance that it shows when something is energised; 1 for what is always there
     * @param float $leakScale times the typical leakages of what was not clamped
     */
    public function __construct(
        public string $id,
        public Explains $explains,
        public Spot $at,
        public array $variants,
        public float $prior,
        public float $chance = 1.0,
        public float $leakScale = 1.0,
    ) {
    }

    /** @return list<Fault> as in `faults` of a house file, at its middle severity */
    public function faults(): array
    {
        return $this->variants[intdiv(count($this->variants), 2)];
    }
}
