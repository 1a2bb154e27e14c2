<?php

declare(strict_types=1);

namespace Bouclier\Core\CodeBook\Checks;

use Bouclier\Core\CodeBook\Clauses;
use Bouclier\Core\CodeBook\Finds;
use Bouclier\Core\CodeBook\Found;
use Bouclier\Core\CodeBook\Hazard;
use Bouclier\Core\CodeBook\PointAssessment;
use Bouclier\Core\CodeBook\PointCheck;
use Bouclier\Core\CodeBook\Severity;
use Bouclier\Core\CodeBook\Site;
use Bouclier\Core\House\Protection;

/** A receptacle that is to be tamper-resistant and is not, or of which nobody has said. */
final class NotTamperResistant implements PointCheck
{
    use Found;

    public function finds(): array
    {
        return ['not_tr' => new Finds(Hazard::Shock, Clauses::none())];
    }

    public function findings(Site $site, PointAssessment $judged): array
    {
        $demands = $judged->demandsFor(Protection::Tr);
        if ($demands === [] || $site->point->tr === true) {
            return [];
        }

        return [$site->point->tr === false
            ? $this->found(
                'not_tr',
                $site,
                Severity::ofClause($site->work),
                "{$site->point->code} is not tamper-resistant.",
                clause: $demands[0]->clause,
            )
            : $this->found(
                'not_tr',
                $site,
                Severity::Advice,
                "{$site->point->code} is to be tamper-resistant; whether it is, nobody has recorded.",
                clause: $demands[0]->clause,
            )];
    }
}
