<?php

declare(strict_types=1);

namespace Bouclier\Core\Network;

use Bouclier\Core\House\Arithmetic;

/**
 * All that is random, each draw fixed by the seed, what it is about, and its number: one more action changes no earlier reading. Exact,
 * nothing is: thresholds stand in the middle, chances come true, meters have no noise.
 */
final readonly class Draws
{
    private function __construct(private ?int $seed)
    {
    }

    public static function exact(): self
    {
        return new self(null);
    }

    public static function seeded(int $seed): self
    {
        return new self($seed);
    }

    /** Evenly between two bounds; the given value when exact. */
    public function between(string $about, int $count, float $from, float $to, float $exact): float
    {
        return $this->seed === null ? $exact : $from + ($to - $from) * $this->uniform($about, $count);
    }

    public function happens(string $about, int $count, float $chance): bool
    {
        return $this->seed === null || $this->uniform($about, $count) < $chance;
    }

    /** What is unlikely: a lamp misread, something seen that is not there. Never, when exact. */
    public function slips(string $about, int $count, float $chance): bool
    {
        return $this->seed !== null && $this->uniform($about, $count) < $chance;
    }

    /** A reading with the noise of its meter, so many units one standard deviation; never below zero. */
    public function read(string $about, int $count, float $true, float $deviation): float
    {
        if ($this->seed === null) {
            return $true;
        }
        // Box and Muller: two even draws make a normal one.
        $radius = sqrt(-2.0 * Arithmetic::log(max(1e-12, $this->uniform("$about/r", $count))));

        return max(0.0, $true + $deviation * $radius * Arithmetic::cosineOfTurns($this->uniform("$about/a", $count)));
    }

    /** Between 0 and 1, 1 not reached. */
    private function uniform(string $about, int $count): float
    {
        return hexdec(substr(hash('sha256', "{$this->seed}\n$about\n$count"), 0, 13)) / 0x10000000000000;
    }
}
