<?php

declare(strict_types=1);

namespace Bouclier\Core\CodeBook\Checks;

use Bouclier\Core\CodeBook\Clauses;
use Bouclier\Core\CodeBook\Finds;
use Bouclier\Core\CodeBook\Found;
use Bouclier\Core\CodeBook\Hazard;
use Bouclier\Core\CodeBook\HowFar;
use Bouclier\Core\CodeBook\Nec\Article680\PoolReceptacles;
use Bouclier\Core\CodeBook\PointAssessment;
use Bouclier\Core\CodeBook\PointCheck;
use Bouclier\Core\CodeBook\Severity;
use Bouclier\Core\CodeBook\Site;
use Bouclier\Core\House\Crosses;
use Bouclier\Core\House\Distance;

/** A receptacle nearer to the water of a pool than 6 ft (680.22(A)(1), (3)); outdoors a spa counts as one. */
final class PoolTooNear implements PointCheck
{
    use Found;

    private const NEAREST_FT = 6.0;

    public function finds(): array
    {
        return ['pool_too_near' => new Finds(Hazard::Shock, Clauses::everyNec('680.22(A)(1), (3)')->likely())];
    }

    public function findings(Site $site, PointAssessment $judged): array
    {
        $nearest = $site->point->isReceptacle() && $site->edition->isNec()
            ? HowFar::nearest($site, PoolReceptacles::water($site), fn(Distance $way): bool => $way->crosses() === Crosses::None)
            : null;

        return $nearest === null || $nearest->ft >= self::NEAREST_FT ? [] : [$this->found(
            'pool_too_near',
            $site,
            Severity::ofFault($site->work),
            "{$site->point->code} is " . HowFar::said($nearest->ft, $site->unit()) . ' from the water: none stands nearer than '
                . HowFar::said(self::NEAREST_FT, $site->unit()) . '.',
        )];
    }
}
