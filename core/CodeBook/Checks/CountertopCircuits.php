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
use Bouclier\Core\House\Serves;

/**
 * The small-appliance circuits of a kitchen (210.11(C)(1), 210.52(B)): 20 A, for receptacles of kitchen, pantry and dining room, a
 * refrigerator allowed, and no other outlets.
 */
final class CountertopCircuits implements HouseCheck
{
    public function clauses(): array
    {
        return [
            'countertop_circuit_15a' => Clauses::everyNec('210.11(C)(1)'),
            'countertop_circuit_shared' => Clauses::everyNec('210.52(B)'),
        ];
    }

    public function findings(Context $context, array $judged): array
    {
        if (! $context->edition->isNec()) {
            return [];
        }
        $found = [];
        foreach (CircuitOutlets::with(
            $context,
            fn(Site $site): bool => $site->area->kind === AreaKind::Kitchen && $site
                ->serves(Serves::Countertop) && $site
                ->isCordReceptacle(125.0),
        ) as $of) {
            $severity = Severity::ofClause($context->workOn($of->circuit));
            $codes = CircuitOutlets::codes($of->own);
            if ($of->circuit->amps < 20.0) {
                $found[] = new Finding(
                    'countertop_circuit_15a',
                    $severity,
                    $this->clauses()['countertop_circuit_15a']->in($context->edition),
                    "$codes: counter receptacles on {$of->spoken()}, which is {$of->circuit->amps} A and not 20.",
                    $of->circuit->id,
                    null,
                    CircuitOutlets::ids($of->own),
                );
            }
            $foreign = array_values(
                array_filter(
                    $of->others,
                    fn(Site $site): bool => ! $site->point->isReceptacle() || ! in_array(
                        $site->area->kind,
                        [AreaKind::Kitchen, AreaKind::Dining, AreaKind::FoodPrep],
                        true,
                    ),
                ),
            );
            if ($foreign !== []) {
                $found[] = new Finding(
                    'countertop_circuit_shared',
                    $severity,
                    $this->clauses()['countertop_circuit_shared']->in($context->edition),
                    "$codes: counter receptacles on {$of->spoken()}, which also feeds " . CircuitOutlets::codes($foreign) . '.',
                    $of->circuit->id,
                    null,
                    CircuitOutlets::ids($foreign),
                );
            }
        }

        return $found;
    }
}
