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

/** NEC 680.43: receptacles of 125 V and 30 A or less within 10 ft of an indoor spa or hot tub. */
final class IndoorSpaReceptacles implements HasDistance, UsesData
{
    public const LIMIT_FT = 10.0;

    private const MAX_AMPS = 30.0;

    public function id(): string
    {
        return 'nec-680.43-indoor-spa';
    }

    public function asksFor(): Protection
    {
        return Protection::Gfci;
    }

    public function clauses(): Clauses
    {
        return Clauses::everyNec('680.43')->likely();
    }

    public function reason(): string
    {
        return 'What is plugged in here can fall into the tub.';
    }

    public function limitFt(?Site $site): float
    {
        return $site?->amendedDistance($this)->ft ?? self::LIMIT_FT;
    }

    public function binds(Site $site): ?string
    {
        $nearest = $site->area->kind !== AreaKind::Outdoors
            && $site->point->isReceptacle()
            && $site->point->volts() <= 125.0
            && $site->point->amps() <= self::MAX_AMPS
            ? HowFar::nearest($site, [FixtureKind::Spa], fn(Distance $way): bool => $way->crosses() === Crosses::None)
            : null;

        return $nearest !== null && $nearest->ft <= $this->limitFt($site)
            ? 'It is ' . HowFar::said($nearest->ft, $site->unit()) . ' from an indoor spa, ' . HowFar::how($nearest) . '.'
            : null;
    }

    public function uses(Edition $edition): array
    {
        return [
            'Within ' . HowFar::said(self::LIMIT_FT, $edition->unit()) . ' of the inside walls',
            '125 V, ' . self::MAX_AMPS . ' A or less',
        ];
    }
}
