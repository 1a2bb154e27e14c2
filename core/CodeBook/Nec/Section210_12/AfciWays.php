<?php

declare(strict_types=1);

namespace Bouclier\Core\CodeBook\Nec\Section210_12;

use Bouclier\Core\CodeBook\Site;
use Bouclier\Core\Feed\FeedMap;
use Bouclier\Core\Feed\Guard;
use Bouclier\Core\House\BoxMaterial;
use Bouclier\Core\House\BreakerListing;
use Bouclier\Core\House\Cable;
use Bouclier\Core\House\Circuit;
use Bouclier\Core\House\Point;
use Bouclier\Core\House\PointKind;
use Bouclier\Core\House\WiringMethod;
use Bouclier\Core\House\Work;

/**
 * The ways to satisfy NEC 210.12: an AFCI breaker at the origin, or an outlet-type AFCI at the first outlet, whose run from the breaker is
 * listed with its breaker and short enough, or in metal or concrete. On an extension the first receptacle will do, whatever the run; on a
 * replacement, and on what exists, any device at the outlet or upstream.
 */
final class AfciWays
{
    /** Longest continuous run to the first outlet, in feet, by the thinnest wire in it. */
    private const MAX_RUN_FT_14_AWG = 50.0;

    private const MAX_RUN_FT = 70.0;

    private const METAL = [WiringMethod::Mc, WiringMethod::Ac, WiringMethod::Emt, WiringMethod::Rmc];

    /** Why this guard does not do for the outlet, null when it does. */
    public static function objection(Site $site, Guard $guard): ?string
    {
        if ($guard->by instanceof Circuit) {
            return $guard->by->breakerListing === BreakerListing::BranchFeeder && ! self::hasFirstOutlet($site)
                ? "breaker {$guard->by->slot} is of the branch/feeder type, which wants an outlet-type AFCI at the first outlet too"
                : null;
        }
        if ($site->work === Work::Replace || $site->work === Work::Existing) {
            return null;
        }
        if (! self::isFirst($guard->by, $site->feeds)) {
            return "{$guard->by->code} is not the first outlet on its circuit";
        }

        return $site->work === Work::Extend ? null : self::runObjection($guard->by, $site->feeds);
    }

    private static function hasFirstOutlet(Site $site): bool
    {
        for ($point = $site->point; $point !== null; $point = $site->feeds->feed($point)->upstream) {
            if ($point->device->givesAfci() && self::isFirst($point, $site->feeds)) {
                return true;
            }
        }

        return false;
    }

    /** Whether nothing but junctions and switches lies between the breaker and the device. */
    private static function isFirst(Point $device, FeedMap $feeds): bool
    {
        for ($point = $feeds->feed($device)->upstream; $point !== null; $point = $feeds->feed($point)->upstream) {
            if (! in_array($point->kind, [PointKind::Junction, PointKind::Switch], true)) {
                return false;
            }
        }

        return true;
    }

    private static function runObjection(Point $device, FeedMap $feeds): ?string
    {
        $run = $feeds->runTo($device);
        if ($run === []) {
            return "the run to {$device->code} is not traced";
        }
        if (self::isArmoured($run, $feeds)) {
            return null;
        }
        $circuit = $feeds->feed($device)->circuit;
        if (! in_array($circuit?->breakerListing, [BreakerListing::SupplementalArc, BreakerListing::System], true)) {
            return "the run to {$device->code} is not in metal, and its breaker is not listed for an outlet-type AFCI at the first outlet";
        }
        $length = array_sum(array_map(fn(Cable $cable): float => $cable->lengthFt ?? INF, $run));
        $thinnest = max(array_map(fn(Cable $cable): int => $feeds->awg($cable), $run));
        $most = $thinnest >= 14 ? self::MAX_RUN_FT_14_AWG : self::MAX_RUN_FT;

        return match (true) {
            is_infinite($length) => "the run to {$device->code} is not measured; it may be $most ft of $thinnest AWG",
            $length > $most => "the run to {$device->code} is $length ft; $thinnest AWG may be $most ft",
            default => null,
        };
    }

    /** @param list<Cable> $run */
    private static function isArmoured(array $run, FeedMap $feeds): bool
    {
        foreach ($run as $cable) {
            $metal = in_array($cable->method, self::METAL, true)
                && $feeds->house->point($cable->to->point)->box?->material === BoxMaterial::Metal;
            if (! $metal && $cable->method !== WiringMethod::Concrete) {
                return false;
            }
        }

        return true;
    }
}
