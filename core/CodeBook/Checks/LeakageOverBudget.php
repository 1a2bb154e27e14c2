<?php

declare(strict_types=1);

namespace Bouclier\Core\CodeBook\Checks;

use Bouclier\Core\CodeBook\PointAssessment;
use Bouclier\Core\CodeBook\PointCheck;
use Bouclier\Core\CodeBook\Site;
use Bouclier\Core\Feed\Guard;

/** Honest leakages that add up behind a receptacle's GFCI. */
final class LeakageOverBudget extends LeakageBudget implements PointCheck
{
    public function findings(Site $site, PointAssessment $judged): array
    {
        return $site->point->device->givesGfci() ? $this->of(new Guard($site->point), $site->context) : [];
    }
}
