<?php

declare(strict_types=1);

namespace Bouclier\Core\Feed\Trace;

/** What there is to be put in order, and what is known of how cables go on from each node. Node numbers throughout. */
final readonly class Shape
{
    /** Rows are the bits of a signed integer; one bit is left alone. */
    public const MOST_NODES = 62;

    public int $all;

    /**
     * @param int $points mask of the points
     * @param int $circuits mask of the circuits that exclude each other (not those in a panel fed from another of them)
     * @param list<array{int, bool}> $single nodes with one cable going on, and whether there must be one
     * @param array<int, list<int>> $runs the runs that go on from an opened box with several, by point
     * @param array<int, int> $loads the LOAD side of each protective device, by point
     * @param array<int, true> $onePair points opened and found with one cable going on
     * @param list<array{int, int, int}> $twins a node that hangs directly on another: node, other, mask of what may be between
     */
    public function __construct(
        public int $nodes,
        public int $points,
        public int $circuits,
        public array $single,
        public array $runs,
        public array $loads,
        public array $onePair,
        public array $twins,
    ) {
        $this->all = (1 << $nodes) - 1;
    }
}
