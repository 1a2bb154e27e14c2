<?php

declare(strict_types=1);

namespace Bouclier\Core\CodeBook\Nec\Section210_12;

use Bouclier\Core\CodeBook\HowFar;
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
 * listed with its breaker and short enough, or in metal or concrete. On an extension the first receptacle of the circuit will do, whatever
 * the run and whatever lights or switches come before it; on a replacement, and on what exists, any device at the outlet or upstream.
 */
final class AfciWays
{
    /** Longest continuous run to the first outlet, in feet, by the thinnest wire in it. */
    private const MAX_RUN_FT_14_AWG = 50.0;

    private const MAX_RUN_FT = 70.0;

    /** Why this guard does not do for the outlet, null when it does. */
    public static function objection(Site $site, Guard $guard): ?string
    {
        if ($guard->by instanceof Circuit) {
            return self::wantsFirstOutletToo($guard->by) && ! self::hasFirstOutlet($site)
                ? "breaker {$guard->by->slot} is of the branch/feeder type, which wants an outlet-type AFCI at the first outlet too"
                : null;
        }

        return match ($site->work) {
            Work::Replace, Work::Existing => null,
            Work::Extend => self::comesBefore($guard->by, $site->feeds, PointKind::Receptacle)
                ? "{$guard->by->code} is not at the first receptacle outlet of its circuit"
                : null,
            Work::New => self::newObjection($guard->by, $site->feeds),
        };
    }

    /** Whether a breaker is of the type that relies on an outlet-type AFCI at the first outlet. */
    public static function wantsFirstOutletToo(Circuit $circuit): bool
    {
        return $circuit->breakerListing === BreakerListing::BranchFeeder;
    }

    /** Whether the device stands first on its circuit, what lights and switches come before it aside. */
    public static function standsFirst(Point $device, FeedMap $feeds): bool
    {
        return ! self::comesBefore($device, $feeds, PointKind::Receptacle, PointKind::Hardwired);
    }

    /** Whether the box of the device wants the mark of the first outlet: where it satisfies by way 2, 3 or 4. */
    public static function wantsMark(Point $device, FeedMap $feeds): bool
    {
        $run = $feeds->runTo($device);
        $listing = $feeds->feed($device)->circuit?->breakerListing;

        return $run !== [] && ! self::isArmoured($run, $feeds) && match ($listing) {
            BreakerListing::BranchFeeder => self::isFirstOutlet($device, $feeds),
            BreakerListing::SupplementalArc, BreakerListing::System => self::newObjection($device, $feeds) === null,
            default => false,
        };
    }

    private static function hasFirstOutlet(Site $site): bool
    {
        for ($point = $site->point; $point !== null; $point = $site->feeds->feed($point)->upstream) {
            if ($point->device->givesAfci() && self::isFirstOutlet($point, $site->feeds)) {
                return true;
            }
        }

        return false;
    }

    /** Whether no outlet lies between the breaker and the device; a switch or junction box is none. */
    public static function isFirstOutlet(Point $device, FeedMap $feeds): bool
    {
        return ! self::comesBefore($device, $feeds, PointKind::Receptacle, PointKind::Hardwired, PointKind::Light);
    }

    /** Whether one of those kinds lies between the breaker and the device. */
    private static function comesBefore(Point $device, FeedMap $feeds, PointKind ...$kinds): bool
    {
        for ($point = $feeds->feed($device)->upstream; $point !== null; $point = $feeds->feed($point)->upstream) {
            if (in_array($point->kind, $kinds, true)) {
                return true;
            }
        }

        return false;
    }

    /** New wiring: ways 3 to 6. Metal or concrete passes lights and switches, the listed breakers of 3 and 4 want the wire to run on. */
    private static function newObjection(Point $device, FeedMap $feeds): ?string
    {
        $run = $feeds->runTo($device);
        if (! self::standsFirst($device, $feeds)) {
            return "{$device->code} is not the first outlet on its circuit";
        }
        if ($run === []) {
            return "the run to {$device->code} is not traced";
        }
        if (self::isArmoured($run, $feeds)) {
            return null;
        }
        $listing = $feeds->feed($device)->circuit?->breakerListing;
        if (! in_array($listing, [BreakerListing::SupplementalArc, BreakerListing::System], true)) {
            return "the run to {$device->code} is not in metal, and its breaker is not listed for an outlet-type AFCI at the first outlet";
        }
        if (self::comesBefore($device, $feeds, PointKind::Light, PointKind::Switch)) {
            return "a light or switch comes before {$device->code}, and with its breaker the wire has to run on unbroken";
        }
        $length = array_sum(array_map(fn(Cable $cable): float => $cable->lengthFt ?? INF, $run));
        $thinnest = max(array_map(fn(Cable $cable): int => $feeds->awg($cable), $run));
        $most = $thinnest >= 14 ? self::MAX_RUN_FT_14_AWG : self::MAX_RUN_FT;
        $unit = $feeds->house->code->unit();
        $mostSaid = HowFar::said($most, $unit);

        return match (true) {
            is_infinite($length) => "the run to {$device->code} is not measured; it may be $mostSaid of $thinnest AWG",
            $length > $most => "the run to {$device->code} is " . HowFar::said($length, $unit) . "; $thinnest AWG may be $mostSaid",
            default => null,
        };
    }

    /** @param list<Cable> $run */
    private static function isArmoured(array $run, FeedMap $feeds): bool
    {
        foreach ($run as $cable) {
            $metal = $cable->method?->isMetal() === true
                && $feeds->house->point($cable->to->point)->box?->material === BoxMaterial::Metal;
            if (! $metal && $cable->method !== WiringMethod::Concrete) {
                return false;
            }
        }

        return true;
    }
}
