<?php

declare(strict_types=1);

namespace Bouclier\Core\House;

/**
 * The order of what is weighed: higher first; what is equal to nine digits is a tie, which goes by the next thing compared, and by a name
 * at last. So the order rests on nothing but what is weighed: not on the order parts were listed or added up in.
 */
final readonly class Rank
{
    private const APART = 1e-7;

    /** Weights below this are what rounding has left of nothing. */
    private const NOTHING = 1e-12;

    /** A weight to the nine digits that count. */
    public static function digits(float $weight): float
    {
        return match (true) {
            abs($weight) < self::NOTHING => 0.0,
            is_finite($weight) => (float) sprintf('%.8e', $weight),
            default => $weight,
        };
    }

    /**
     * @param string|list<string|float|int> $name what goes first of equals: the lower one
     * @param string|list<string|float|int> $otherName
     */
    public static function higher(float $one, float $other, string|array $name, string|array $otherName): int
    {
        // Far apart there is nothing to be rounded.
        if (abs($one - $other) > max(self::NOTHING, self::APART * max(abs($one), abs($other)))) {
            return $other <=> $one;
        }
        $order = self::digits($other) <=> self::digits($one);

        return $order !== 0 ? $order : $name <=> $otherName;
    }
}
