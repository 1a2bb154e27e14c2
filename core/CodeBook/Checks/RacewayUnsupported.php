<?php

declare(strict_types=1);

namespace Bouclier\Core\CodeBook\Checks;

use Bouclier\Core\CodeBook\Clauses;
use Bouclier\Core\CodeBook\Finds;
use Bouclier\Core\CodeBook\Found;
use Bouclier\Core\CodeBook\Hazard;
use Bouclier\Core\CodeBook\HowFar;
use Bouclier\Core\CodeBook\PointAssessment;
use Bouclier\Core\CodeBook\PointCheck;
use Bouclier\Core\CodeBook\Severity;
use Bouclier\Core\CodeBook\Site;
use Bouclier\Core\House\WiringMethod;

/** PVC raceway that is not strapped within 3 ft of a box (352.30). */
final class RacewayUnsupported implements PointCheck
{
    use Found;

    private const STRAP_WITHIN_FT = 3.0;

    public function finds(): array
    {
        return ['raceway_unsupported' => new Finds(Hazard::None, Clauses::everyNec('352.30'))];
    }

    public function findings(Site $site, PointAssessment $judged): array
    {
        if (! $site->edition->isNec()) {
            return [];
        }
        foreach ($site->feeds->cablesAt($site->point) as $cable) {
            if ($cable->method === WiringMethod::Pvc && $cable->strapFt !== null && $cable->strapFt > self::STRAP_WITHIN_FT) {
                return [
                    $this->found(
                        'raceway_unsupported',
                        $site,
                        Severity::ofClause($site->work),
                        "The first strap of the PVC raceway at {$site->point->code} is "
                            . HowFar::said($cable->strapFt, $site->unit()) . ' from a box; it is due within '
                            . HowFar::said(self::STRAP_WITHIN_FT, $site->unit()) . '.',
                    ),
                ];
            }
        }

        return [];
    }
}
