<?php

declare(strict_types=1);

namespace Bouclier\Core\CodeBook\Nec\Article555;

use Bouclier\Core\CodeBook\Clauses;
use Bouclier\Core\CodeBook\Rule;
use Bouclier\Core\CodeBook\Site;
use Bouclier\Core\House\Protection;
use Bouclier\Core\House\Serves;

/** NEC 210.8(C) until 2017, 555.9 since: the outlet that supplies a boat hoist at a dwelling, up to 240 V. */
final class BoatHoists implements Rule
{
    public function id(): string
    {
        return 'nec-555.9-boat-hoist';
    }

    public function asksFor(): Protection
    {
        return Protection::Gfci;
    }

    public function clauses(): Clauses
    {
        return Clauses::nec('210.8(C)', '210.8(C)', '555.9', '555.9')->likely();
    }

    public function reason(): string
    {
        return 'A hoist stands over water, and hands that work it are wet.';
    }

    public function binds(Site $site): ?string
    {
        return $site->serves(Serves::BoatHoist) && $site->isOutlet() ? 'It supplies a boat hoist.' : null;
    }
}
