<?php

declare(strict_types=1);

namespace App\Support;

/** The time as records of a house are given it: ISO 8601, UTC, to the second. */
final class Clock
{
    public static function now(): string
    {
        return now()->utc()->format('Y-m-d\TH:i:s\Z');
    }
}
