<?php

declare(strict_types=1);

namespace Bouclier\Core\Faults;

/**
 * How often a kind of fault is met at one kind of place, before anything was seen, beside all others; and what it is called there in a
 * table of them.
 */
final readonly class Frequency
{
    /** @param string $place point, circuit, cable, appliance or cord */
    public function __construct(
        public string $place,
        public float $often,
        public string $words,
    ) {
    }
}
