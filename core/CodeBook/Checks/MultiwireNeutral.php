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
use Bouclier\Core\House\Cable;
use Bouclier\Core\House\CableEnd;
use Bouclier\Core\House\Device;
use Bouclier\Core\House\Land;

/**
 * The neutral of a multiwire circuit carried on through a device, a plain one too: taking the device out opens it for all that lies beyond
 * (300.13(B)). How the feed itself lands does not count.
 */
final class MultiwireNeutral implements PointCheck
{
    use Found;

    public function finds(): array
    {
        return ['multiwire_neutral' => new Finds(Hazard::Fire, Clauses::everyNec('300.13(B)')->second(), isAcute: true)];
    }

    public function findings(Site $site, PointAssessment $judged): array
    {
        if (! $site->edition->isNec() || $site->point->device === Device::None) {
            return [];
        }
        foreach ($site->feeds->cablesOutOf($site->point) as $cable) {
            $neutral = $cable->from instanceof CableEnd ? $cable->from->land?->neutral : null;
            if (($neutral === Land::Line || $neutral === Land::Load) && self::goesOn($site, $cable)) {
                return [$this->found(
                    'multiwire_neutral',
                    $site,
                    Severity::Error,
                    "The shared neutral goes on through the device of {$site->point->code}: without the device it is open, and what "
                        . 'lies beyond sees up to twice its voltage. Splice it and run a pigtail.',
                )];
            }
        }

        return [];
    }

    /** Whether the cable carries the multiwire circuit on: both hots, or the one that is only spliced through this box. */
    private static function goesOn(Site $site, Cable $cable): bool
    {
        $beyond = $site->feeds->feed($site->house->point($cable->to->point));

        return count($site->feeds->circuitsIn($cable)) > 1
            || ($cable->conductors !== 2 && $beyond->isShared() && $beyond->circuit?->id !== $site->circuit()?->id);
    }
}
