<?php

declare(strict_types=1);

namespace Bouclier\Core\CodeBook\Nec\Section422_5A;

use Bouclier\Core\CodeBook\Clauses;
use Bouclier\Core\CodeBook\Rule;
use Bouclier\Core\CodeBook\Site;
use Bouclier\Core\House\Protection;
use Bouclier\Core\House\Serves;

/** NEC 422.5(A)(6): the sump pump itself. */
final class SumpPumps implements Rule
{
    public function id(): string
    {
        return 'nec-422.5(A)-sump-pump';
    }

    public function asksFor(): Protection
    {
        return Protection::Gfci;
    }

    public function clauses(): Clauses
    {
        return Clauses::nec(null, null, '422.5(A)(6)', '422.5(A)(6)');
    }

    public function reason(): string
    {
        return 'The appliance article asks for the same protection of a sump pump.';
    }

    public function binds(Site $site): ?string
    {
        return $site->serves(Serves::SumpPump) && $site->isOutlet() ? 'It supplies a sump pump.' : null;
    }
}
