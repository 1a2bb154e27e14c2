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

/**
 * The small-appliance circuits of a kitchen (210.11(C)(1), 210.52(B)): 20 A, for receptacles of kitchen, pantry and dining room, a
 * refrigerator allowed, and no other outlets. The wall receptacles of kitchen and dining room are on them too.
 */
final class CountertopCircuits implements HouseCheck
{
    use Found;

    public function finds(): array
    {
        return [
            'countertop_circuit_15a' => new Finds(Hazard::None, Clauses::everyNec('210.11(C)(1)')),
            'countertop_circuit_15a, walls' => new Finds(Hazard::None, Clauses::everyNec('210.52(B)(1)')->second()),
            'countertop_circuit_shared' => new Finds(Hazard::None, Clauses::everyNec('210.52(B)')),
        ];
    }

    public function findings(Context $context, array $judged): array
    {
        if (! $context->edition->isNec()) {
            return [];
        }
        $found = [];
        foreach (CircuitOutlets::with($context, self::isTheirs(...)) as $of) {
            $severity = Severity::ofClause($context->workOnWiring($of->circuit));
            $counter = array_values(array_filter($of->own, self::isCounter(...)));
            if ($of->circuit->amps < 20.0) {
                $walls = $counter === [];
                $found[] = $this->found(
                    $walls ? 'countertop_circuit_15a, walls' : 'countertop_circuit_15a',
                    $context,
                    $severity,
                    CircuitOutlets::codes($of->own) . ': ' . ($walls ? 'wall' : 'counter')
                        . " receptacles on {$of->spoken()}, which is {$of->circuit->amps} A and not 20.",
                    circuit: $of->circuit->id,
                    points: CircuitOutlets::ids($of->own),
                );
            }
            $foreign = array_values(array_filter($of->others, self::isForeign(...)));
            if ($counter !== [] && $foreign !== []) {
                $found[] = $this->found(
                    'countertop_circuit_shared',
                    $context,
                    $severity,
                    CircuitOutlets::codes($counter) . ": counter receptacles on {$of->spoken()}, which also feeds "
                        . CircuitOutlets::codes($foreign) . '.',
                    circuit: $of->circuit->id,
                    points: CircuitOutlets::ids($foreign),
                );
            }
        }

        return $found;
    }

    public static function isCounter(Site $site): bool
    {
        return $site->area->kind === AreaKind::Kitchen && $site->serves(Serves::Countertop) && $site->isCordReceptacle(125.0);
    }

    /** Whether a small-appliance circuit is to feed it: the counter, and the walls of kitchen and dining room. */
    private static function isTheirs(Site $site): bool
    {
        return self::isCounter($site)
            || (in_array($site->area->kind, [AreaKind::Kitchen, AreaKind::Dining], true)
                && $site->serves(Serves::General)
                && $site->isCordReceptacle(125.0));
    }

    /** What does not belong there, but for what {@see SmallApplianceCircuits} names. */
    private static function isForeign(Site $site): bool
    {
        $rooms = [AreaKind::Kitchen, AreaKind::Dining, AreaKind::FoodPrep];

        return ! $site->serves(...SmallApplianceCircuits::FOREIGN)
            && (! $site->point->isReceptacle() || ! in_array($site->area->kind, $rooms, true));
    }
}
