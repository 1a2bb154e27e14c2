<?php

declare(strict_types=1);

namespace Bouclier\Core\CodeBook\Checks;

use Bouclier\Core\CodeBook\Clauses;
use Bouclier\Core\CodeBook\Context;
use Bouclier\Core\CodeBook\Finding;
use Bouclier\Core\CodeBook\HouseCheck;
use Bouclier\Core\CodeBook\Severity;
use Bouclier\Core\House\Edition;
use Bouclier\Core\House\Point;
use Bouclier\Core\House\Serves;

/** A 10 A circuit (2023) may not feed general receptacles (210.23(A)). */
final class TenAmpCircuits implements HouseCheck
{
    public function clauses(): array
    {
        return ['ten_amp_circuit' => Clauses::everyNec('210.23(A)')];
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
                $found[] = new Finding(
                    'ten_amp_circuit',
                    Severity::ofClause($context->workOn($circuit)),
                    $this->clauses()['ten_amp_circuit']->in($context->edition),
                    "$codes: general receptacles on a 10 A circuit.",
                    $circuit->id,
                    null,
                    array_column($general, 'id'),
                );
            }
        }

        return $found;
    }
}
