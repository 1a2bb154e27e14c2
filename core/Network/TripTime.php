<?php

declare(strict_types=1);

namespace Bouclier\Core\Network;

use Bouclier\Core\House\Arithmetic;

/** How long a GFCI may take (UL 943): t = (20 / I)^1.43 s from 6 to 264 mA, 25 ms above. */
final class TripTime
{
    /** Milliseconds a healthy device takes: from, to, and exact. */
    public const TYPICAL_MS = [25.0, 70.0, 40.0];

    /** Above this share of the limit a device is slow, and on its way out. */
    public const SLOW_SHARE = 0.5;

    /** A device that takes so many times as long as when it was first timed is on its way out, be it within its limit. */
    public const DRIFT = 2.0;

    /** The limit in seconds; null below 6 mA, where it may take any time or none. */
    public static function limitSeconds(float $milliamperes): ?float
    {
        return match (true) {
            $milliamperes < Tripping::TRIPS_MA => null,
            $milliamperes <= 264.0 => Arithmetic::power(20.0 / $milliamperes, 1.43),
            default => 0.025,
        };
    }

    /** A measured trip as a share of the limit; null where there is none. */
    public static function share(float $milliseconds, float $milliamperes): ?float
    {
        $limit = self::limitSeconds($milliamperes);

        return $limit === null ? null : $milliseconds / 1000.0 / $limit;
    }

    /** A measured trip beside the limit, in words. */
    public static function say(float $milliseconds, float $milliamperes): string
    {
        $limit = self::limitSeconds($milliamperes);
        $read = sprintf('%s ms at %.1f mA', rtrim(rtrim(number_format($milliseconds, 1, '.', ''), '0'), '.'), $milliamperes);
        if ($limit === null) {
            return "$read: below 6 mA a GFCI may take any time, or hold";
        }

        $limitMs = (int) round(1000.0 * $limit);

        return match (true) {
            $milliseconds > 1000.0 * $limit => sprintf('%s: over the limit of %d ms. Replace it', $read, $limitMs),
            $milliseconds > 2.0 * self::TYPICAL_MS[1] => sprintf(
                '%s: within %d ms, but slow for a healthy device (%d to %d ms)',
                $read,
                $limitMs,
                (int) self::TYPICAL_MS[0],
                (int) self::TYPICAL_MS[1],
            ),
            default => sprintf('%s: good, the limit is %d ms', $read, $limitMs),
        };
    }
}
