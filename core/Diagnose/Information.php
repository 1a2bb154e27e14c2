<?php

declare(strict_types=1);

namespace Bouclier\Core\Diagnose;

use Bouclier\Core\Actions\Chances;
use Bouclier\Core\House\Arithmetic;
use Bouclier\Core\House\Rank;

/** What a test tells of the cause, from what it may show under each (Shannon). */
final class Information
{
    /**
     * @param list<float> $weights
     * @param list<Chances> $seen
     *
     * @return array<array<int, float>> weight of each cause with what is shown, by what is shown
     */
    public static function joint(array $weights, array $seen): array
    {
        $joint = [];
        foreach ($seen as $at => $shown) {
            foreach ($shown->of as $name => $chance) {
                $joint[$name][$at] = $chance * $weights[$at];
            }
        }

        return $joint;
    }

    /**
     * Mutual information of what is shown and what the cause is, in bits.
     *
     * @param list<float> $weights that add up to one
     * @param list<Chances> $seen
     * @param list<string> $what of each cause: which of them need not be told apart
     */
    public static function gain(array $weights, array $seen, array $what): float
    {
        $of = $shares = $joint = [];
        foreach ($seen as $at => $shown) {
            $shares[$what[$at]] = ($shares[$what[$at]] ?? 0.0) + $weights[$at];
            foreach ($shown->of as $name => $chance) {
                $of[$name] = ($of[$name] ?? 0.0) + $chance * $weights[$at];
                $joint[$what[$at]][$name] = ($joint[$what[$at]][$name] ?? 0.0) + $chance * $weights[$at];
            }
        }
        $gain = 0.0;
        foreach ($joint as $one => $shown) {
            foreach ($shown as $name => $chance) {
                $gain += $chance > 0.0 ? $chance * Arithmetic::log2($chance / ($shares[$one] * $of[$name])) : 0.0;
            }
        }

        return max(0.0, $gain);
    }

    /**
     * @param array<float> $weights
     *
     * @return array<float> highest first, of equal ones by name
     */
    public static function highest(array $weights): array
    {
        uksort(
            $weights,
            fn(string|int $one, string|int $other): int => Rank::higher($weights[$one], $weights[$other], (string) $one, (string) $other),
        );

        return $weights;
    }

    /**
     * @param list<float> $weights
     *
     * @return list<float> that add up to one
     */
    public static function shares(array $weights): array
    {
        $sum = max(1e-12, array_sum($weights));

        return array_map(fn(float $weight): float => $weight / $sum, $weights);
    }

    /** By what part of what is shown two causes differ. */
    public static function apart(Chances $one, Chances $other): float
    {
        $sum = 0.0;
        foreach (array_keys($one->of + $other->of) as $shown) {
            $sum += abs(($one->of[$shown] ?? 0.0) - ($other->of[$shown] ?? 0.0));
        }

        return $sum / 2.0;
    }
}
