<?php

declare(strict_types=1);

namespace Bouclier\Core\Network;

/** How long a GFCI may take (UL 943): t = (20 / I)^1.43 s from 6 to 264 mA, 25 ms above. */
final class TripTime
{
    /** Milliseconds a healthy device takes: from, to, and exact. */
    public const TYPICAL_MS = [25.0, 70.0, 40.0];

    /** The limit in seconds; null below 6 mA, where it may take any time or none. */
    public static function limitSeconds(float $milliamperes): ?float
    {
        return match (true) {
            $milliamperes < Tripping::TRIPS_MA => null,
            $milliamperes <= 264.0 => (20.0 / $milliamperes) ** 1.43,
            default => 0.025,
        };
    }
}
