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
use Bouclier\Core\Feed\Guard;
use Bouclier\Core\House\Protection;

/** A GFCI inside another one's protected stretch: paid for twice, and a fault trips either. */
final class RedundantGfci implements PointCheck
{
    use Found;

    public function finds(): array
    {
        return ['redundant_gfci' => new Finds(Hazard::None, Clauses::none())];
    }

    public function findings(Site $site, PointAssessment $judged): array
    {
        $others = array_values(array_filter(
            $site->feeds->guards($site->point, Protection::Gfci),
            fn(Guard $guard): bool => $guard->id() !== $site->point->id,
        ));
        if (! $site->point->device->givesGfci() || $others === []) {
            return [];
        }
        $already = implode(' and ', array_map(fn(Guard $guard): string => $guard->spoken(), $others));

        return [
            $this->found(
                'redundant_gfci',
                $site,
                Severity::Warning,
                "{$site->point->code} is a GFCI, and its feed is already protected by $already: paid for twice, and a fault trips either.",
            ),
        ];
    }
}
