<?php

declare(strict_types=1);

namespace Bouclier\Core\Feed\Trace;

/**
 * Trees that fit: relations with every unknown settled one way without contradiction. The search tries each unknown both ways, the
 * way the walk suggests first, so that the first tree found is also the plausible one.
 */
final class Trees
{
    /** More steps than this, and a search is given up: "there may be such a tree". */
    private const MOST_STEPS = 300;

    /** And so many for all searches of a part together. */
    private const MOST_STEPS_IN_ALL = 2500;

    private int $steps = 0;

    private int $stepsInAll = 0;

    public function __construct(private readonly Nodes $nodes)
    {
    }

    /**
     * One tree that fits; null when there is none.
     *
     * @throws TooLarge when the search was given up
     */
    public function one(Relations $known): ?Relations
    {
        $this->steps = 0;

        return $this->settle($known);
    }

    private function settle(Relations $known): ?Relations
    {
        $open = $this->firstUnknown($known);
        if ($open === null) {
            return $known;
        }
        if (++$this->steps > self::MOST_STEPS || ++$this->stepsInAll > self::MOST_STEPS_IN_ALL) {
            throw new TooLarge();
        }
        [$u, $v, $likely] = $open;
        foreach ([$likely, ! $likely] as $is) {
            $then = $known->assuming($u, $v, $is);
            $tree = $then === null ? null : $this->settle($then);
            if ($tree !== null) {
                return $tree;
            }
        }

        return null;
    }

    /** @return array{int, int, bool}|null an unknown relation, and how it more likely is */
    private function firstUnknown(Relations $known): ?array
    {
        $points = count($this->nodes->allPoints);
        for ($circuit = $points; $circuit < $points + count($this->nodes->allCircuits); ++$circuit) {
            $open = $known->undecided($circuit) & $this->nodes->points;
            if ($open !== 0) {
                $point = Bits::lowest($open);

                return [$circuit, $point, $this->nodes->pointAt($point)->circuit === $this->nodes->circuitAt($circuit)->id];
            }
        }
        for ($node = $this->nodes->count(); $node < $known->nodes(); ++$node) {
            $open = $known->undecided($node) & $this->nodes->points;
            if ($open !== 0) {
                return [$node, Bits::lowest($open), true];
            }
        }

        // A run goes along the walk: what is listed earlier feeds what is listed later.
        for ($u = 0; $u < $points; ++$u) {
            $open = $known->undecided($u) & $this->nodes->points;
            if ($open !== 0) {
                $v = Bits::lowest($open);

                return [$u, $v, $u < $v];
            }
        }
        foreach ($this->nodes->loads as $load) {
            $open = $known->undecided($load) & $this->nodes->points;
            if ($open !== 0) {
                return [$load, Bits::lowest($open), true];
            }
        }
        return null;
    }
}
