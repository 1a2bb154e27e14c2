<?php

declare(strict_types=1);

namespace Bouclier\Core\Actions;

/** Milliamperes as they should be under a cause, and how far they may be off because nobody knows just what appliances leak. */
final readonly class Supposed
{
    /**
     * @param float $off one standard deviation, mA
     * @param array<int, float> $along how much what each appliance leaks counts in it, by its number in {@see LeakageKnown}
     */
    public function __construct(
        public float $ma,
        public float $off = 0.0,
        public array $along = [],
    ) {
    }

    /**
     * What is known of the leakages once it was read.
     *
     * @param float $deviation mA the reading itself may be off, one standard deviation
     */
    public function read(LeakageKnown $known, float $read, float $deviation): LeakageKnown
    {
        if ($this->off === 0.0) {
            return $known;
        }
        $share = $this->off * $this->off / ($this->off * $this->off + $deviation * $deviation);

        return $known->told($this->along, $share * ($read - $this->ma), 1.0 - $share);
    }
}
