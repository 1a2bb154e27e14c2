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

/** A box that is not fixed: the device is pushed at every plug, and its wires work loose. */
final class BoxLoose implements PointCheck
{
    use Found;

    public function finds(): array
    {
        return ['box_loose' => new Finds(Hazard::Fire, Clauses::none())];
    }

    public function findings(Site $site, PointAssessment $judged): array
    {
        return $site->point->box?->fixed === false
            ? [
                $this->found(
                    'box_loose',
                    $site,
                    Severity::Warning,
                    "The box of {$site->point->code} is not fixed: every plug pushes it, and the wires behind work loose.",
                ),
            ]
            : [];
    }
}
