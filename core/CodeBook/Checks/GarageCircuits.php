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
use Bouclier\Core\House\Edition;

/**
 * The garage circuit: since 2017 with no other outlets but readily accessible ones outdoors (210.11(C)(4)); in 2014 feeding nothing outside
 * the garage (210.52(G)(1)).
 */
final class GarageCircuits implements HouseCheck
{
    public function clauses(): array
    {
        return ['garage_circuit_shared' => Clauses::nec('210.52(G)(1)', '210.11(C)(4)', '210.11(C)(4)', '210.11(C)(4)')];
    }

    public function findings(Context $context, array $judged): array
    {
        if (! $context->edition->isNec()) {
            return [];
        }
        $found = [];
        foreach (CircuitOutlets::with(
            $context,
            fn(Site $site): bool => $site->area->kind === AreaKind::Garage && $site->isCordReceptacle(125.0),
        ) as $of) {
            $severity = Severity::ofClause($context->workOn($of->circuit));
            $old = $context->edition->isBefore(Edition::Nec2017);
            $foreign = array_values(array_filter($of->others, fn(Site $site): bool => $old
                ? $site->area->kind !== AreaKind::Garage
                : ! ($site->area->kind === AreaKind::Outdoors && $site->point->isReceptacle() && $site->point->accessible())));
            if ($foreign !== []) {
                $found[] = new Finding(
                    'garage_circuit_shared',
                    $severity,
                    $this->clauses()['garage_circuit_shared']->in($context->edition),
                    CircuitOutlets::codes($of->own) . ": garage receptacles on {$of->spoken()}, which also feeds "
                        . CircuitOutlets::codes($foreign) . '.',
                    $of->circuit->id,
                    null,
                    CircuitOutlets::ids($foreign),
                );
            }
        }

        return $found;
    }
}
