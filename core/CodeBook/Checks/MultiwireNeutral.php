<?php

declare(strict_types=1);

namespace Bouclier\Core\CodeBook\Checks;

use Bouclier\Core\CodeBook\Clauses;
use Bouclier\Core\CodeBook\Finding;
use Bouclier\Core\CodeBook\PointAssessment;
use Bouclier\Core\CodeBook\PointCheck;
use Bouclier\Core\CodeBook\Severity;
use Bouclier\Core\CodeBook\Site;
use Bouclier\Core\House\CableEnd;
use Bouclier\Core\House\Land;

/** The neutral of a multiwire circuit carried on through a device: taking the device out opens it for all that lies beyond (300.13(B)). */
final class MultiwireNeutral implements PointCheck
{
    public function clauses(): array
    {
        return ['multiwire_neutral' => Clauses::everyNec('300.13(B)')];
    }

    public function findings(Site $site, PointAssessment $judged): array
    {
        if (! $site->edition->isNec() || ! $site->point->device->feedsThrough() || ! $site->feeds->feed($site->point)->isShared()) {
            return [];
        }
        foreach ($site->feeds->cablesOutOf($site->point) as $cable) {
            if (
                $cable->from instanceof CableEnd
                && $cable->from->land !== null
                && $cable->from->land()->neutral !== Land::Splice
                && $site->feeds->feed($site->house->point($cable->to->point))->isShared()
            ) {
                return [new Finding(
                    'multiwire_neutral',
                    Severity::ofClause($site->work),
                    $this->clauses()['multiwire_neutral']->in($site->edition),
                    "The shared neutral goes on through the device of {$site->point->code}: without the device it is open, and what "
                        . 'lies beyond sees up to twice its voltage. Splice it and run a pigtail.',
                )];
            }
        }

        return [];
    }
}
