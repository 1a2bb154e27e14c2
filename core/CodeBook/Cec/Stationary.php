<?php

declare(strict_types=1);

namespace Bouclier\Core\CodeBook\Cec;

use Bouclier\Core\CodeBook\Site;
use Bouclier\Core\House\Serves;

/** What the CEC lets off: a receptacle for a stationary appliance, out of reach behind it. */
final class Stationary
{
    public static function hides(Site $site): bool
    {
        return ! $site->point->accessible() && ! $site->serves(Serves::General, Serves::Countertop);
    }
}
