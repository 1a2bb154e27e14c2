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
use Bouclier\Core\Feed\AsFound;

/** The meter disagrees with where the feed sat on the old device: it was landed on the wrong end. */
final class ReversedAsFound implements PointCheck
{
    use Found;

    public function finds(): array
    {
        return ['reversed_as_found' => new Finds(Hazard::Shock, Clauses::none(), isAcute: true)];
    }

    public function findings(Site $site, PointAssessment $judged): array
    {
        $found = AsFound::reversed($site->house, $site->point);

        return $found === null
            ? []
            : [
                $this->found(
                    'reversed_as_found',
                    $site,
                    Severity::Warning,
                    "At {$site->point->code} pair {$found[0]} sat on LINE of the old device and pair {$found[1]} is the feed by "
                        . "{$found[2]->label()}: it was reversed. Land the new device by the meter.",
                ),
            ];
    }
}
