<?php

declare(strict_types=1);

namespace Bouclier\Core\CodeBook\Nec\Article680;

use Bouclier\Core\CodeBook\Clauses;
use Bouclier\Core\CodeBook\HasDistance;
use Bouclier\Core\CodeBook\HowFar;
use Bouclier\Core\CodeBook\Site;
use Bouclier\Core\CodeBook\UsesData;
use Bouclier\Core\House\Crosses;
use Bouclier\Core\House\Distance;
use Bouclier\Core\House\Edition;
use Bouclier\Core\House\FixtureKind;
use Bouclier\Core\House\Protection;

/** NEC 680.71: receptacles within 6 ft, horizontally, of the inside walls of a hydromassage tub. */
final class HydromassageReceptacles implements HasDistance, UsesData
{
    public const LIMIT_FT = 6.0;

    public function id(): string
    {
        return 'nec-680.71-hydromassage-receptacles';
    }

    public function asksFor(): Protection
    {
        return Protection::Gfci;
    }

    public function clauses(): Clauses
    {
        return Clauses::everyNec('680.71');
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
        $nearest = $site->point->isReceptacle()
            ? HowFar::nearest($site, [FixtureKind::Hydromassage], fn(Distance $way): bool => $way->crosses() !== Crosses::Barrier)
            : null;

        return $nearest !== null && $nearest->ft <= $this->limitFt($site)
            ? 'It is ' . HowFar::said($nearest->ft, $site->unit()) . ' from a hydromassage tub, ' . HowFar::how($nearest) . '.'
            : null;
    }

    public function uses(Edition $edition): array
    {
        return ['Within ' . HowFar::said(self::LIMIT_FT, $edition->unit()) . ', in plan, of the inside walls of the tub'];
    }
}
