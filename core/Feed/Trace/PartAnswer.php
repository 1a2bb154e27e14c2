<?php

declare(strict_types=1);

namespace Bouclier\Core\Feed\Trace;

/** One part of the house put in order as far as the facts go: what is certain, and one tree that fits as a guess for the rest. */
final readonly class PartAnswer
{
    public Relations $known;

    /** @var array<int, Pairs> opened boxes by point number */
    public array $boxes;

    /** @var array<int, list<int>> runs of opened boxes by point number */
    private array $runs;

    /**
     * @param array<int, int> $parents what a point hangs on directly in every fitting tree, a point or a circuit
     * @param Relations|null $guess a tree that fits; null where none was looked for
     * @param list<Relations> $fitting trees that fit, as many as were met
     */
    public function __construct(
        public Nodes $nodes,
        Known $known,
        private array $parents,
        public ?Relations $guess,
        public array $fitting,
    ) {
        $this->known = $known->relations;
        $this->boxes = $known->boxes;
        $this->runs = $known->runs;
    }

    /** The node a point hangs on directly, where every fitting tree agrees. */
    public function parent(int $point): ?int
    {
        return $this->parents[$point] ?? null;
    }

    public function guessedParent(int $point): ?int
    {
        return $this->guess === null ? null : $this->nodes->parentIn($this->guess, $point);
    }

    /** What may or may not be beyond a point, or beyond one of the runs that go on from it. */
    public function undecidedBeyond(int $point): int
    {
        $open = $this->known->undecided($point);
        foreach ($this->runs[$point] ?? [] as $run) {
            $open |= $this->known->undecided($run);
        }

        return $open & $this->nodes->points;
    }

    /** How many places hang directly on a point in a tree that fits. */
    public function childrenIn(Relations $tree, int $point): int
    {
        $children = 0;
        foreach (Bits::of($tree->beyond($point) & $this->nodes->points) as $beyond) {
            $children += $this->nodes->parentIn($tree, $beyond) === $point ? 1 : 0;
        }

        return $children;
    }

    /** Whether it is known of everything beyond a protective device if it leaves on LOAD; true of any other point. */
    public function isLandingKnown(int $point): bool
    {
        $load = $this->nodes->loads[$point] ?? null;

        return $load === null || ($this->known->undecided($load) & $this->nodes->points) === 0;
    }
}
