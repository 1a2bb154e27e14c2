<?php

declare(strict_types=1);

namespace Bouclier\Core\CodeBook\Checks;

use Bouclier\Core\CodeBook\Clauses;
use Bouclier\Core\CodeBook\Context;
use Bouclier\Core\CodeBook\Finds;
use Bouclier\Core\CodeBook\Found;
use Bouclier\Core\CodeBook\Hazard;
use Bouclier\Core\CodeBook\HouseCheck;
use Bouclier\Core\CodeBook\Severity;

/** The breakers of a multiwire circuit go off together (210.4(B)): with one off, the shared neutral still carries the other's current. */
final class MultiwireTies implements HouseCheck
{
    use Found;

    public function finds(): array
    {
        return ['multiwire_no_tie' => new Finds(Hazard::Shock, Clauses::everyNec('210.4(B)')->second())];
    }

    public function findings(Context $context, array $judged): array
    {
        $found = [];
        foreach ($context->edition->isNec() ? $context->house->circuits : [] as $circuit) {
            if ($circuit->multiwireWith === null || strcmp($circuit->id, $circuit->multiwireWith) > 0) {
                continue;
            }
            $other = $context->house->circuit($circuit->multiwireWith);
            $tied = $context->house->goOffTogether($circuit, $other);
            $said = "Breakers {$circuit->slot} {$circuit->label} and {$other->slot} {$other->label} share a neutral";
            if ($tied !== true) {
                $found[] = $this->found(
                    'multiwire_no_tie',
                    $context,
                    $tied === null ? Severity::Advice : Severity::Error,
                    $tied === null
                        ? "$said; whether they go off together is not recorded."
                        : "$said and are not tied: one off does not make the other's conductors dead.",
                    circuit: $circuit->id,
                );
            }
        }

        return $found;
    }
}
