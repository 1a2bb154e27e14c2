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
use Bouclier\Core\House\Point;
use Bouclier\Core\House\Protection;

/** An outlet that must share no GFCI with another one, and does. */
final class AloneShared implements PointCheck
{
    use Found;

    public function finds(): array
    {
        return ['alone_shared' => new Finds(Hazard::Dark, Clauses::none())];
    }

    public function findings(Site $site, PointAssessment $judged): array
    {
        if ($site->point->alone !== true) {
            return [];
        }
        $found = [];
        foreach ($judged->guards(Protection::Gfci) as $guard) {
            $others = $site->context->zones()->others($guard, $site->point);
            if ($others !== []) {
                $codes = implode(', ', array_map(fn(Point $other): string => $other->code, $others));
                $found[] = $this->found(
                    'alone_shared',
                    $site,
                    Severity::Warning,
                    "{$site->point->code} is to share no GFCI, and {$guard->spoken()} also protects $codes.",
                );
            }
        }

        return $found;
    }
}
