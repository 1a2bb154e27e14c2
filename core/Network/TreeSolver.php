<?php

declare(strict_types=1);

namespace Bouclier\Core\Network;

/**
 * Nodal analysis of a network that is nearly a tree, by turning stars into meshes.
 *
 * Nodes are numbered from the panel outward, and taken out from the last to the first: the star of admittances round a node becomes a mesh
 * between its neighbours, y_jk = y_j y_k / (sum of all y), and what led to a held node leads there from each of them. On a tree the ends of
 * the runs go first, and a node leaves a mesh only between what it hangs on and its neighbours in the same box: a constant cost a node. A
 * loop (a shared or borrowed neutral, a ground back to the panel) adds entries along the loop alone.
 *
 * It is the L D L^T of the nodal matrix without its subtractions: every admittance of a passive network has parts that are not negative,
 * so only such are added and multiplied, and a box that floats on 100 Mohm comes out right beside a joint of a microhm.
 *
 * One branch that changes is a rank-one change of that matrix: by the formula of Sherman and Morrison the new voltages are the old ones
 * less a multiple of one column of the inverse, which is made once and kept.
 */
final class TreeSolver
{
    /** @var array<int, array<int, float>> real part of the share of a node's star that leads to each node left, by node taken out */
    private array $shareRe = [];

    /** @var array<int, array<int, float>> */
    private array $shareIm = [];

    /** @var array<int, float> real part of one over the sum of a node's star */
    private array $invRe = [];

    /** @var array<int, float> */
    private array $invIm = [];

    /** @var array<string, array{array<int, float>, array<int, float>}> columns of the inverse, by the two nodes a branch lies between */
    private array $columns = [];

    private function __construct(
        private readonly Grid $grid,
        private readonly int $count,
    ) {
    }

    public static function of(Grid $grid): self
    {
        $solver = new self($grid, $grid->count());
        $solver->factor();

        return $solver;
    }

    private function factor(): void
    {
        $n = $this->count;
        $re = $im = array_fill(0, $n, []);
        $heldRe = $heldIm = array_fill(0, $n, 0.0);
        foreach ($this->grid->branches() as [$a, $b, $g, $s]) {
            if ($a === $b) {
                continue;
            }
            if ($a < $b) {
                [$a, $b] = [$b, $a];
            }
            if ($b >= 0) {
                $re[$a][$b] = ($re[$a][$b] ?? 0.0) + $g;
                $im[$a][$b] = ($im[$a][$b] ?? 0.0) + $s;
            } elseif ($a >= 0) {
                $heldRe[$a] += $g;
                $heldIm[$a] += $s;
            }
        }
        for ($i = $n - 1; $i >= 0; --$i) {
            $rowRe = $re[$i];
            $rowIm = $im[$i];
            $sumRe = $heldRe[$i] + array_sum($rowRe);
            $sumIm = $heldIm[$i] + array_sum($rowIm);
            $size = $sumRe * $sumRe + $sumIm * $sumIm;
            // A terminal nothing leads to floats free; it is taken to be at the reference.
            $invRe = $size > 0.0 ? $sumRe / $size : 0.0;
            $invIm = $size > 0.0 ? -$sumIm / $size : 0.0;
            $hRe = $heldRe[$i];
            $hIm = $heldIm[$i];
            foreach ($rowRe as $j => $yRe) {
                $yIm = $rowIm[$j];
                $partRe = $yRe * $invRe - $yIm * $invIm;
                $partIm = $yRe * $invIm + $yIm * $invRe;
                $re[$i][$j] = $partRe;
                $im[$i][$j] = $partIm;
                $heldRe[$j] += $partRe * $hRe - $partIm * $hIm;
                $heldIm[$j] += $partRe * $hIm + $partIm * $hRe;
                foreach ($rowRe as $k => $zRe) {
                    if ($k < $j) {
                        $zIm = $rowIm[$k];
                        $re[$j][$k] = ($re[$j][$k] ?? 0.0) + ($partRe * $zRe - $partIm * $zIm);
                        $im[$j][$k] = ($im[$j][$k] ?? 0.0) + ($partRe * $zIm + $partIm * $zRe);
                    }
                }
            }
            $this->invRe[$i] = $invRe;
            $this->invIm[$i] = $invIm;
        }
        $this->shareRe = $re;
        $this->shareIm = $im;
    }

    public function solve(): Solution
    {
        $re = $im = array_fill(0, $this->count, 0.0);
        foreach ($this->grid->branches() as [$a, $b, $g, $s]) {
            foreach ([[$a, $b], [$b, $a]] as [$held, $node]) {
                if ($held < -1 && $node >= 0) {
                    $volts = $this->grid->held($held)[0];
                    $re[$node] += $g * $volts;
                    $im[$node] += $s * $volts;
                }
            }
        }
        $this->substitute($re, $im);

        return new Solution($this->grid, $this, $re, $im);
    }

    /**
     * Volts at every node for one ampere into one node and out of another; below zero what is held.
     *
     * @return array{array<int, float>, array<int, float>}
     */
    public function column(int $into, int $outOf): array
    {
        $key = "$into $outOf";
        if (! isset($this->columns[$key])) {
            $re = $im = array_fill(0, $this->count, 0.0);
            if ($into >= 0) {
                $re[$into] += 1.0;
            }
            if ($outOf >= 0) {
                $re[$outOf] -= 1.0;
            }
            $this->substitute($re, $im);
            $this->columns[$key] = [$re, $im];
        }

        return $this->columns[$key];
    }

    /**
     * @param array<int, float> $re amperes into each node, replaced by its volts
     * @param array<int, float> $im
     */
    private function substitute(array &$re, array &$im): void
    {
        for ($i = $this->count - 1; $i > 0; --$i) {
            $aRe = $re[$i];
            $aIm = $im[$i];
            if ($aRe === 0.0 && $aIm === 0.0) {
                continue;
            }
            $shareIm = $this->shareIm[$i];
            foreach ($this->shareRe[$i] as $j => $sRe) {
                $sIm = $shareIm[$j];
                $re[$j] += $sRe * $aRe - $sIm * $aIm;
                $im[$j] += $sRe * $aIm + $sIm * $aRe;
            }
        }
        for ($i = 0; $i < $this->count; ++$i) {
            $vRe = $re[$i] * $this->invRe[$i] - $im[$i] * $this->invIm[$i];
            $vIm = $re[$i] * $this->invIm[$i] + $im[$i] * $this->invRe[$i];
            $shareIm = $this->shareIm[$i];
            foreach ($this->shareRe[$i] as $j => $sRe) {
                $sIm = $shareIm[$j];
                $vRe += $sRe * $re[$j] - $sIm * $im[$j];
                $vIm += $sRe * $im[$j] + $sIm * $re[$j];
            }
            $re[$i] = $vRe;
            $im[$i] = $vIm;
        }
    }
}
