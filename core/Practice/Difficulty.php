<?php

declare(strict_types=1);

namespace Bouclier\Core\Practice;

use Bouclier\Core\House\Arithmetic;

/**
 * How hard a case is, computed: the minutes of its cheapest road, and among how many causes that look alike from the call it has to choose.
 */
final readonly class Difficulty
{
    private function __construct(public float $minutes, public float $lookAlikes)
    {
    }

    public static function of(Road $best): self
    {
        // As many equally likely causes as would leave that much unknown.
        return new self($best->minutes(), Arithmetic::exp(Road::bits($best->known[0]) * Arithmetic::log(2.0)));
    }

    /** Minutes, and half as many again for each doubling of what looks alike. */
    public function score(): float
    {
        return $this->minutes * (1.0 + 0.5 * Arithmetic::log(max(1.0, $this->lookAlikes)) / Arithmetic::log(2.0));
    }

    public function level(): Level
    {
        return Level::of($this->score());
    }
}
