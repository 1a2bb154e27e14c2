<?php

declare(strict_types=1);

namespace Bouclier\Core\CodeBook\Cec\Section26_658;

use Bouclier\Core\CodeBook\Site;
use Bouclier\Core\Feed\Guard;
use Bouclier\Core\House\Cable;
use Bouclier\Core\House\Circuit;
use Bouclier\Core\House\WiringMethod;
use Bouclier\Core\House\Work;

/**
 * The ways to satisfy CEC 26-658: a breaker, or an outlet-type device at the first outlet with the wiring to it in metal, armour or
 * conduit.
 */
final class ArcFaultWays
{
    private const GUARDED = [WiringMethod::Mc, WiringMethod::Ac, WiringMethod::Emt, WiringMethod::Rmc, WiringMethod::Pvc];

    /** Why this guard does not do for the outlet, null when it does. */
    public static function objection(Site $site, Guard $guard): ?string
    {
        if ($guard->by instanceof Circuit || $site->work === Work::Existing) {
            return null;
        }
        $run = $site->feeds->runTo($guard->by);
        $guarded = array_filter($run, fn(Cable $cable): bool => in_array($cable->method, self::GUARDED, true));

        return match (true) {
            $run === [] => "the run to {$guard->by->code} is not traced",
            $site->feeds->feed($guard->by)->upstream !== null => "{$guard->by->code} is not the first outlet on its circuit",
            count($guarded) < count($run) => "the wiring to {$guard->by->code} is not in metal raceway, armour or conduit",
            default => null,
        };
    }
}
