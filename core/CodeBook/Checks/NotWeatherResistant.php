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

/** A receptacle that is to be weather-resistant and is not, or of which nobody has said. */
final class NotWeatherResistant implements PointCheck
{
    public function clauses(): array
    {
        return ['not_wr' => Clauses::none()];
    }

    public function findings(Site $site, PointAssessment $judged): array
    {
        $demands = $judged->demandsFor(Protection::Wr);
        if ($demands === [] || $site->point->wr === true) {
            return [];
        }

        return [$site->point->wr === false
            ? new Finding('not_wr', Severity::ofClause($site->work), $demands[0]->clause, "{$site->point->code} is not weather-resistant.")
            : new Finding(
                'not_wr',
                Severity::Advice,
                $demands[0]->clause,
                "{$site->point->code} is to be weather-resistant; whether it is, nobody has recorded.",
            )];
    }
}
