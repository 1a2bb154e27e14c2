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

/** A receptacle that is to be weather-resistant and is not, or of which nobody has said. */
final class NotWeatherResistant implements PointCheck
{
    use Found;

    public function finds(): array
    {
        return ['not_wr' => new Finds(Hazard::Shock, Clauses::none())];
    }

    public function findings(Site $site, PointAssessment $judged): array
    {
        $demands = $judged->demandsFor(Protection::Wr);
        if ($demands === [] || $site->point->wr === true) {
            return [];
        }

        return [$site->point->wr === false
            ? $this->found(
                'not_wr',
                $site,
                Severity::ofClause($site->work),
                "{$site->point->code} is not weather-resistant.",
                clause: $demands[0]->clause,
            )
            : $this->found(
                'not_wr',
                $site,
                Severity::Advice,
                "{$site->point->code} is to be weather-resistant; whether it is, nobody has recorded.",
                clause: $demands[0]->clause,
            )];
    }
}
