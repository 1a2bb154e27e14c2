<?php

declare(strict_types=1);

namespace Bouclier\Core\CodeBook\Nec\Section210_8E;

use Bouclier\Core\CodeBook\Clauses;
use Bouclier\Core\CodeBook\Rule;
use Bouclier\Core\CodeBook\Site;
use Bouclier\Core\House\Protection;
use Bouclier\Core\House\Serves;

/** NEC 210.8(E), 2020 and 2023: the receptacle that 210.63 requires for servicing heating and cooling. */
final class HvacService implements Rule
{
    public function id(): string
    {
        return 'nec-210.8(E)-hvac-service';
    }

    public function asksFor(): Protection
    {
        return Protection::Gfci;
    }

    public function clauses(): Clauses
    {
        return Clauses::nec(null, null, '210.8(E)', '210.8(E)');
    }

    public function reason(): string
    {
        return 'Whoever services the unit plugs tools in here, often in an attic or outdoors.';
    }

    public function binds(Site $site): ?string
    {
        return $site->serves(Serves::HvacService) && $site->point->isReceptacle() ? 'It is there for servicing heating or cooling.' : null;
    }
}
