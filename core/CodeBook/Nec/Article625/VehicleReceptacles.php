<?php

declare(strict_types=1);

namespace Bouclier\Core\CodeBook\Nec\Article625;

use Bouclier\Core\CodeBook\Clauses;
use Bouclier\Core\CodeBook\Rule;
use Bouclier\Core\CodeBook\Site;
use Bouclier\Core\CodeBook\UsesData;
use Bouclier\Core\House\Edition;
use Bouclier\Core\House\Protection;
use Bouclier\Core\House\Serves;

/** NEC 625.54: receptacles for charging an electric vehicle; 2017 up to 50 A, since then all. */
final class VehicleReceptacles implements Rule, UsesData
{
    public function id(): string
    {
        return 'nec-625.54-vehicle-receptacles';
    }

    public function asksFor(): Protection
    {
        return Protection::Gfci;
    }

    public function clauses(): Clauses
    {
        return Clauses::nec(null, '625.54', '625.54', '625.54');
    }

    public function reason(): string
    {
        return 'A charging cord is handled in the rain, every day.';
    }

    public function binds(Site $site): ?string
    {
        return $site->serves(Serves::Ev)
            && $site->point->isReceptacle()
            && ($site->edition->isFrom(Edition::Nec2020) || $site->point->amps() <= 50.0)
            ? 'It charges an electric vehicle.'
            : null;
    }

    public function uses(Edition $edition): array
    {
        return $edition->isFrom(Edition::Nec2020) ? ['Every receptacle for a vehicle'] : ['50 A or less'];
    }
}
