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
}
