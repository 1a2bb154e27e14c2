<?php

declare(strict_types=1);

namespace Bouclier\Core\Network;

/**
 * A network being put together, then solved: terminals, joints between terminals, and admittances between them. Joined terminals
 * become one node. The reference (panel neutral and ground) and the two legs are held; all other nodes are unknown.
 *
 * Plain arrays inside: it is built and solved thousands of times.
 */
final class Grid
{
    public const REFERENCE = 0;
    public const LEG_A = 1;
    public const LEG_B = 2;

    /** @var array<int, int> the terminal each one is joined to, itself where it is the root of its node */
    private array $under = [0, 1, 2];

    /** @var list<array{int, int}> terminals that are one node */
    private array $joints = [];

    /** @var list<int> terminals at the two ends of each branch */
    private array $from = [];

    /** @var list<int> */
    private array $to = [];

    /** @var array<int, float> conductance of each branch, in siemens */
    private array $g = [];

    /** @var array<int, float> susceptance of each branch, in siemens */
    private array $b = [];

    /** @var list<int>|null node of each terminal; below zero what is held: -1 the reference, -2 and -3 the legs */
    private ?array $nodes = null;

    private int $count = 0;

    public function __construct(public readonly float $legVolts)
    {
    }

    public function terminal(): int
    {
        $this->under[] = count($this->under);

        return count($this->under) - 1;
    }

    public function join(int $one, int $other): void
    {
        $this->joints[] = [$one, $other];
        $a = $this->root($one);
        $b = $this->root($other);
        // What is held stays the root.
        $this->under[max($a, $b)] = min($a, $b);
    }

    /** @return int the branch, by which its current is asked for */
    public function branch(int $one, int $other, float $siemens, float $susceptance = 0.0): int
    {
        $this->from[] = $one;
        $this->to[] = $other;
        $this->g[] = $siemens;
        $this->b[] = $susceptance;

        return count($this->from) - 1;
    }

    /** Nothing flows through a branch any more. */
    public function opens(int $branch): void
    {
        $this->g[$branch] = $this->b[$branch] = 0.0;
    }

    public function resistor(int $one, int $other, float $ohms): int
    {
        return $this->branch($one, $other, 1.0 / $ohms);
    }

    /** @return int the node of a terminal */
    public function node(int $terminal): int
    {
        return $this->nodes()[$terminal];
    }

    public function count(): int
    {
        $this->nodes();

        return $this->count;
    }

    /** @return list<array{int, int, float, float}> nodes, conductance and susceptance of every branch */
    public function branches(): array
    {
        $nodes = $this->nodes();
        $all = [];
        foreach ($this->from as $i => $from) {
            $all[] = [$nodes[$from], $nodes[$this->to[$i]], $this->g[$i], $this->b[$i]];
        }

        return $all;
    }

    /** @return array{float, float} volts at a held node, as a phasor */
    public function held(int $node): array
    {
        return [match ($node) {
            -2 => $this->legVolts,
            -3 => -$this->legVolts,
            default => 0.0,
        }, 0.0];
    }

    public function solve(): Solution
    {
        return TreeSolver::of($this)->solve();
    }

    /** @return array{int, int, float, float} terminals and admittance of one branch */
    public function at(int $branch): array
    {
        return [$this->from[$branch], $this->to[$branch], $this->g[$branch], $this->b[$branch]];
    }

    /**
     * The branches on one side of a joint, each with the direction in which it leaves that side; null where the sides are joined otherwise
     * too.
     *
     * @return list<array{int, float}>|null
     */
    public function beyondJoint(int $here, int $beyond): ?array
    {
        $next = [];
        $passed = false;
        foreach ($this->joints as [$one, $other]) {
            if (! $passed && (($one === $here && $other === $beyond) || ($one === $beyond && $other === $here))) {
                $passed = true;
                continue;
            }
            $next[$one][] = $other;
            $next[$other][] = $one;
        }
        $side = [$beyond => true];
        $queue = [$beyond];
        while (($terminal = array_pop($queue)) !== null) {
            foreach ($next[$terminal] ?? [] as $neighbour) {
                if (! isset($side[$neighbour])) {
                    $side[$neighbour] = true;
                    $queue[] = $neighbour;
                }
            }
        }
        if (isset($side[$here])) {
            return null;
        }
        $out = [];
        foreach ($this->from as $branch => $from) {
            if (isset($side[$from])) {
                $out[] = [$branch, 1.0];
            }
            if (isset($side[$this->to[$branch]])) {
                $out[] = [$branch, -1.0];
            }
        }

        return $out;
    }

    /** @return list<int> the node of each terminal; below zero what is held */
    public function nodes(): array
    {
        if ($this->nodes !== null && count($this->nodes) === count($this->under)) {
            return $this->nodes;
        }
        $number = [-1, -2, -3];
        $next = 0;
        $nodes = [];
        foreach (array_keys($this->under) as $terminal) {
            $root = $this->root($terminal);
            $number[$root] ??= $next++;
            $nodes[] = $number[$root];
        }
        $this->count = $next;

        return $this->nodes = $nodes;
    }

    private function root(int $terminal): int
    {
        while ($this->under[$terminal] !== $terminal) {
            $this->under[$terminal] = $this->under[$this->under[$terminal]];
            $terminal = $this->under[$terminal];
        }

        return $terminal;
    }
}
