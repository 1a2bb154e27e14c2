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

/**
 * The garage circuit: since 2017 of 20 A, with no other outlets but readily accessible ones outdoors (210.11(C)(4)); in 2014 feeding
 * nothing outside the garage (210.52(G)(1)).
 */
final class GarageCircuits implements HouseCheck
{
    use Found;

    public function finds(): array
    {
        return [
            'garage_circuit_15a' => new Finds(Hazard::None, Clauses::nec(null, '210.11(C)(4)', '210.11(C)(4)', '210.11(C)(4)')->second()),
            'garage_circuit_shared' => new Finds(
                Hazard::None,
                Clauses::nec('210.52(G)(1)', '210.11(C)(4)', '210.11(C)(4)', '210.11(C)(4)'),
            ),
        ];
    }

    public function findings(Context $context, array $judged): array
    {
        $found = [];
        $isOwn = fn(Site $site): bool => $site->area->kind === AreaKind::Garage && $site->isCordReceptacle(125.0);
        foreach ($context->edition->isNec() ? RequiredCircuit::byRoom($context, $isOwn) : [] as $room) {
            foreach ($context->edition->isFrom(Edition::Nec2017) ? $room->tooSmall() : [] as $of) {
                $found[] = $this->found(
                    'garage_circuit_15a',
                    $context,
                    Severity::ofFault($context->workOnWiring($of->circuit)),
                    CircuitOutlets::codes($of->own)
                        . ": garage receptacles on {$of->spoken()}, which is {$of->circuit->amps} A and not 20.",
                    circuit: $of->circuit->id,
                    points: CircuitOutlets::ids($of->own),
                );
            }
            foreach ($room->shared(self::isForeign(...)) as [$of, $foreign]) {
                $found[] = $this->found(
                    'garage_circuit_shared',
                    $context,
                    Severity::ofClause($context->workOnWiring($of->circuit)),
                    CircuitOutlets::codes($of->own) . ": garage receptacles on {$of->spoken()}, which also feeds "
                        . CircuitOutlets::codes($foreign) . '.',
                    circuit: $of->circuit->id,
                    points: CircuitOutlets::ids($foreign),
                );
            }
        }

        return $found;
    }

    private static function isForeign(Site $site): bool
    {
        return $site->edition->isBefore(Edition::Nec2017)
            ? $site->area->kind !== AreaKind::Garage
            : ! ($site->area->kind === AreaKind::Outdoors && $site->point->isReceptacle() && $site->point->accessible());
    }
}
