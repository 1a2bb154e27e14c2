<?php

declare(strict_types=1);

namespace Bouclier\Core\CodeBook\Nec\Section424_45;

use Bouclier\Core\CodeBook\Clauses;
use Bouclier\Core\CodeBook\Nec\Section424_44\WetFloors;
use Bouclier\Core\CodeBook\Rule;
use Bouclier\Core\CodeBook\Site;
use Bouclier\Core\House\Protection;
use Bouclier\Core\House\Serves;

/** NEC 424.45: heating under the floor covering of any room; the rooms of 424.44 are that clause's. */
final class UnderFloorCoverings implements Rule
{
    public function id(): string
    {
        return 'nec-424.45-floor-heating';
    }

    public function asksFor(): Protection
    {
        return Protection::Gfci;
    }

    public function clauses(): Clauses
    {
        return Clauses::everyNec('424.45')->likely();
    }

    public function reason(): string
    {
        return 'A nail or a chair leg goes through the covering into the cable.';
    }

    public function binds(Site $site): ?string
    {
        return $site->serves(Serves::FloorHeat) && $site->isOutlet() && ! WetFloors::has($site->area)
            ? "It heats the floor of {$site->area->code}, under its covering."
            : null;
    }
}
