<?php

declare(strict_types=1);

namespace Bouclier\Core\Feed;

/** What a healthy cable leaks by itself: its hot against its ground. */
final class Capacitance
{
    public const FARAD_PER_FT = 22e-12;

    public const HERTZ = 60.0;

    private const VOLTS = 120.0;

    /** Milliamperes at 120 V, in quadrature: about 1 mA for every 1000 ft. */
    public static function milliamperes(float $feet): float
    {
        return 1000.0 * self::VOLTS * 2.0 * M_PI * self::HERTZ * self::FARAD_PER_FT * $feet;
    }
}
