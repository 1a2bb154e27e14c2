<?php

declare(strict_types=1);

namespace Tests\Core\Network;

use Bouclier\Core\Network\Grid;

/** The plain way: the whole nodal matrix, eliminated with pivoting, complex numbers as pairs. */
final class Dense
{
    /** @return list<array{float, float}> volts at every node */
    public static function solve(Grid $grid): array
    {
        $n = $grid->count();
        $rows = array_fill(0, $n, array_fill(0, $n + 1, [0.0, 0.0]));
        foreach ($grid->branches() as [$a, $b, $g, $s]) {
            foreach ([[$a, $b], [$b, $a]] as [$at, $other]) {
                if ($at >= 0 && $a !== $b) {
                    $rows[$at][$at] = [$rows[$at][$at][0] + $g, $rows[$at][$at][1] + $s];
                    $to = $other >= 0 ? $other : $n;
                    $by = $other >= 0 ? -1.0 : $grid->held($other)[0];
                    $rows[$at][$to] = [$rows[$at][$to][0] + $by * $g, $rows[$at][$to][1] + $by * $s];
                }
            }
        }
        for ($i = 0; $i < $n; ++$i) {
            $pivot = $i;
            for ($r = $i + 1; $r < $n; ++$r) {
                $pivot = hypot(...$rows[$r][$i]) > hypot(...$rows[$pivot][$i]) ? $r : $pivot;
            }
            [$rows[$i], $rows[$pivot]] = [$rows[$pivot], $rows[$i]];
            for ($r = 0; $r < $n; ++$r) {
                if ($r !== $i && $rows[$r][$i] !== [0.0, 0.0]) {
                    $factor = self::divided($rows[$r][$i], $rows[$i][$i]);
                    for ($c = $i; $c <= $n; ++$c) {
                        [$re, $im] = $rows[$i][$c];
                        $rows[$r][$c][0] -= $factor[0] * $re - $factor[1] * $im;
                        $rows[$r][$c][1] -= $factor[0] * $im + $factor[1] * $re;
                    }
                }
            }
        }

        return array_map(fn(int $i): array => self::divided($rows[$i][$n], $rows[$i][$i]), range(0, max(0, $n - 1)));
    }

    private static function divided(array $a, array $b): array
    {
        $size = $b[0] ** 2 + $b[1] ** 2;

        return $size > 0.0 ? [($a[0] * $b[0] + $a[1] * $b[1]) / $size, ($a[1] * $b[0] - $a[0] * $b[1]) / $size] : [0.0, 0.0];
    }
}
