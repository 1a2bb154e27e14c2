<?php

declare(strict_types=1);

namespace Bouclier\Core\CodeBook\Nec\Section210_8D;

use Bouclier\Core\CodeBook\Clauses;
use Bouclier\Core\CodeBook\Rule;
use Bouclier\Core\CodeBook\Site;
use Bouclier\Core\CodeBook\UsesData;
use Bouclier\Core\House\Edition;
use Bouclier\Core\House\Protection;
use Bouclier\Core\House\Serves;

/**
 * NEC 210.8(D), 2023: electric ranges, wall ovens, counter-mounted cooking units, clothes dryers and microwave ovens, plug or hard-wired.
 */
final class CookingAndDrying implements Rule, UsesData
{
    public function id(): string
    {
        return 'nec-210.8(D)-cooking-and-drying';
    }

    public function asksFor(): Protection
    {
        return Protection::Gfci;
    }

    public function clauses(): Clauses
    {
        return Clauses::nec(null, null, null, '210.8(D)');
    }

    public function reason(): string
    {
        return 'A metal case within reach of a grounded one: cooking and drying appliances are protected at their outlet.';
    }

    public function binds(Site $site): ?string
    {
        return $site->serves(Serves::Range, Serves::WallOven, Serves::Cooktop, Serves::Dryer, Serves::Microwave) && $site->isOutlet()
            ? 'It supplies a ' . mb_strtolower($site->point->serves()->label()) . '.'
            : null;
    }

    public function uses(Edition $edition): array
    {
        return ['Ranges, wall ovens, counter-mounted cooking units, clothes dryers, microwave ovens'];
    }
}
