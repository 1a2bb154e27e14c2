<?php

declare(strict_types=1);

namespace Bouclier\Core\CodeBook\Nec\Section422_5A;

use Bouclier\Core\CodeBook\Clauses;
use Bouclier\Core\CodeBook\Rule;
use Bouclier\Core\CodeBook\Site;
use Bouclier\Core\House\Protection;
use Bouclier\Core\House\Serves;

/** NEC 422.5(A)(7): the dishwasher itself, asked for where 210.8(D) asks at its outlet. */
final class Dishwashers implements Rule
{
    public function id(): string
    {
        return 'nec-422.5(A)-dishwasher';
    }

    public function asksFor(): Protection
    {
        return Protection::Gfci;
    }

    public function clauses(): Clauses
    {
        return Clauses::nec(null, null, '422.5(A)(7)', '422.5(A)(7)');
    }

    public function reason(): string
    {
        return 'The appliance article asks for the same protection of a dishwasher.';
    }

    public function binds(Site $site): ?string
    {
        return $site->serves(Serves::Dishwasher) && $site->isOutlet() ? 'It supplies a dishwasher.' : null;
    }
}
