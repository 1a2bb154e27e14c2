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
use Bouclier\Core\Feed\Observed\BoxOpened;
use Bouclier\Core\House\Cable;

/** Grounds that are not joined with a connector: taking the device out breaks the ground of what lies beyond (250.148). */
final class GroundsNotSpliced implements PointCheck
{
    use Found;

    public function finds(): array
    {
        return ['grounds_not_spliced' => new Finds(Hazard::Shock, Clauses::everyNec('250.148'), isAcute: true)];
    }

    public function findings(Site $site, PointAssessment $judged): array
    {
        $cables = $site->feeds->cablesAt($site->point);
        $grounds = count(array_filter($cables, fn(Cable $cable): bool => $cable->ground !== false));
        // A pair that was counted and is not drawn has a ground; where neither is known, what was seen twisted is more than one.
        $counted = BoxOpened::countedAt($site->house, $site->point) ?? ($cables === [] ? 2 : 0);
        if ($site->point->box?->groundsSpliced !== false || $grounds + max(0, $counted - count($cables)) < 2) {
            return [];
        }

        return [
            $this->found(
                'grounds_not_spliced',
                $site,
                $site->edition->isNec() ? Severity::ofClause($site->work) : Severity::Warning,
                "The grounds in the box of {$site->point->code} are not joined with a connector: taking the device out breaks the ground "
                    . 'of what lies beyond.',
            ),
        ];
    }
}
