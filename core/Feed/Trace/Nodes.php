<?php

declare(strict_types=1);

namespace Bouclier\Core\Feed\Trace;

use Bouclier\Core\House\Circuit;
use Bouclier\Core\House\Point;

/** A part of the house that is put in order on its own, and the numbers of its nodes: points, circuits, LOAD sides, then runs. */
final class Nodes
{
    /** @var array<int> number by point id */
    private array $pointNumbers = [];

    /** @var array<int> number by circuit id */
    private array $circuitNumbers = [];

    /** @var array<int, int> LOAD side by point number */
    public readonly array $loads;

    public readonly int $points;

    /**
     * @param list<Point> $allPoints
     * @param list<Circuit> $allCircuits
     */
    public function __construct(
        public readonly array $allPoints,
        public readonly array $allCircuits,
    ) {
        $next = 0;
        foreach ($allPoints as $point) {
            $this->pointNumbers[$point->id] = $next++;
        }
        foreach ($allCircuits as $circuit) {
            $this->circuitNumbers[$circuit->id] = $next++;
        }
        $loads = [];
        foreach ($allPoints as $number => $point) {
            if ($point->device->feedsThrough()) {
                $loads[$number] = $next++;
            }
        }
        $this->loads = $loads;
        $this->points = (1 << min(count($allPoints), Shape::MOST_NODES)) - 1;
    }

    public function hasPoint(string $id): bool
    {
        return isset($this->pointNumbers[$id]);
    }

    public function point(string $id): int
    {
        return $this->pointNumbers[$id];
    }

    public function circuit(string $id): ?int
    {
        return $this->circuitNumbers[$id] ?? null;
    }

    public function count(): int
    {
        return count($this->allPoints) + count($this->allCircuits) + count($this->loads);
    }

    /**
     * @param iterable<string> $ids
     *
     * @return int mask of those that belong to this part
     */
    public function mask(iterable $ids): int
    {
        $mask = 0;
        foreach ($ids as $id) {
            if (isset($this->pointNumbers[$id])) {
                $mask |= 1 << $this->pointNumbers[$id];
            }
        }

        return $mask;
    }

    public function pointAt(int $number): Point
    {
        return $this->allPoints[$number];
    }

    public function circuitAt(int $number): Circuit
    {
        return $this->allCircuits[$number - count($this->allPoints)];
    }

    /** @return list<string> */
    public function ids(int $mask): array
    {
        return array_map(fn(int $number): string => $this->allPoints[$number]->id, Bits::of($mask & $this->points));
    }

    /** What a point hangs on directly in a whole tree, a point or a circuit: of all it is beyond, the one that is beyond all others. */
    public function parentIn(Relations $tree, int $point): ?int
    {
        $above = $tree->above($point) & ((1 << count($this->allPoints) + count($this->allCircuits)) - 1);
        foreach (Bits::of($above) as $node) {
            if (($above & ~(1 << $node) & ~$tree->above($node)) === 0) {
                return $node;
            }
        }

        return null;
    }
}
