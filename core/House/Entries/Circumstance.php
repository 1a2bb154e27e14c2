<?php

declare(strict_types=1);

namespace Bouclier\Core\House\Entries;

/**
 * Something that is thought to make a cause likelier, as it was with the cause a call was settled as: whether it held there, and of all
 * places where the same could have been, in how many it did. From both together a crew learns how many times likelier it truly makes it.
 */
final readonly class Circumstance
{
    /**
     * @param string $factor of the table of how often what is met
     * @param float $share of the places, 0 to 1
     */
    public function __construct(
        public string $factor,
        public bool $held,
        public float $share,
        public ?object $x = null,
    ) {
    }
}
