<?php

declare(strict_types=1);

namespace Bouclier\Core\Feed\Trace;

/**
 * What is known of every ordered pair of nodes: "is v fed through u?", yes, no or unknown; always closed under what a tree implies.
 *
 * Nodes are the points, the circuits, the LOAD side of each protective device and, where a box with several outgoing runs was
 * opened, each of these runs: all of them places that other things are fed through, so that one rule set serves for all. Rows are
 * bit masks, at most {@see Shape::MOST_NODES} nodes wide.
 *
 * Rules. Nothing is fed through itself. What is beyond v is beyond all that v is beyond. Two nodes that feed the same third one are
 * themselves one beyond the other (nesting); so what two unrelated nodes feed has nothing in common. Every point hangs on exactly
 * one circuit. A breaker, and a box with two pairs, has one cable going on: exactly one node comes first beyond it.
 */
final class Relations
{
    /** @var array<int, int> masks: what is beyond u for certain */
    private array $yes;

    /** @var array<int, int> masks: what is certainly not beyond u */
    private array $no = [];

    /** @var array<int, int> masks: the transposed of yes, what v is beyond */
    private array $yesOf;

    /** @var array<int, int> masks: the transposed of no */
    private array $noOf = [];

    /** @var list<array{int, int, bool}> literals whose consequences are still to be drawn */
    private array $queue = [];

    public function __construct(private readonly Shape $shape)
    {
        $this->yes = $this->yesOf = array_fill(0, $shape->nodes, 0);
        for ($node = 0; $node < $shape->nodes; ++$node) {
            $this->no[$node] = $this->noOf[$node] = 1 << $node;
        }
    }

    /** Whether v is beyond u; null when it is not known. */
    public function isBeyond(int $u, int $v): ?bool
    {
        $bit = 1 << $v;

        return ($this->yes[$u] & $bit) !== 0 ? true : (($this->no[$u] & $bit) !== 0 ? false : null);
    }

    /** How many nodes there are, the runs of opened boxes among them. */
    public function nodes(): int
    {
        return $this->shape->nodes;
    }

    /** Whether it is given where a node hangs. */
    public function isTwin(int $node): bool
    {
        return in_array($node, array_column($this->shape->twins, 0), true);
    }

    /** What is certainly beyond u, as a mask. */
    public function beyond(int $u): int
    {
        return $this->yes[$u];
    }

    /** What v is certainly beyond, as a mask. */
    public function above(int $v): int
    {
        return $this->yesOf[$v];
    }

    /** What may or may not be beyond u, as a mask. */
    public function undecided(int $u): int
    {
        return $this->shape->all & ~($this->yes[$u] | $this->no[$u]);
    }

    /** What u may or may not be beyond, as a mask. */
    public function undecidedAbove(int $v): int
    {
        return $this->shape->all & ~($this->yesOf[$v] | $this->noOf[$v]);
    }

    /** @throws Contradiction */
    public function say(int $u, int $beyond, bool $is): void
    {
        $is ? $this->addYes($u, $beyond) : $this->addNo($u, $beyond & ~(1 << $u));
    }

    /**
     * The same with one relation more, or null when it contradicts.
     */
    public function assuming(int $u, int $v, bool $is): ?self
    {
        $then = clone $this;
        try {
            $then->say($u, 1 << $v, $is);
            $then->close();
        } catch (Contradiction) {
            return null;
        }

        return $then;
    }

    /**
     * Draws every consequence.
     *
     * @throws Contradiction
     */
    public function close(): void
    {
        do {
            $this->drain();
            $this->oneCircuitEach();
            foreach ($this->shape->twins as [$node, $of, $except]) {
                $this->sameAbove($node, $of, $except);
            }
            foreach ($this->shape->single as [$node, $must]) {
                $this->oneComesFirst($node, $must);
            }
            foreach ($this->shape->runs as $point => $runs) {
                $this->eachInOneRun($point, $runs);
            }
            foreach ($this->shape->loads as $point => $load) {
                if (isset($this->shape->onePair[$point])) {
                    $this->allOrNothingOnLoad($point, $load);
                }
            }
        } while ($this->queue !== []);
    }

    private function drain(): void
    {
        while (($next = array_pop($this->queue)) !== null) {
            [$u, $v, $is] = $next;
            $is ? $this->isFedThrough($u, $v) : $this->isNotFedThrough($u, $v);
        }
    }

    private function isFedThrough(int $u, int $v): void
    {
        $this->addNo($v, 1 << $u);
        $this->addYes($u, $this->yes[$v]);
        $this->addYesOf($v, $this->yesOf[$u]);
        $this->addNo($v, $this->no[$u]);
        $this->addNoOf($u, $this->noOf[$v]);
        $others = $this->yesOf[$v] & ~(1 << $u);
        $this->addYesOf($u, $others & $this->no[$u]);
        $this->addYes($u, $others & $this->noOf[$u]);
        $this->addNoOf($v, $this->no[$u] & $this->noOf[$u] & ~(1 << $u));
    }

