<?php

declare(strict_types=1);

namespace Bouclier\Core\Network;

/** What a breaker carries beside its rating. */
final class BreakerLoad
{
    /** A standard breaker holds its rating, and trips within an hour at this many times it (UL 489); what it does between is open. */
    private const TRIPS_WITHIN_AN_HOUR = 1.35;

    public static function say(float $amps, float $rating): string
    {
        $carries = sprintf('carries %.1f A of %d A', $amps, (int) round($rating));

        return match (true) {
            $amps >= self::TRIPS_WITHIN_AN_HOUR * $rating => "$carries: it trips within the hour",
            $amps > $rating => "$carries: over its rating. At 100 % it holds, at 135 % it trips within an hour; between is open",
            default => $carries,
        };
    }
}
