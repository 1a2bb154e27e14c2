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
use Bouclier\Core\House\Serves;

/** The laundry circuit (210.11(C)(2)): 20 A, for laundry receptacles and no other outlets. */
final class LaundryCircuits implements HouseCheck
{
    use Found;

    public function finds(): array
    {
        return [
            'laundry_circuit_15a' => new Finds(Hazard::None, Clauses::everyNec('210.11(C)(2)')),
            'laundry_circuit_shared' => new Finds(Hazard::None, Clauses::everyNec('210.11(C)(2)')),
        ];
    }

    public function findings(Context $context, array $judged): array
    {
        $found = [];
        $isOwn = fn(Site $site): bool => self::isForLaundry($site);
        foreach ($context->edition->isNec() ? RequiredCircuit::byRoom($context, $isOwn) : [] as $room) {
            foreach ($room->tooSmall() as $of) {
                $found[] = $this->found(
                    'laundry_circuit_15a',
                    $context,
                    Severity::ofClause($context->workOnWiring($of->circuit)),
                    CircuitOutlets::codes($of->own)
                        . ": laundry receptacles on {$of->spoken()}, which is {$of->circuit->amps} A and not 20.",
                    circuit: $of->circuit->id,
                    points: CircuitOutlets::ids($of->own),
                );
            }
            foreach ($room->shared(fn(Site $site): bool => ! self::isForLaundry($site)) as [$of, $foreign]) {
                $found[] = $this->found(
                    'laundry_circuit_shared',
                    $context,
                    Severity::ofClause($context->workOnWiring($of->circuit)),
                    CircuitOutlets::codes($of->own) . ": laundry receptacles on {$of->spoken()}, which also feeds "
                        . CircuitOutlets::codes($foreign) . '.',
                    circuit: $of->circuit->id,
                    points: CircuitOutlets::ids($foreign),
                );
            }
        }

        return $found;
    }

    /** A receptacle of a laundry, or the washer's where it stands in another room: what else is in that room is not for the laundry. */
    private static function isForLaundry(Site $site): bool
    {
        return $site->isCordReceptacle(125.0) && ($site->area->kind === AreaKind::Laundry || $site->serves(Serves::Washer));
    }
}
