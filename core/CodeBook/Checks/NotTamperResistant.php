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

/** A receptacle that is to be tamper-resistant and is not, or of which nobody has said. */
final class NotTamperResistant implements PointCheck
{
    public function clauses(): array
    {
        return ['not_tr' => Clauses::none()];
    }

    public function findings(Site $site, PointAssessment $judged): array
    {
        $demands = $judged->demandsFor(Protection::Tr);
        if ($demands === [] || $site->point->tr === true) {
            return [];
        }

        return [$site->point->tr === false
            ? new Finding('not_tr', Severity::ofClause($site->work), $demands[0]->clause, "{$site->point->code} is not tamper-resistant.")
            : new Finding(
                'not_tr',
                Severity::Advice,
                $demands[0]->clause,
                "{$site->point->code} is to be tamper-resistant; whether it is, nobody has recorded.",
            )];
    }
}
