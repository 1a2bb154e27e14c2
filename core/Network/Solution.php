<?php

declare(strict_types=1);

namespace Bouclier\Core\Network;

use Bouclier\Core\House\Arithmetic;

/** Volts at every node of a network, as phasors (RMS). */
final readonly class Solution
{
    /**
     * What would be left of a network taken apart at its only branch: beyond it nothing carries current. Even a stray path to the reference
     * leaves far more.
     */
    private const NOTHING = 1e-26;

    /** @var list<int> the node of each terminal */
    private array $nodes;

    /**
     * @param array<int, float> $re by node
     * @param array<int, float> $im
     * @param list<array{int, int, float, float, array<int, float>, array<int, float>}> $changes admittances added since the network was
     *        taken apart
     * @param array<int, float> $replaced siemens of branches that are not what they were, by branch
     */
    public function __construct(
        private Grid $grid,
        private TreeSolver $solver,
        private array $re,
        private array $im,
        private array $changes = [],
        private array $replaced = [],
    ) {
        $this->nodes = $grid->nodes();
    }

    /** @return array{float, float} volts of a terminal to the reference */
    public function at(int $terminal): array
    {
        $node = $this->nodes[$terminal];

        return $node < 0 ? $this->grid->held($node) : [$this->re[$node], $this->im[$node]];
    }

    /** Volts between two terminals, as a meter shows them. */
    public function between(int $one, int $other): float
    {
        [$aRe, $aIm] = $this->at($one);
        [$bRe, $bIm] = $this->at($other);

        return Arithmetic::magnitude($aRe - $bRe, $aIm - $bIm);
    }

    /** @return array{float, float} amperes through a branch, in its direction */
    public function current(int $branch): array
    {
        [$from, $to, $g, $s] = $this->grid->at($branch);
        $g = $this->replaced[$branch] ?? $g;
        [$aRe, $aIm] = $this->at($from);
        [$bRe, $bIm] = $this->at($to);
        $vRe = $aRe - $bRe;
        $vIm = $aIm - $bIm;

        return [$vRe * $g - $vIm * $s, $vRe * $s + $vIm * $g];
    }

    /** @return array{float, float} amperes that flow through a joint, by what flows on beyond it */
    public function throughJoint(int $here, int $beyond): array
    {
        $re = $im = 0.0;
        foreach ($this->grid->beyondJoint($here, $beyond) ?? [] as [$branch, $sign]) {
            [$aRe, $aIm] = $this->current($branch);
            $re += $sign * $aRe;
            $im += $sign * $aIm;
        }

        return [$re, $im];
    }

    /** The same network with one more admittance between two terminals, a negative one to take it out. */
    public function with(int $one, int $other, float $siemens, float $susceptance = 0.0): self
    {
        $a = $this->nodes[$one];
        $b = $this->nodes[$other];
        if ($a === $b || ($a < 0 && $b < 0)) {
            return $this;
        }
        [$zRe, $zIm] = $this->column($a, $b);
        $dRe = ($a < 0 ? 0.0 : $zRe[$a]) - ($b < 0 ? 0.0 : $zRe[$b]);
        $dIm = ($a < 0 ? 0.0 : $zIm[$a]) - ($b < 0 ? 0.0 : $zIm[$b]);
        // What flows through the new branch is its admittance over 1 + admittance x what the network shows between its ends.
        $underRe = 1.0 + $siemens * $dRe - $susceptance * $dIm;
        $underIm = $siemens * $dIm + $susceptance * $dRe;
        $size = $underRe * $underRe + $underIm * $underIm;
        if ($size < self::NOTHING) {
            return $this;
        }
        $yRe = ($siemens * $underRe + $susceptance * $underIm) / $size;
        $yIm = ($susceptance * $underRe - $siemens * $underIm) / $size;
        $change = [$a, $b, $yRe, $yIm, $zRe, $zIm];
        [$re, $im] = $this->changed($change, $this->re, $this->im);

        return new self($this->grid, $this->solver, $re, $im, [...$this->changes, $change], $this->replaced);
    }

    /** The same network with a conductance in the place of another; 0 where it is open. */
    public function withBranch(int $branch, float $siemens): self
    {
        [$one, $other, $before] = $this->grid->at($branch);
        $changed = $this->with($one, $other, $siemens - ($this->replaced[$branch] ?? $before));

        return new self(
            $changed->grid,
            $changed->solver,
            $changed->re,
            $changed->im,
            $changed->changes,
            [$branch => $siemens] + $this->replaced,
        );
    }

    /** Ohms a meter between two terminals looks into, all sources as they are held: the size of what is complex. */
    public function ohmsBetween(int $one, int $other): float
    {
        $a = $this->nodes[$one];
        $b = $this->nodes[$other];
        if ($a === $b || ($a < 0 && $b < 0)) {
            return 0.0;
        }
        [$re, $im] = $this->column($a, $b);
        $between = fn(float $at, float $other): float => ($a < 0 ? 0.0 : $at) - ($b < 0 ? 0.0 : $other);

        return Arithmetic::magnitude($between($re[$a] ?? 0.0, $re[$b] ?? 0.0), $between($im[$a] ?? 0.0, $im[$b] ?? 0.0));
    }

    /** Ohms between a terminal and the reference, all sources as they are held. */
    public function ohmsToReference(int $terminal): float
    {
        $node = $this->nodes[$terminal];

        return $node < 0 ? 0.0 : $this->column($node, -1)[0][$node];
    }

    /**
     * @return array{array<int, float>, array<int, float>} volts at every node for one ampere in at one and out at the other, changes
     *     counted in
     */
    private function column(int $into, int $outOf): array
    {
        [$re, $im] = $this->solver->column($into, $outOf);
        foreach ($this->changes as $change) {
            [$re, $im] = $this->changed($change, $re, $im, false);
        }

        return [$re, $im];
    }

    /**
     * @param array{int, int, float, float, array<int, float>, array<int, float>} $change the nodes, the admittance as the network lets it
     *        act, and the column it acts by
     * @param array<int, float> $re
     * @param array<int, float> $im
     * @param bool $withSources false for a column, where what is held is at zero
     *
     * @return array{array<int, float>, array<int, float>}
     */
    private function changed(array $change, array $re, array $im, bool $withSources = true): array
    {
        [$a, $b, $yRe, $yIm, $zRe, $zIm] = $change;
        $from = $a >= 0 ? $re[$a] : ($withSources ? $this->grid->held($a)[0] : 0.0);
        $to = $b >= 0 ? $re[$b] : ($withSources ? $this->grid->held($b)[0] : 0.0);
        $vRe = $from - $to;
        $vIm = ($a < 0 ? 0.0 : $im[$a]) - ($b < 0 ? 0.0 : $im[$b]);
        $iRe = $vRe * $yRe - $vIm * $yIm;
        $iIm = $vRe * $yIm + $vIm * $yRe;
        foreach ($zRe as $node => $columnRe) {
            $columnIm = $zIm[$node];
            $re[$node] -= $iRe * $columnRe - $iIm * $columnIm;
            $im[$node] -= $iRe * $columnIm + $iIm * $columnRe;
        }

        return [$re, $im];
    }
}
