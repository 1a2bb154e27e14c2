<?php

declare(strict_types=1);

namespace Bouclier\Core\CodeBook\Nec\Section406_9;

use Bouclier\Core\CodeBook\Clauses;
use Bouclier\Core\CodeBook\Rule;
use Bouclier\Core\CodeBook\Site;
use Bouclier\Core\House\Exposure;
use Bouclier\Core\House\Protection;

/** NEC 406.9(B)(1): weather-resistant receptacles in wet locations. */
final class WetLocations implements Rule
{
    public function id(): string
    {
        return 'nec-406.9-wet-locations';
    }

    public function asksFor(): Protection
    {
        return Protection::Wr;
    }

    public function clauses(): Clauses
    {
        return Clauses::everyNec('406.9(B)(1)');
    }

    public function reason(): string
    {
        return 'Plain contacts corrode where weather reaches them.';
    }

    public function binds(Site $site): ?string
    {
        return $site->weather() === Exposure::Wet && $site->isCordReceptacle(250.0) ? 'Its location is wet.' : null;
    }
}
