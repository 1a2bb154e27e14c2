<?php

declare(strict_types=1);

namespace Bouclier\Core\CodeBook\Checks;

use Bouclier\Core\CodeBook\Clauses;
use Bouclier\Core\CodeBook\Finding;
use Bouclier\Core\CodeBook\PointAssessment;
use Bouclier\Core\CodeBook\PointCheck;
use Bouclier\Core\CodeBook\Severity;
use Bouclier\Core\CodeBook\Site;
use Bouclier\Core\House\Protection;

/** An outlet-type AFCI that does not satisfy the duty of its circuit where it is. */
final class AfciFirstOutletUnmet implements PointCheck
{
    public function clauses(): array
    {
        return ['afci_first_outlet_unmet' => Clauses::none()];
    }

    public function findings(Site $site, PointAssessment $judged): array
    {
        if (! $site->point->device->givesAfci() || $judged->demandsFor(Protection::Afci) === [] || $judged->isSatisfied(Protection::Afci)) {
            return [];
        }

        return array_map(
            fn(string $objection): Finding => new Finding(
                'afci_first_outlet_unmet',
                Severity::Error,
                $judged->demandsFor(Protection::Afci)[0]->clause,
                "The outlet-type AFCI at {$site->point->code} does not do: $objection.",
            ),
            array_slice($judged->objections(Protection::Afci), 0, 1),
        );
    }
}
