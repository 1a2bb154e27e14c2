<?php

declare(strict_types=1);

namespace Bouclier\Core\Diagnose;

use Bouclier\Core\House\Arithmetic;

/**
 * How often what comes and goes shows, as far as is known: a beta distribution, begun with what is thought before, and told of each time it
 * was drawn.
 */
final class HowOften
{
    private float $shown = 1.2;

    private float $hid = 1.8;

    /** The chance that it never shows in so many draws. */
    public function never(int $times): float
    {
        return $this->days($times, 0);
    }

    /** @param float $showing how sure it is that it showed this time */
    public function drawn(float $showing): void
    {
        $this->shown += $showing;
        $this->hid += 1.0 - $showing;
    }

    /** The chance that it shows in just some of so many draws: beta-binomial. */
    public function days(int $of, int $some): float
    {
        $chance = self::ways($of, $some);
        for ($day = 0; $day < $of; ++$day) {
            $chance *= $day < $some
                ? ($this->shown + $day) / ($this->shown + $this->hid + $day)
                : ($this->hid + $day - $some) / ($this->shown + $this->hid + $day);
        }

        return $chance;
    }

    /** The same with a chance that is known: binomial. */
    public static function daysAt(float $each, int $of, int $some): float
    {
        return self::ways($of, $some) * Arithmetic::wholePower($each, $some) * Arithmetic::wholePower(1.0 - $each, $of - $some);
    }

    private static function ways(int $of, int $some): float
    {
        $ways = 1.0;
        for ($one = 1; $one <= $some; ++$one) {
            $ways *= ($of - $some + $one) / $one;
        }

        return $ways;
    }
}
