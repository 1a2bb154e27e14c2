<?php

declare(strict_types=1);

namespace Bouclier\Core\CodeBook\Nec\Section210_8D;

use Bouclier\Core\CodeBook\Clauses;
use Bouclier\Core\CodeBook\Rule;
use Bouclier\Core\CodeBook\Site;
use Bouclier\Core\House\Protection;
use Bouclier\Core\House\Serves;

/** NEC 210.8(D): the outlet that supplies a dishwasher. */
final class Dishwashers implements Rule
{
    public function id(): string
    {
        return 'nec-210.8(D)-dishwasher';
    }

    public function asksFor(): Protection
    {
        return Protection::Gfci;
    }

    public function clauses(): Clauses
    {
        return Clauses::everyNec('210.8(D)');
    }

    public function reason(): string
    {
        return 'A worn dishwasher leaks where wet hands reach it: its outlet is protected, plug or hard-wired.';
    }

    public function binds(Site $site): ?string
    {
        return $site->serves(Serves::Dishwasher) && $site->isOutlet() ? 'It supplies a dishwasher.' : null;
    }
}
