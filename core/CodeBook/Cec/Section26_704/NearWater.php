<?php

declare(strict_types=1);

namespace Bouclier\Core\CodeBook\Cec\Section26_704;

use Bouclier\Core\CodeBook\Cec\Stationary;
use Bouclier\Core\CodeBook\Clauses;
use Bouclier\Core\CodeBook\HowFar;
use Bouclier\Core\CodeBook\Reach;
use Bouclier\Core\CodeBook\Site;
use Bouclier\Core\CodeBook\UsesData;
use Bouclier\Core\House\Crosses;
use Bouclier\Core\House\Distance;
use Bouclier\Core\House\Edition;
use Bouclier\Core\House\FixtureKind;
use Bouclier\Core\House\LengthUnit;
use Bouclier\Core\House\Protection;

/**
 * CEC 26-704(1): 5-15R and 5-20R receptacles within 1.5 m of a sink, bathtub or shower stall, except one for a stationary appliance that
 * cannot be reached behind it.
 */
final class NearWater implements Reach, UsesData
{
    public const LIMIT_M = 1.5;

    /** 1.5 m written in feet, to the hundredth, is still 1.5 m. */
    private const ROUNDING_FT = 0.005;

    public function id(): string
    {
        return 'cec-26-704(1)-near-water';
    }

    public function asksFor(): Protection
    {
        return Protection::Gfci;
    }

    public function clauses(): Clauses
    {
        return Clauses::cec('26-704(1)');
    }

    public function reason(): string
    {
        return 'A cord from here reaches the water.';
    }

    public function fixtures(): array
    {
        return [FixtureKind::Sink, FixtureKind::Bathtub, FixtureKind::Shower, FixtureKind::Hydromassage];
    }

    public function limitFt(?Site $site): float
    {
        return $site?->amendedDistance($this)->ft ?? self::LIMIT_M / LengthUnit::METRES_PER_FOOT;
    }

    public function binds(Site $site): ?string
    {
        $nearest = $site->isCordReceptacle(125.0) && ! Stationary::hides($site)
            ? HowFar::nearest($site, $this->fixtures(), fn(Distance $way): bool => $way->crosses() !== Crosses::Barrier)
            : null;

        return $nearest !== null && $nearest->ft <= $this->limitFt($site) + self::ROUNDING_FT
            ? 'It is ' . HowFar::said($nearest->ft, $site->unit()) . ' from water, ' . HowFar::how($nearest) . '.'
            : null;
    }

    public function uses(Edition $edition): array
    {
        return ['Within ' . self::LIMIT_M . ' m of a sink, bathtub or shower stall'];
    }
}
