<?php

declare(strict_types=1);

namespace Bouclier\Core\CodeBook\Nec\Article680;

use Bouclier\Core\CodeBook\Clauses;
use Bouclier\Core\CodeBook\HasDistance;
use Bouclier\Core\CodeBook\HowFar;
use Bouclier\Core\CodeBook\Site;
use Bouclier\Core\CodeBook\UsesData;
use Bouclier\Core\House\AreaKind;
use Bouclier\Core\House\Crosses;
use Bouclier\Core\House\Distance;
use Bouclier\Core\House\Edition;
use Bouclier\Core\House\FixtureKind;
use Bouclier\Core\House\Protection;

/**
 * NEC 680.22(A)(4): any 125 V, 15 or 20 A receptacle (2023: to 250 V and 60 A) within 20 ft of the inside wall of a pool. A door or window
 * ends the path here, in every edition.
 */
final class PoolReceptacles implements HasDistance, UsesData
{
    public const LIMIT_FT = 20.0;

    private const MAX_AMPS_2023 = 60.0;

    public function id(): string
    {
        return 'nec-680.22(A)(4)-pool-receptacles';
    }

    public function asksFor(): Protection
    {
        return Protection::Gfci;
    }

    public function clauses(): Clauses
    {
        return Clauses::everyNec('680.22(A)(4)')->likely(Edition::Nec2023);
    }

    public function reason(): string
    {
        return 'Cords reach pools: receptacles near one are protected, indoors or out.';
    }

    public function limitFt(?Site $site): float
    {
        return $site?->amendedDistance($this)->ft ?? self::LIMIT_FT;
    }

    /** @return non-empty-list<FixtureKind> what water it is about there: outdoors a spa is a pool */
    public static function water(Site $site): array
    {
        return $site->area->kind === AreaKind::Outdoors ? [FixtureKind::Pool, FixtureKind::Spa] : [FixtureKind::Pool];
    }

    public function binds(Site $site): ?string
    {
        $speaks = $site->edition->isFrom(Edition::Nec2023)
            ? $site->point->isReceptacle() && $site->point->volts() <= 250.0 && $site->point->amps() <= self::MAX_AMPS_2023
            : $site->isCordReceptacle(125.0);
        $nearest = $speaks
            ? HowFar::nearest($site, self::water($site), fn(Distance $way): bool => $way->crosses() === Crosses::None)
            : null;

        return $nearest !== null && $nearest->ft <= $this->limitFt($site)
            ? 'It is ' . HowFar::said($nearest->ft, $site->unit()) . ' from the pool, ' . HowFar::how($nearest) . '.'
            : null;
    }

    public function uses(Edition $edition): array
    {
        return [
            'Within ' . HowFar::said(self::LIMIT_FT, $edition->unit()) . ' of the inside wall; a door or a window ends the path',
            $edition->isFrom(Edition::Nec2023) ? 'To 250 V and 60 A' : '125 V, 15 and 20 A',
        ];
    }
}
