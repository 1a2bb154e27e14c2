<?php

declare(strict_types=1);

namespace Bouclier\Core\Live;

use Bouclier\Core\House\Circuit;

/** A breaker that may feed an outlet, and what speaks for it. */
final readonly class Candidate
{
    /**
     * @param float $weight how likely, beside the others
     * @param list<string> $reasons
     * @param list<Circuit> $alike others whose label is the same
     */
    public function __construct(
        public Circuit $circuit,
        public float $weight,
        public array $reasons,
        public array $alike = [],
    ) {
    }
}
