<?php

declare(strict_types=1);

namespace Bouclier\Core\House;

/** A splicing connector in a box: what it is rated for and how many wires it holds. */
final readonly class Connector
{
    /**
     * @param int|list<int>|null $ratedAwg
     */
    public function __construct(
        public string $kind,
        public int|array|null $ratedAwg = null,
        public ?int $wires = null,
        public ?object $x = null,
    ) {
    }
}
