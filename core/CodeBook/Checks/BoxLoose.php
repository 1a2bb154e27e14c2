<?php

declare(strict_types=1);

namespace Bouclier\Core\CodeBook\Checks;

use Bouclier\Core\CodeBook\Clauses;
use Bouclier\Core\CodeBook\Finding;
use Bouclier\Core\CodeBook\PointAssessment;
use Bouclier\Core\CodeBook\PointCheck;
use Bouclier\Core\CodeBook\Severity;
use Bouclier\Core\CodeBook\Site;

/** A box that is not fixed: the device is pushed at every plug, and its wires work loose. */
final class BoxLoose implements PointCheck
{
    public function clauses(): array
    {
        return ['box_loose' => Clauses::none()];
    }

    public function findings(Site $site, PointAssessment $judged): array
    {
        return $site->point->box?->fixed === false
            ? [
                new Finding(
                    'box_loose',
                    Severity::Warning,
                    null,
                    "The box of {$site->point->code} is not fixed: every plug pushes it, and the wires behind work loose.",
                ),
            ]
            : [];
    }
}
