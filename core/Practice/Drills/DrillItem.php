<?php

declare(strict_types=1);

namespace Bouclier\Core\Practice\Drills;

/** One thing in a box of a drill. */
final readonly class DrillItem
{
    /**
     * @param list<string> $seen what is seen without an instrument
     * @param array<string, string> $reads what each instrument shows, by what is done with it
     * @param array{bool, bool, bool}|null $lamps hot to neutral, hot to ground, neutral to ground
     * @param string $answer one of the options of its box
     */
    public function __construct(
        public string $id,
        public string $label,
        public array $seen,
        public string $answer,
        public string $why,
        public array $reads = [],
        public ?array $lamps = null,
    ) {
    }
}
