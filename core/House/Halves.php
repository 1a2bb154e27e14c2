<?php

declare(strict_types=1);

namespace Bouclier\Core\House;

/** The two halves of a duplex: whether they are bridged, and which one is switched. */
final readonly class Halves
{
    public function __construct(
        public ?Tab $tab = null,
        public ?Half $switched = null,
        public ?object $x = null,
    ) {
    }
}
