<?php

declare(strict_types=1);

namespace Bouclier\Core\Plan;

/** Which arrangements are kept of many: the cheapest, or every one that no other beats. */
enum Aim
{
    /** The cheapest; of equals the one where one walks less. */
    case Cheapest;

    /** All that none beats in cost, walks and how near it comes to tripping together. */
    case EveryTrade;

    private const NOTHING = 1e-9;

    /** Whether there is no reason to keep the other beside the one. */
    public function isAsGood(Arrangement $one, Arrangement $other): bool
    {
        $cost = $one->cost - $other->cost;

        return $this === self::Cheapest
            ? $cost < -self::NOTHING || ($cost <= self::NOTHING && $one->walks <= $other->walks)
            : $cost <= self::NOTHING && $one->walks <= $other->walks && $one->nearestMa <= $other->nearestMa + self::NOTHING;
    }

    /**
     * @param list<Arrangement> $ways
     *
     * @return list<Arrangement>
     */
    public function kept(array $ways): array
    {
        if (count($ways) < 2) {
            return $ways;
        }
        if ($this === self::Cheapest) {
            return [array_reduce(
                $ways,
                fn(Arrangement $best, Arrangement $one): Arrangement => $this->isAsGood($best, $one) ? $best : $one,
                $ways[0],
            )];
        }
        usort($ways, fn(Arrangement $one, Arrangement $other): int => [$one->cost, $one->walks, $one->nearestMa]
            <=> [$other->cost, $other->walks, $other->nearestMa]);
        $kept = [];
        foreach ($ways as $way) {
            foreach ($kept as $better) {
                if ($this->isAsGood($better, $way)) {
                    continue 2;
                }
            }
            $kept[] = $way;
        }

        return $kept;
    }

    /**
     * Every way of one with every way of the other.
     *
     * @param list<Arrangement> $ones
     * @param list<Arrangement> $others
     *
     * @return list<Arrangement>
     */
    public function together(array $ones, array $others): array
    {
        $ways = [];
        foreach ($ones as $one) {
            foreach ($others as $other) {
                $ways[] = $one->and($other);
            }
        }

        return $this->kept($ways);
    }
}
