<?php

declare(strict_types=1);

namespace Bouclier\Core\Feed\Trace;

use Bouclier\Core\Feed\FeedMap;

/**
 * A part of the house, all of whose outlets may hang together, put in order.
 *
 * Facts give relations, closed under what a tree implies. Every unknown is then tried both ways: one that contradicts is settled the
 * other way. In a small part a whole fitting tree is looked for each way, so that what is left unknown truly differs between
 * fitting trees.
 */
final class Part
{
    /** So many unknown relations at most are settled by whole trees; six outlets have thirty. */
    private const SMALL = 110;

    /** So many trials at most; what is left untried stays unknown, which is never wrong. */
    private const MOST_TRIALS = 1200;

    private readonly Trees $trees;

    /** @param bool $isOneOfMany whether outlets that are not in it may still turn out to hang here */
    public function __construct(
        private readonly FeedMap $feeds,
        public readonly Nodes $nodes,
        public readonly bool $isOneOfMany = false,
    ) {
        $this->trees = new Trees($nodes);
    }

    /**
     * @throws Contradiction when no tree fits
     * @throws TooLarge
     */
    public function inOrder(Facts $facts): PartAnswer
    {
        $read = Deduction::of($this->feeds, $this->nodes, $facts, $this->isOneOfMany);
        $known = $read->relations;
        try {
            $guess = $this->trees->one($known) ?? throw new Contradiction();
        } catch (TooLarge) {
            return new PartAnswer($this->nodes, $read, $this->parents($known, [], false), null, []);
        }
        $fitting = [$guess];
        $trials = 0;
        $small = false;
        do {
            $settled = false;
            $small = $this->unknowns($known) <= self::SMALL;
            foreach ($this->rows($known) as $u) {
                foreach (Bits::of($known->undecided($u) & $this->nodes->points) as $v) {
                    if ($known->isBeyond($u, $v) !== null || ++$trials > self::MOST_TRIALS) {
                        continue;
                    }
                    $found = $this->bothWays($known, $u, $v, $fitting, $small);
                    if ($found !== null) {
                        $known->say($u, 1 << $v, $found);
                        $known->close();
                        $settled = true;
                    }
                }
            }
        } while ($settled && ! $small);

        return new PartAnswer($this->nodes, $read, $this->parents($known, $fitting, $small), $guess, $fitting);
    }

    /** Whether the facts hold together at all. */
    public function holds(Facts $facts, bool $thoroughly): bool
    {
        try {
            $known = Deduction::of($this->feeds, $this->nodes, $facts, $this->isOneOfMany)->relations;

            return ! $thoroughly || $this->trees->one($known) !== null;
        } catch (Contradiction) {
            return false;
        } catch (TooLarge) {
            return true;
        }
    }

    /**
     * @param list<Relations> $fitting trees met so far; new ones are added
     *
     * @return bool|null how the relation is, when only one way fits
     */
    private function bothWays(Relations $known, int $u, int $v, array &$fitting, bool $small): ?bool
    {
        foreach ([true, false] as $way) {
            foreach ($fitting as $tree) {
                if ($tree->isBeyond($u, $v) === $way) {
                    continue 2;
                }
            }
            $then = $known->assuming($u, $v, $way);
            if ($then === null) {
                return ! $way;
            }
            if ($small) {
                try {
                    $tree = $this->trees->one($then);
                } catch (TooLarge) {
                    continue;
                }
                if ($tree === null) {
                    return ! $way;
                }
                $fitting[] = $tree;
            }
        }

        return null;
    }

    /**
     * What each point hangs on directly, where that is certain: it may be so although what lies further up is not known.
     *
     * @param list<Relations> $fitting
     *
     * @return array<int, int>
     */
    private function parents(Relations $known, array $fitting, bool $small): array
    {
        $parents = [];
        foreach (array_keys($this->nodes->allPoints) as $point) {
            if ($this->isOneOfMany && ! $known->isTwin($point)) {
                continue;
            }
            $ways = array_unique(array_map(fn(Relations $tree): ?int => $this->nodes->parentIn($tree, $point), $fitting));
            $parent = count($ways) > 1 ? null : $ways[0] ?? $this->nodes->parentIn($known, $point);
            if ($parent !== null && $known->isBeyond($parent, $point) === true && ! $this->mayBeBetween($known, $parent, $point, $small)) {
                $parents[$point] = $parent;
            }
        }

        return $parents;
    }

    private function mayBeBetween(Relations $known, int $parent, int $point, bool $small): bool
    {
        foreach (Bits::of($this->nodes->points) as $other) {
            $then = $other === $parent || $other === $point
                ? null
                : $known->assuming($parent, $other, true)?->assuming($other, $point, true);
            if ($then === null) {
                continue;
            }
            try {
                if (! $small || $this->trees->one($then) !== null) {
                    return true;
                }
            } catch (TooLarge) {
                return true;
            }
        }

        return false;
    }

    private function unknowns(Relations $known): int
    {
        return array_sum(array_map(fn(int $u): int => Bits::count($known->undecided($u) & $this->nodes->points), $this->rows($known)));
    }

    /** @return list<int> every node, circuits first: they settle most */
    private function rows(Relations $known): array
    {
        $points = count($this->nodes->allPoints);

        return [...range($points, $known->nodes() - 1), ...range(0, $points - 1)];
    }
}