    private function isNotFedThrough(int $u, int $v): void
    {
        $this->addNoOf($v, $this->yes[$u]);
        $this->addNo($u, $this->yesOf[$v]);
        if (($this->yes[$u] & $this->yes[$v]) !== 0) {
            $this->addYes($v, 1 << $u);
        }
        if (($this->no[$v] & (1 << $u)) !== 0) {
            $this->addNo($u, $this->yes[$v]);
            $this->addNo($v, $this->yes[$u]);
        }
    }

    private function oneCircuitEach(): void
    {
        foreach (Bits::of($this->shape->points) as $point) {
            $left = $this->shape->circuits & ~$this->noOf[$point];
            if ($left === 0) {
                throw new Contradiction();
            }
            if (($left & ($left - 1)) === 0) {
                $this->addYesOf($point, $left);
            }
        }
    }

    /** A node known to hang directly on another shares everything above with it. */
    private function sameAbove(int $node, int $of, int $except): void
    {
        $this->addYesOf($of, $this->yesOf[$node] & ~$except);
        $this->addNoOf($node, $this->noOf[$of] & ~$except);
        $this->addNoOf($of, $this->noOf[$node] & ~$except & ~(1 << $of));
    }

    /** Beyond a node with one cable going on, one point comes first, and all others are beyond that one. */
    private function oneComesFirst(int $node, bool $must): void
    {
        $points = $this->shape->points;
        $may = $points & ~$this->no[$node];
        $are = $points & $this->yes[$node];
        if ($are === 0 && $must && ($may & ($may - 1)) === 0) {
            $this->addYes($node, $may);
            $are = $may;
            if ($may === 0) {
                throw new Contradiction();
            }
        }
        if ($are === 0) {
            return;
        }
        $first = 0;
        foreach (Bits::of($may) as $point) {
            $bit = 1 << $point;
            if (($this->yesOf[$point] & $are) === 0 && ($are & ~$bit & $this->no[$point]) === 0) {
                $first |= $bit;
            }
        }
        if ($first === 0) {
            throw new Contradiction();
        }
        if (($first & ($first - 1)) === 0) {
            $this->addYes($node, $first);
            $top = Bits::lowest($first);
            $this->addYes($top, $are & ~$first);
            $this->addNo($node, $this->no[$top] & $points & ~$first);
            $this->addNoOf($top, $may & ~$first);
        }
    }

    /**
     * What is beyond an opened box with several outgoing runs is in exactly one of them.
     *
     * @param list<int> $runs
     */
    private function eachInOneRun(int $point, array $runs): void
    {
        $all = 0;
        foreach ($runs as $run) {
            $all |= 1 << $run;
        }
        foreach (Bits::of($this->shape->points & $this->yes[$point]) as $beyond) {
            $left = $all & ~$this->noOf[$beyond];
            if ($left === 0) {
                throw new Contradiction();
            }
            if (($left & ($left - 1)) === 0) {
                $this->addYesOf($beyond, $left);
            }
        }
    }

    /** A device with one cable going on has it on LOAD or not: what is beyond shares that. */
    private function allOrNothingOnLoad(int $point, int $load): void
    {
        $beyond = $this->shape->points & $this->yes[$point];
        if (($this->yes[$load] & $this->shape->points) !== 0) {
            $this->addYes($load, $beyond);
            $this->addNo($point, $this->no[$load] & $this->shape->points);
        }
        if (($this->no[$load] & $beyond) !== 0) {
            $this->addNo($load, $this->shape->points);
        }
    }

    private function addYes(int $u, int $mask): void
    {
        $new = $mask & ~$this->yes[$u];
        if ($new === 0) {
            return;
        }
        if (($new & $this->no[$u]) !== 0) {
            throw new Contradiction();
        }
        $this->yes[$u] |= $new;
        foreach (Bits::of($new) as $v) {
            $this->yesOf[$v] |= 1 << $u;
            $this->queue[] = [$u, $v, true];
        }
    }

    private function addNo(int $u, int $mask): void
    {
        $new = $mask & ~$this->no[$u];
        if ($new === 0) {
            return;
        }
        if (($new & $this->yes[$u]) !== 0) {
            throw new Contradiction();
        }
        $this->no[$u] |= $new;
        foreach (Bits::of($new) as $v) {
            $this->noOf[$v] |= 1 << $u;
            $this->queue[] = [$u, $v, false];
        }
    }

    private function addYesOf(int $v, int $mask): void
    {
        foreach (Bits::of($mask & ~$this->yesOf[$v]) as $u) {
            $this->addYes($u, 1 << $v);
        }
    }

    private function addNoOf(int $v, int $mask): void
    {
        foreach (Bits::of($mask & ~$this->noOf[$v]) as $u) {
            $this->addNo($u, 1 << $v);
        }
    }
}
