<?php

declare(strict_types=1);

namespace Bouclier\Core\CodeBook\Checks;

use Bouclier\Core\CodeBook\Clauses;
use Bouclier\Core\CodeBook\Finding;
use Bouclier\Core\CodeBook\Finds;
use Bouclier\Core\CodeBook\Found;
use Bouclier\Core\CodeBook\Hazard;
use Bouclier\Core\CodeBook\Nec\Section210_12\AfciWays;
use Bouclier\Core\CodeBook\PointAssessment;
use Bouclier\Core\CodeBook\PointCheck;
use Bouclier\Core\CodeBook\Severity;
use Bouclier\Core\CodeBook\Site;
use Bouclier\Core\House\Protection;

/** An outlet-type AFCI that stands first on its circuit and does not satisfy its duty: length, listing or raceway fails. */
final class AfciFirstOutletUnmet implements PointCheck
{
    use Found;

    public function finds(): array
    {
        return ['afci_first_outlet_unmet' => new Finds(Hazard::Fire, Clauses::none())];
    }

    public function findings(Site $site, PointAssessment $judged): array
    {
        if (! $site->point->device->givesAfci()
            || $judged->demandsFor(Protection::Afci) === []
            || $judged->isSatisfied(Protection::Afci)
            || ! AfciWays::standsFirst($site->point, $site->feeds)) {
            return [];
        }

        return array_map(
            fn(string $objection): Finding => $this->found(
                'afci_first_outlet_unmet',
                $site,
                Severity::Error,
                "The outlet-type AFCI at {$site->point->code} does not do: $objection.",
                clause: $judged->demandsFor(Protection::Afci)[0]->clause,
            ),
            array_slice($judged->objections(Protection::Afci), 0, 1),
        );
    }
}
