<?php

declare(strict_types=1);

namespace Bouclier\Core\CodeBook\Checks;

use Bouclier\Core\CodeBook\Clauses;
use Bouclier\Core\CodeBook\Context;
use Bouclier\Core\CodeBook\Finding;
use Bouclier\Core\CodeBook\HouseCheck;
use Bouclier\Core\CodeBook\Severity;

/** The breakers of a multiwire circuit go off together (210.4(B)): with one off, the shared neutral still carries the other's current. */
final class MultiwireTies implements HouseCheck
{
    public function clauses(): array
    {
        return ['multiwire_no_tie' => Clauses::everyNec('210.4(B)')];
    }

    public function findings(Context $context, array $judged): array
    {
        $found = [];
        foreach ($context->edition->isNec() ? $context->house->circuits : [] as $circuit) {
            if ($circuit->multiwireWith !== null && $circuit->handleTie === false && strcmp($circuit->id, $circuit->multiwireWith) < 0) {
                $other = $context->house->circuit($circuit->multiwireWith);
                $found[] = new Finding(
                    'multiwire_no_tie',
                    Severity::ofClause($context->workOn($circuit)),
                    $this->clauses()['multiwire_no_tie']->in($context->edition),
                    "Breakers {$circuit->slot} {$circuit->label} and {$other->slot} {$other->label} share a neutral and are not tied: "
                        . "one off does not make the other's conductors dead.",
                    $circuit->id,
                );
            }
        }

        return $found;
    }
}
