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
use Bouclier\Core\House\BoxMaterial;
use Bouclier\Core\House\GroundPath;

/** A metal box that is not bonded to the ground (250.148(C)). */
final class BoxNotBonded implements PointCheck
{
    use Found;

    public function finds(): array
    {
        return ['box_not_bonded' => new Finds(Hazard::Shock, Clauses::everyNec('250.148(C)'), isAcute: true)];
    }

    public function findings(Site $site, PointAssessment $judged): array
    {
        $box = $site->point->box;
        if ($box?->material !== BoxMaterial::Metal || $box->bonded !== false || $site->point->ground() === GroundPath::None) {
            return [];
        }
        return [
            $this->found(
                'box_not_bonded',
                $site,
                $site->edition->isNec() ? Severity::ofClause($site->work) : Severity::Warning,
                "The metal box of {$site->point->code} is not bonded: a hot that touches it makes it live and trips nothing.",
            ),
        ];
    }
}
