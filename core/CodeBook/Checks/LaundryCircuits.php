<?php

declare(strict_types=1);

namespace Bouclier\Core\CodeBook\Checks;

use Bouclier\Core\CodeBook\Clauses;
use Bouclier\Core\CodeBook\Context;
use Bouclier\Core\CodeBook\Finding;
use Bouclier\Core\CodeBook\HouseCheck;
use Bouclier\Core\CodeBook\Severity;
use Bouclier\Core\CodeBook\Site;
use Bouclier\Core\House\AreaKind;

/** The laundry circuit (210.11(C)(2)): 20 A, for laundry receptacles and no other outlets. */
final class LaundryCircuits implements HouseCheck
{
    public function clauses(): array
    {
        return ['laundry_circuit_15a' => Clauses::everyNec('210.11(C)(2)'), 'laundry_circuit_shared' => Clauses::everyNec('210.11(C)(2)')];
    }

    public function findings(Context $context, array $judged): array
    {
        if (! $context->edition->isNec()) {
            return [];
        }
        $found = [];
        foreach (CircuitOutlets::with(
            $context,
            fn(Site $site): bool => $site->area->kind === AreaKind::Laundry && $site->isCordReceptacle(125.0),
        ) as $of) {
            $severity = Severity::ofClause($context->workOn($of->circuit));
            $codes = CircuitOutlets::codes($of->own);
            if ($of->circuit->amps < 20.0) {
                $found[] = new Finding(
                    'laundry_circuit_15a',
                    $severity,
                    $this->clauses()['laundry_circuit_15a']->in($context->edition),
                    "$codes: laundry receptacles on {$of->spoken()}, which is {$of->circuit->amps} A and not 20.",
                    $of->circuit->id,
                    null,
                    CircuitOutlets::ids($of->own),
                );
            }
            if ($of->others !== []) {
                $found[] = new Finding(
                    'laundry_circuit_shared',
                    $severity,
                    $this->clauses()['laundry_circuit_shared']->in($context->edition),
                    "$codes: laundry receptacles on {$of->spoken()}, which also feeds " . CircuitOutlets::codes($of->others) . '.',
                    $of->circuit->id,
                    null,
                    CircuitOutlets::ids($of->others),
                );
            }
        }

        return $found;
    }
}
