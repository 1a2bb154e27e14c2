<?php

declare(strict_types=1);

namespace Bouclier\Core\Feed;

use Bouclier\Core\House\Appliance;
use Bouclier\Core\House\Arithmetic;
use Bouclier\Core\House\Cable;

/** What one appliance or cable adds to a leakage, in milliamperes at 120 V. */
final readonly class LeakagePart
{
    public function __construct(
        public Appliance|Cable $of,
        public float $resistiveMa,
        public float $capacitiveMa,
    ) {
    }

    public function milliamperes(): float
    {
        return Arithmetic::magnitude($this->resistiveMa, $this->capacitiveMa);
    }
}
