<?php

declare(strict_types=1);

namespace Bouclier\Core\CodeBook\Nec\Section424_44;

use Bouclier\Core\CodeBook\Clauses;
use Bouclier\Core\CodeBook\Rule;
use Bouclier\Core\CodeBook\Site;
use Bouclier\Core\CodeBook\UsesData;
use Bouclier\Core\House\Edition;
use Bouclier\Core\House\Protection;
use Bouclier\Core\House\Serves;

/** NEC 424.44: electric floor heating in bathrooms, kitchens and places with a hydromassage tub. */
final class FloorHeating implements Rule, UsesData
{
    public function id(): string
    {
        return 'nec-424.44-floor-heating';
    }

    public function asksFor(): Protection
    {
        return Protection::Gfci;
    }

    public function clauses(): Clauses
    {
        return Clauses::everyNec('424.44');
    }

    public function reason(): string
    {
        return 'The heating cable lies under bare wet feet.';
    }

    public function binds(Site $site): ?string
    {
        return WetFloors::has($site->area) && $site->serves(Serves::FloorHeat) && $site->isOutlet()
            ? "It heats the floor of {$site->area->code}."
            : null;
    }

    public function uses(Edition $edition): array
    {
        return ['Bathrooms, kitchens, and where there is a hydromassage tub'];
    }
}
