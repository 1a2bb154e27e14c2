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
use Bouclier\Core\CodeBook\Site;
use Bouclier\Core\House\AreaKind;
use Bouclier\Core\House\Edition;
use Bouclier\Core\House\Serves;

/**
 * The bathroom circuit (210.11(C)(3)): 20 A for the basin and counter receptacles (2014, 2017: all in the bathroom), with no other outlets,
 * unless it serves one bathroom only.
 */
final class BathroomCircuits implements HouseCheck
{
    use Found;

    public function finds(): array
    {
        return [
            'bathroom_circuit_15a' => new Finds(Hazard::None, Clauses::everyNec('210.11(C)(3)')),
            'bathroom_circuit_shared' => new Finds(Hazard::None, Clauses::everyNec('210.11(C)(3)')),
        ];
    }

    public function findings(Context $context, array $judged): array
    {
        if (! $context->edition->isNec()) {
            return [];
        }
        $found = [];
        foreach (CircuitOutlets::with($context, fn(Site $site): bool => self::isItsOwn($site)) as $of) {
            $severity = Severity::ofClause($context->workOnWiring($of->circuit));
            $codes = CircuitOutlets::codes($of->own);
            if ($of->circuit->amps < 20.0) {
                $found[] = $this->found(
                    'bathroom_circuit_15a',
                    $context,
                    $severity,
                    "$codes: bathroom receptacles on {$of->spoken()}, which is {$of->circuit->amps} A and not 20.",
                    circuit: $of->circuit->id,
                    points: CircuitOutlets::ids($of->own),
                );
            }
            $rooms = array_unique(array_map(fn(Site $site): string => $site->area->id, [...$of->own, ...$of->others]));
            if ($of->others !== [] && count($rooms) > 1) {
                $found[] = $this->found(
                    'bathroom_circuit_shared',
                    $context,
                    $severity,
                    "$codes: bathroom receptacles on {$of->spoken()}, which also feeds " . CircuitOutlets::codes($of->others) . '.',
                    circuit: $of->circuit->id,
                    points: CircuitOutlets::ids($of->own),
                );
            }
        }

        return $found;
    }

    private static function isItsOwn(Site $site): bool
    {
        $all = $site->edition->isBefore(Edition::Nec2020);

        return $site->area->kind === AreaKind::Bathroom && $site->isCordReceptacle(125.0) && ($all || $site->serves(Serves::Countertop));
    }
}
