<?php

declare(strict_types=1);

namespace Bouclier\Core\Diagnose;

/**
 * A residual that is not known exactly, beside a threshold that lies anywhere between two bounds: how likely it opens the device, and what
 * is known of both once it did, or did not.
 */
final readonly class TripChance
{
    /** Where the residual is looked at, in standard deviations from what it should be; and exp(-x²/2) there. */
    private const STEPS = [-2.4, -1.8, -1.2, -0.6, 0.0, 0.6, 1.2, 1.8, 2.4];
    private const WEIGHTS = [
        0.05613476283413, 0.19789869908361, 0.48675225595997, 0.83527021141127, 1.0,
        0.83527021141127, 0.48675225595997, 0.19789869908361, 0.05613476283413,
    ];

    /** Part of its threshold by which a device does not open each time at the same. */
    private const LATCH = 0.004;

    /**
     * @param float $ma residual as it should be, and one standard deviation of it
     * @param float $holds mA at which the device surely holds, and at which it surely trips
     */
    public function __construct(
        private float $ma,
        private float $off,
        private float $holds,
        private float $trips,
    ) {
    }

    public function opens(): float
    {
        return match (true) {
            $this->off <= 0.0 || ! is_finite($this->ma) => $this->share($this->ma),
            // Wherever it is looked at, it is below.
            $this->ma + max(self::STEPS) * $this->off <= $this->holds => 0.0,
            default => $this->moments(true)[0],
        };
    }

    /**
     * @return array{float, float, float, float} mA the residual then is, one standard deviation of it, and the bounds of the threshold
     */
    public function seen(bool $opened): array
    {
        [, $ma, $off] = $this->off <= 0.0 ? [1.0, $this->ma, 0.0] : $this->moments($opened);
        // A device that held has a threshold above what it saw, one that opened below; within a little, for it is a latch.
        $little = $off + self::LATCH * $ma;
        $bounds = match (true) {
            $opened && $ma + $little < $this->trips => [$this->holds, max($this->holds, $ma + $little)],
            ! $opened && $ma - $little > $this->holds => [min($this->trips, $ma - $little), $this->trips],
            default => [$this->holds, $this->trips],
        };

        return [$ma, $off, ...$bounds];
    }

    private function share(float $ma): float
    {
        return match (true) {
            $ma >= $this->trips => 1.0,
            $ma <= $this->holds => 0.0,
            default => ($ma - $this->holds) / ($this->trips - $this->holds),
        };
    }

    /** @return array{float, float, float} how likely it is, and what the residual then is, with one standard deviation */
    private function moments(bool $opened): array
    {
        $all = $sum = $first = $second = 0.0;
        foreach (self::STEPS as $at => $step) {
            $ma = $this->ma + $step * $this->off;
            $weight = self::WEIGHTS[$at];
            $share = $this->share($ma);
            $all += $weight;
            $weight *= $opened ? $share : 1.0 - $share;
            $sum += $weight;
            $first += $weight * $step;
            $second += $weight * $step * $step;
        }
        if ($sum <= 0.0) {
            return [0.0, $this->ma, $this->off];
        }
        // Of the whole at these steps next to one standard deviation is left: taken as just that.
        $mean = $first / $sum;

        return [$sum / $all, $this->ma + $mean * $this->off, $this->off * sqrt(min(1.0, max(0.0, $second / $sum - $mean * $mean)))];
    }
}
