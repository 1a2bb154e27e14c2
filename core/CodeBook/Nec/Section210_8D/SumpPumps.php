<?php

declare(strict_types=1);

namespace Bouclier\Core\CodeBook\Nec\Section210_8D;

use Bouclier\Core\CodeBook\Clauses;
use Bouclier\Core\CodeBook\Rule;
use Bouclier\Core\CodeBook\Site;
use Bouclier\Core\House\Protection;
use Bouclier\Core\House\Serves;

/** NEC 210.8(D), 2020 and 2023: the outlet that supplies a sump pump. */
final class SumpPumps implements Rule
{
    public function id(): string
    {
        return 'nec-210.8(D)-sump-pump';
    }

    public function asksFor(): Protection
    {
        return Protection::Gfci;
    }

    public function clauses(): Clauses
    {
        return Clauses::nec(null, null, '210.8(D)', '210.8(D)');
    }

    public function reason(): string
    {
        return 'A sump pump stands in water and is lifted out by hand.';
    }

    public function binds(Site $site): ?string
    {
        return $site->serves(Serves::SumpPump) && $site->isOutlet() ? 'It supplies a sump pump.' : null;
    }
}
