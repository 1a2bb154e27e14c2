<?php

declare(strict_types=1);

namespace Bouclier\Core\Actions;

use Bouclier\Core\House\Arithmetic;

/**
 * How much more, or less, a cause adds to what is read than at the severity it is taken to have, as a part of that: nobody knows it before,
 * and it is one and the same in all readings. So the first tells how hard it is, and the next where (a normal distribution, and what each
 * reading leaves of it).
 */
final readonly class HowHard
{
    /** One standard deviation before anything was read. */
    private const OFF = 0.25;

    /** Part of what is added by which a reading may still be off by itself: it grows almost, and not just, in proportion. */
    private const SHAPE = 0.03;

    /** Standard deviations from what should be read, beyond which a reading is a slip and says nothing of it. */
    private const FAR = 4.0;

    public function __construct(
        private float $more = 0.0,
        private float $variance = self::OFF * self::OFF,
    ) {
    }

    /** Whether a reading has told anything of it. */
    public function isTold(): bool
    {
        return $this->more !== 0.0;
    }

    /** What should be read, volts or milliamperes, with the cause as it is taken and without it. */
    public function of(float $with, float $without): float
    {
        return max(0.0, $with + $this->more * ($with - $without));
    }

    /** How far that may be off, one standard deviation. */
    public function spread(float $with, float $without): float
    {
        return abs($with - $without) * sqrt($this->variance + self::SHAPE * self::SHAPE);
    }

    /** @param float $deviation by which the reading may be off beside, one standard deviation */
    public function told(float $read, float $with, float $without, float $deviation): self
    {
        $adds = $with - $without;
        $all = Arithmetic::magnitude($deviation, $this->spread($with, $without));
        $off = $read - $this->of($with, $without);
        if ($adds === 0.0 || $all <= 0.0 || abs($off) > self::FAR * $all) {
            return $this;
        }
        $gain = $this->variance * $adds / ($all * $all);

        return new self($this->more + $gain * $off, $this->variance * max(0.0, 1.0 - $gain * $adds));
    }
}
