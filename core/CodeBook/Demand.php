<?php

declare(strict_types=1);

namespace Bouclier\Core\CodeBook;

use Bouclier\Core\House\Amendment;
use Bouclier\Core\House\Protection;

/** One rule that binds one outlet: the clause, why there is such a rule, and the fact that makes it bind here. */
final readonly class Demand
{
    /** @param Amendment|null $amendment the local change this rests on, wholly or in its distance */
    public function __construct(
        public string $ruleId,
        public Protection $asksFor,
        public string $clause,
        public string $reason,
        public string $fact,
        public ?Amendment $amendment = null,
    ) {
    }
}
