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

/** A protective device nobody can reach to reset and test (210.8, 210.12). */
final class NotAccessible implements PointCheck
{
    use Found;

    public function finds(): array
    {
        return [
            'not_accessible' => new Finds(Hazard::Shock, Clauses::everyNec('210.12')),
            'not_accessible, gfci' => new Finds(Hazard::Shock, Clauses::everyNec('210.8')),
        ];
    }

    public function findings(Site $site, PointAssessment $judged): array
    {
        $device = $site->point->device;
        if (! $device->feedsThrough() || $site->point->accessible()) {
            return [];
        }
        return [
            $this->found(
                'not_accessible',
                $site,
                Severity::ofClause($site->work),
                "{$site->point->code} is a protective device and not readily accessible: it has to be reached to test and reset it.",
            ),
        ];
    }
}
