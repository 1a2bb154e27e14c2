<?php

declare(strict_types=1);

namespace Bouclier\Core\CodeBook;

use Bouclier\Core\House\Protection;

/** One outlet that two editions judge differently in one kind of protection. */
final readonly class Difference
{
    public function __construct(
        public PointAssessment $before,
        public PointAssessment $after,
        public Protection $protection,
    ) {
    }

    /** Whether the later edition asks for something the earlier did not. */
    public function isNewlyAsked(): bool
    {
        return $this->before->demandsFor($this->protection) === [] && $this->after->demandsFor($this->protection) !== [];
    }
}
