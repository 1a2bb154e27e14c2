<?php

declare(strict_types=1);

namespace Bouclier\Core\Practice;

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
        return new self($best->minutes(), 2.0 ** Road::bits($best->known[0]));
    }

    /** Minutes, and half as many again for each doubling of what looks alike. */
    public function score(): float
    {
        return $this->minutes * (1.0 + 0.5 * log(max(1.0, $this->lookAlikes), 2));
    }

    public function level(): Level
    {
        return Level::of($this->score());
    }
}
