<?php

declare(strict_types=1);

namespace Bouclier\Core\Diagnose;

use Bouclier\Core\House\Exposure;
use Bouclier\Core\House\House;
use Bouclier\Core\House\Point;
use Bouclier\Core\House\Workmanship;
use Bouclier\Core\Network\FaultKind;

/**
 * How often each cause is met, per place where it can be, before anything was seen: this table and nothing else. Ours, from what the trade says: appliances and
 * water first, then boxes somebody has worked in, then worn devices; miswiring that has worked for years last.
 */
final class Priors
{
    private const BY_KIND = [
        'leak appliance' => 0.060,
        'leak cord' => 0.030,
        'leak point' => 0.012,
        'leak cable' => 0.006,
        'neutral_ground point' => 0.014,
        'neutral_ground cable' => 0.004,
        'open cable' => 0.010,
        'open point' => 0.010,
        'high_resistance cable' => 0.008,
        'short point' => 0.003,
        'short cable' => 0.002,
        'short appliance' => 0.006,
        'swap cable' => 0.006,
        'swap_hot_ground cable' => 0.002,
        'reversed_line_load point' => 0.012,
        'land cable' => 0.008,
        'bootleg point' => 0.008,
        'borrowed_neutral point' => 0.004,
        'dead_device point' => 0.030,
        'dead_device circuit' => 0.015,
        'weak_device point' => 0.025,
        'weak_device circuit' => 0.015,
        'stuck_device point' => 0.030,
        'stuck_device circuit' => 0.015,
        'series_arc cable' => 0.008,
        'series_arc point' => 0.012,
        'parallel_arc cable' => 0.004,
        'parallel_arc point' => 0.005,
    ];

    public const HONEST_SUM = 0.05;
    public const LONG_CABLE = 0.01;
    public const OVERLOAD = 0.05;
    public const NO_FEED = 0.02;
    public const UPSTREAM_TRIPPED = 0.06;

    /** A cause nobody thought of. */
    public const UNKNOWN = 0.01;

    /** Times: outdoors or damp for what water does; where somebody has worked; where nobody has since it was built. */
    private const WET = 4.0;
    private const DISTURBED = 3.0;
    private const ORIGINAL = 0.5;

    /** Times, for what comes and goes beside what is always there. */
    public const INTERMITTENT = 0.5;

    /** @param string $place point, circuit, cable, appliance or cord */
    public static function of(FaultKind $kind, string $place, House $house, ?Point $point): float
    {
        $prior = self::BY_KIND["{$kind->value} $place"] ?? 0.001;
        if ($point !== null && $kind === FaultKind::Leak && $place === 'point' && $point->exposure() !== Exposure::Dry) {
            $prior *= self::WET;
        }
        $handwork = [FaultKind::NeutralGround, FaultKind::Land, FaultKind::ReversedLineLoad, FaultKind::Swap, FaultKind::Bootleg, FaultKind::BorrowedNeutral, FaultKind::Open, FaultKind::HighResistance, FaultKind::SeriesArc];
        if ($point !== null && in_array($kind, $handwork, true)) {
            $prior *= match ($point->workmanship) {
                Workmanship::Disturbed => self::DISTURBED,
                Workmanship::Original => self::ORIGINAL,
                default => 1.0,
            };
        }

        return $prior;
    }
}
