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

    public function __construct(
        private readonly FeedMap $feeds,
        public readonly Nodes $nodes,
    ) {
        $this->trees = new Trees($nodes);
    }

    /**
     * @throws Contradiction when no tree fits
     * @throws TooLarge
     */
    public function inOrder(Facts $facts): PartAnswer
    {
        $read = Reading::of($this->feeds, $this->nodes, $facts);
        $known = $read->relations;
        try {
            $guess = $this->trees->one($known) ?? throw new Contradiction();
        } catch (TooLarge) {
            return new PartAnswer($this->nodes, $read, null, []);
        }
        $fitting = [$guess];
        $trials = 0;
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

        return new PartAnswer($this->nodes, $read, $guess, $fitting);
    }

    /** Whether the facts hold together at all. */
    public function holds(Facts $facts, bool $thoroughly): bool
    {
        try {
            $known = Reading::of($this->feeds, $this->nodes, $facts)->relations;

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
