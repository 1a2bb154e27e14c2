<?php

declare(strict_types=1);

namespace Bouclier\Core\CodeBook\Cec\Section26_704;

use Bouclier\Core\CodeBook\Clauses;
use Bouclier\Core\CodeBook\HowFar;
use Bouclier\Core\CodeBook\Rule;
use Bouclier\Core\CodeBook\Site;
use Bouclier\Core\CodeBook\UsesData;
use Bouclier\Core\House\AreaKind;
use Bouclier\Core\House\Edition;
use Bouclier\Core\House\LengthUnit;
use Bouclier\Core\House\Protection;

/** CEC 26-704(2): receptacles outdoors within 2.5 m of finished grade. */
final class Outdoors implements Rule, UsesData
{
    private const LIMIT_M = 2.5;

    public function id(): string
    {
        return 'cec-26-704(2)-outdoors';
    }

    public function asksFor(): Protection
    {
        return Protection::Gfci;
    }

    public function clauses(): Clauses
    {
        return Clauses::cec('26-704(2)');
    }

    public function reason(): string
    {
        return 'Within reach of somebody standing on the ground.';
    }

    public function binds(Site $site): ?string
    {
        return $site->area->kind === AreaKind::Outdoors
            && $site->isCordReceptacle(125.0)
            && $site->point->heightFt() * LengthUnit::METRES_PER_FOOT <= self::LIMIT_M
            ? 'It is outdoors, ' . HowFar::said($site->point->heightFt(), $site->unit()) . ' above grade.'
            : null;
    }

    public function uses(Edition $edition): array
    {
        return ['Within ' . self::LIMIT_M . ' m of finished grade'];
    }
}
