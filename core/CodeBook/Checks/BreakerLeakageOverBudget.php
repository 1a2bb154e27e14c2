<?php

declare(strict_types=1);

namespace Bouclier\Core\CodeBook\Checks;

use Bouclier\Core\CodeBook\Context;
use Bouclier\Core\CodeBook\HouseCheck;
use Bouclier\Core\Feed\Guard;

/** Honest leakages that add up behind a GFCI breaker. */
final class BreakerLeakageOverBudget extends LeakageBudget implements HouseCheck
{
    public function findings(Context $context, array $judged): array
    {
        $found = [];
        foreach ($context->house->circuits as $circuit) {
            if ($circuit->breaker()->givesGfci()) {
                array_push($found, ...$this->of(new Guard($circuit), $context));
            }
        }

        return $found;
    }
}
