<?php

declare(strict_types=1);

namespace Bouclier\Core\CodeBook\Checks;

use Bouclier\Core\CodeBook\PointAssessment;
use Bouclier\Core\CodeBook\PointCheck;
use Bouclier\Core\CodeBook\Read\LampsAt;
use Bouclier\Core\CodeBook\Site;
use Bouclier\Core\Feed\Guard;
use Bouclier\Core\House\Protection;

/** Buttons that were pressed at an outlet: its own TEST, or that of a tester, which needs a ground to leak into. */
final class OutletTests extends ButtonTests implements PointCheck
{
    public function findings(Site $site, PointAssessment $judged): array
    {
        $guards = $judged->guards(Protection::Gfci);
        $drawn = array_filter($guards, fn(Guard $guard): bool => $guard->shown === null);

        return $this->of(
            $site->point->id,
            $site->point->code,
            $site->context,
            fn(): bool => $drawn !== [] && LampsAt::hasGround($site->context, $site->point),
            $guards !== [],
        );
    }
}
