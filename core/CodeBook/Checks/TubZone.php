<?php

declare(strict_types=1);

namespace Bouclier\Core\CodeBook\Checks;

use Bouclier\Core\CodeBook\Clauses;
use Bouclier\Core\CodeBook\Finding;
use Bouclier\Core\CodeBook\PointAssessment;
use Bouclier\Core\CodeBook\PointCheck;
use Bouclier\Core\CodeBook\Severity;
use Bouclier\Core\CodeBook\Site;
use Bouclier\Core\House\Edition;
use Bouclier\Core\House\Serves;

/** A receptacle within the space of a tub or shower (406.9(C)). */
final class TubZone implements PointCheck
{
    private const ACROSS_FT = 3.0;

    private const UP_FT = 8.0;

    public function clauses(): array
    {
        return ['tub_zone' => Clauses::everyNec('406.9(C)')];
    }

    public function findings(Site $site, PointAssessment $judged): array
    {
        $zone = $site->point->tubZone;
        if ($zone?->horizontalFt === null || ! $site->point->isReceptacle() || ! $site->edition->isNec()) {
            return [];
        }
        $old = $site->edition->isBefore(Edition::Nec2020);
        $above = $zone->aboveRimFt ?? 0.0;
        $inside = $old
            ? $zone->horizontalFt <= 0.0
            : $zone->horizontalFt <= self::ACROSS_FT
                && $above <= self::UP_FT
                && ($above >= 0.0 || $site->edition->isFrom(Edition::Nec2023));
        $letOff = ! $old
            && ($zone->oppositeWall === true
                || ($site->edition->isFrom(Edition::Nec2023) && $site->serves(Serves::Bidet) && $site->point->accessible()));
        if (! $inside || $letOff) {
            return [];
        }

        return [new Finding(
            'tub_zone',
            Severity::ofClause($site->work),
            $this->clauses()['tub_zone']->in($site->edition),
            "{$site->point->code} is {$zone->horizontalFt} ft from the tub or shower across and {$above} ft above its rim: "
                . ($old ? 'no receptacle stands within or over it.' : 'none stands within 3 ft of it and up to 8 ft above the rim.'),
        )];
    }
}
