<?php

declare(strict_types=1);

namespace Bouclier\Core\Network;

use Bouclier\Core\House\Conductor;

/** A resistance between two of the conductors of one place. */
final readonly class Resistor
{
    public function __construct(
        public Conductor $one,
        public Conductor $other,
        public float $ohms,
    ) {
    }
}
