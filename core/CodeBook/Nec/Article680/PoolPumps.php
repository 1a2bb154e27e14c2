<?php

declare(strict_types=1);

namespace Bouclier\Core\CodeBook\Nec\Article680;

use Bouclier\Core\CodeBook\Clauses;
use Bouclier\Core\CodeBook\Rule;
use Bouclier\Core\CodeBook\Site;
use Bouclier\Core\House\Protection;
use Bouclier\Core\House\Serves;

/** NEC 680.21(C): the outlet that supplies a pool pump motor. */
final class PoolPumps implements Rule
{
    public function id(): string
    {
        return 'nec-680.21(C)-pool-pump';
    }

    public function asksFor(): Protection
    {
        return Protection::Gfci;
    }

    public function clauses(): Clauses
    {
        return Clauses::everyNec('680.21(C)');
    }

    public function reason(): string
    {
        return 'The pump moves the water people swim in.';
    }

    public function binds(Site $site): ?string
    {
        return $site->serves(Serves::PoolPump) && $site->isOutlet() ? 'It supplies a pool pump.' : null;
    }
}
