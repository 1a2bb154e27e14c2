<?php

declare(strict_types=1);

namespace Bouclier\Core\House;

/** Current from hot to ground at 120 V while plugged in, in mA, in phase and in quadrature. */
final readonly class Leakage
{
    public function __construct(
        public ?float $resistiveMa = null,
        public ?float $capacitiveMa = null,
        public ?object $x = null,
    ) {
    }

    /** All of it: in phase and in quadrature add at right angles. */
    public function milliamperes(): float
    {
        return Arithmetic::magnitude($this->resistiveMa ?? 0.0, $this->capacitiveMa ?? 0.0);
    }
}
