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

/** No cable is known to feed the outlet: what protects it is believed, or not known at all. */
final class NoFeed implements PointCheck
{
    use Found;

    public function finds(): array
    {
        return ['no_feed' => new Finds(Hazard::None, Clauses::none())];
    }

    public function findings(Site $site, PointAssessment $judged): array
    {
        $feed = $site->feeds->feed($site->point);
        if ($feed->cable !== null) {
            return [];
        }
        $judged = $feed->circuit === null
            ? 'It is judged by its own room.'
            : "It is judged by circuit {$feed->circuit->slot} {$feed->circuit->label}, which is only believed.";

        return [$this->found('no_feed', $site, Severity::Warning, "No cable is known to feed {$site->point->code}. $judged Trace it.")];
    }
}
