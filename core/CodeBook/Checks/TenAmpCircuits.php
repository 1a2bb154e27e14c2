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
use Bouclier\Core\House\Edition;
use Bouclier\Core\House\Point;
use Bouclier\Core\House\Serves;

/** A 10 A circuit (2023) may not feed general receptacles (210.23(A)). */
final class TenAmpCircuits implements HouseCheck
{
    use Found;

    public function finds(): array
    {
        return ['ten_amp_circuit' => new Finds(Hazard::Fire, Clauses::everyNec('210.23(A)'))];
    }

    public function findings(Context $context, array $judged): array
    {
        $found = [];
        foreach ($context->house->circuits as $circuit) {
            $general = array_values(array_filter(
                $circuit->amps === 10.0 && $context->edition->isFrom(Edition::Nec2023) ? $context->feeds->pointsOn($circuit) : [],
                fn(Point $point): bool => $point->isReceptacle() && in_array($point->serves(), [Serves::General, Serves::Countertop], true),
            ));
            if ($general !== []) {
                $codes = implode(', ', array_map(fn(Point $point): string => $point->code, $general));
                $found[] = $this->found(
                    'ten_amp_circuit',
                    $context,
                    Severity::ofClause($context->workOn($circuit)),
                    "$codes: general receptacles on a 10 A circuit.",
                    circuit: $circuit->id,
                    points: array_column($general, 'id'),
                );
            }
        }

        return $found;
    }
}
