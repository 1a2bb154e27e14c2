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
use Bouclier\Core\House\Serves;

/** A hydromassage tub wants a circuit of its own (680.71). */
final class HydromassageCircuits implements HouseCheck
{
    use Found;

    public function finds(): array
    {
        return ['hydromassage_shared' => new Finds(Hazard::Shock, Clauses::everyNec('680.71')->second())];
    }

    public function findings(Context $context, array $judged): array
    {
        $found = [];
        foreach ($context->edition->isNec() ? $context->house->circuits : [] as $circuit) {
            $of = CircuitOutlets::on($circuit, $context, fn(Site $site): bool => $site->serves(Serves::Hydromassage));
            if ($of->own !== [] && $of->others !== []) {
                $found[] = $this->found(
                    'hydromassage_shared',
                    $context,
                    Severity::ofFault($context->workOnWiring($circuit)),
                    CircuitOutlets::codes($of->own) . ": a hydromassage tub on {$of->spoken()}, which also feeds "
                        . CircuitOutlets::codes($of->others) . '.',
                    circuit: $circuit->id,
                    points: CircuitOutlets::ids($of->others),
                );
            }
        }

        return $found;
    }
}
