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

/**
 * A ground wire that runs on from a GFCI without a ground: what it joins looks grounded, and one fault puts them all live (406.4(D)(2)).
 */
final class GroundRunOn implements PointCheck
{
    use Found;

    public function finds(): array
    {
        return ['ground_run_on' => new Finds(Hazard::Shock, Clauses::everyNec('406.4(D)(2)(b), (c)')->second())];
    }

    public function findings(Site $site, PointAssessment $judged): array
    {
        if ($site->point->ground() !== GroundPath::None || ! $site->point->device->givesGfci()) {
            return [];
        }
        $reached = [];
        foreach ($site->feeds->cablesOutOf($site->point) as $cable) {
            $beyond = $site->house->point($cable->to->point);
            if ($cable->ground === true || ($cable->ground === null && $beyond->ground === GroundPath::Wire)) {
                $reached[] = $beyond->code;
            }
        }

        return $reached === [] ? [] : [$this->found(
            'ground_run_on',
            $site,
            Severity::Error,
            "{$site->point->code} is a GFCI without a ground, and a ground wire runs on from it to " . implode(', ', $reached)
                . ': take it off, one fault makes all of them live.',
        )];
    }
}
