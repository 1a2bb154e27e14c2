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
use Bouclier\Core\House\GroundPath;

/** A ground wire that is broken somewhere upstream: the outlet looks grounded and is not. */
final class GroundBroken implements PointCheck
{
    use Found;

    public function finds(): array
    {
        return ['ground_broken' => new Finds(Hazard::Shock, Clauses::none(), isAcute: true)];
    }

    public function findings(Site $site, PointAssessment $judged): array
    {
        // Where no pigtail leads to the device, that is the break.
        return $site->point->ground() === GroundPath::Broken && ! GroundPigtailMissing::isMissing($site)
            ? [
                $this->found(
                    'ground_broken',
                    $site,
                    Severity::Error,
                    "The ground of {$site->point->code} is broken upstream: three holes, and no ground behind them. Find the break; "
                        . 'labels are no cure for it.',
                ),
            ]
            : [];
    }
}
