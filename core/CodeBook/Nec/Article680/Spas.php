<?php

declare(strict_types=1);

namespace Bouclier\Core\CodeBook\Nec\Article680;

use Bouclier\Core\CodeBook\Clauses;
use Bouclier\Core\CodeBook\Rule;
use Bouclier\Core\CodeBook\Site;
use Bouclier\Core\House\Protection;
use Bouclier\Core\House\Serves;

/** NEC 680.44: the outlet that supplies a hot tub or spa. */
final class Spas implements Rule
{
    public function id(): string
    {
        return 'nec-680.44-spa';
    }

    public function asksFor(): Protection
    {
        return Protection::Gfci;
    }

    public function clauses(): Clauses
    {
        return Clauses::everyNec('680.44');
    }

    public function reason(): string
    {
        return 'Bathers sit in what the heater warms.';
    }

    public function binds(Site $site): ?string
    {
        return $site->serves(Serves::Spa) && $site->isOutlet() ? 'It supplies a spa or hot tub.' : null;
    }
}
