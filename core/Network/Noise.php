<?php

declare(strict_types=1);

namespace Bouclier\Core\Network;

/** How far a reading may be from what is there: one standard deviation, as a part of the reading and a fixed amount. */
final class Noise
{
    public const VOLTS_PART = 0.005;
    public const VOLTS_FIXED = 0.5;

    public const MA_PART = 0.02;
    public const MA_FIXED = 0.1;

    /** A lamp in a hundred is misread. */
    public const MISREAD = 0.01;

    public static function volts(float $true): float
    {
        return self::VOLTS_PART * abs($true) + self::VOLTS_FIXED;
    }

    public static function milliamperes(float $true): float
    {
        return self::MA_PART * abs($true) + self::MA_FIXED;
    }
}
