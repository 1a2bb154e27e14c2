<?php

declare(strict_types=1);

namespace Bouclier\Core\Plan;

use Bouclier\Core\House\Arithmetic;

/** What lies in a stretch of a run, added up: what it leaks when nothing is wrong, and what would go dark with it. */
final readonly class Stretch
{
    /**
     * @param float $resistiveMa in phase, mA at 120 V
     * @param float $capacitiveMa in quadrature
     * @param float $resistiveVariance of what is not known of each thing by itself, mA²
     * @param float $resistiveShared standard deviation of what is not known of all of them alike, mA
     * @param int $points everything in it, boxes without an outlet among them
     * @param int $alone those that ask for a GFCI and are to share none
     */
    public function __construct(
        public float $resistiveMa = 0.0,
        public float $capacitiveMa = 0.0,
        public float $resistiveVariance = 0.0,
        public float $capacitiveVariance = 0.0,
        public float $resistiveShared = 0.0,
        public float $capacitiveShared = 0.0,
        public int $points = 0,
        public int $alone = 0,
    ) {
    }

    public function and(self $other): self
    {
        return new self(
            $this->resistiveMa + $other->resistiveMa,
            $this->capacitiveMa + $other->capacitiveMa,
            $this->resistiveVariance + $other->resistiveVariance,
            $this->capacitiveVariance + $other->capacitiveVariance,
            $this->resistiveShared + $other->resistiveShared,
            $this->capacitiveShared + $other->capacitiveShared,
            $this->points + $other->points,
            $this->alone + $other->alone,
        );
    }

    public function milliamperes(): float
    {
        return Arithmetic::magnitude($this->resistiveMa, $this->capacitiveMa);
    }

    /** One standard deviation of what it leaks, mA. */
    public function off(): float
    {
        // What is unsure along the sum makes it more or less; what lies across it turns it.
        $ma = $this->milliamperes();
        [$along, $across] = $ma > 0.0 ? [$this->resistiveMa / $ma, $this->capacitiveMa / $ma] : [1.0, 0.0];
        $shared = $along * $this->resistiveShared + $across * $this->capacitiveShared;

        return sqrt($along * $along * $this->resistiveVariance + $across * $across * $this->capacitiveVariance + $shared * $shared);
    }

    /** What it may leak at worst, mA: two standard deviations more than it should. */
    public function atWorstMa(): float
    {
        return $this->milliamperes() + 2.0 * $this->off();
    }

    /** Whether an outlet that is to share no GFCI would share this one, be it with a box. */
    public function sharesWhatIsAlone(): bool
    {
        return $this->alone > 0 && $this->points > 1;
    }

    /** Whether there is no more of anything in it than in another. */
    public function isWithin(self $other): bool
    {
        return $this->resistiveMa <= $other->resistiveMa
            && $this->capacitiveMa <= $other->capacitiveMa
            && $this->resistiveVariance <= $other->resistiveVariance
            && $this->capacitiveVariance <= $other->capacitiveVariance
            && $this->resistiveShared <= $other->resistiveShared
            && $this->capacitiveShared <= $other->capacitiveShared
            && $this->points <= $other->points
            && $this->alone <= $other->alone;
    }
}
