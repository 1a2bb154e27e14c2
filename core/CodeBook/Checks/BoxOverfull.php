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
use Bouclier\Core\Feed\BoxFill;

/** More in a box than its volume allows (314.16). */
final class BoxOverfull implements PointCheck
{
    use Found;

    public function finds(): array
    {
        return ['box_overfull' => new Finds(Hazard::Fire, Clauses::everyNec('314.16'))];
    }

    public function findings(Site $site, PointAssessment $judged): array
    {
        $volume = $site->point->box?->volumeIn3;
        $needed = $volume === null || ! $site->edition->isNec() ? null : BoxFill::neededIn3($site->feeds, $site->point, $site->edition);
        if ($volume === null || $needed === null || $needed <= $volume) {
            return [];
        }

        return [
            $this->found(
                'box_overfull',
                $site,
                Severity::ofClause($site->work),
                "The box of {$site->point->code} has {$volume} in³ and needs {$needed}.",
            ),
        ];
    }
}
