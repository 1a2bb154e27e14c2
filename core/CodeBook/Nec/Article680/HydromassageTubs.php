<?php

declare(strict_types=1);

namespace Bouclier\Core\CodeBook\Nec\Article680;

use Bouclier\Core\CodeBook\Clauses;
use Bouclier\Core\CodeBook\Rule;
use Bouclier\Core\CodeBook\Site;
use Bouclier\Core\House\Protection;
use Bouclier\Core\House\Serves;

/** NEC 680.71: a hydromassage tub, on a circuit of its own behind a readily accessible GFCI. */
final class HydromassageTubs implements Rule
{
    public function id(): string
    {
        return 'nec-680.71-hydromassage-tub';
    }

    public function asksFor(): Protection
    {
        return Protection::Gfci;
    }

    public function clauses(): Clauses
    {
        return Clauses::everyNec('680.71');
    }

    public function reason(): string
    {
        return 'Pump and bather share the water.';
    }

    public function binds(Site $site): ?string
    {
        return $site->serves(Serves::Hydromassage) && $site->isOutlet() ? 'It supplies a hydromassage tub.' : null;
    }
}
