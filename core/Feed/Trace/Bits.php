<?php

declare(strict_types=1);

namespace Bouclier\Core\Feed\Trace;

/** Sets of small numbers as the bits of an integer. */
final class Bits
{
    /** @var array<int, int> the number of each single bit */
    private static array $numbers = [];

    /** @return list<int> the numbers in the set, lowest first */
    public static function of(int $set): array
    {
        $numbers = [];
        while ($set !== 0) {
            $bit = $set & -$set;
            $numbers[] = self::lowest($bit);
            $set ^= $bit;
        }

        return $numbers;
    }

    public static function lowest(int $set): int
    {
        if (self::$numbers === []) {
            for ($number = 0; $number < 63; ++$number) {
                self::$numbers[1 << $number] = $number;
            }
        }

        return self::$numbers[$set & -$set];
    }

    public static function count(int $set): int
    {
        $count = 0;
        while ($set !== 0) {
            $set &= $set - 1;
            ++$count;
        }

        return $count;
    }

    /** @param iterable<int> $numbers */
    public static function set(iterable $numbers): int
    {
        $set = 0;
        foreach ($numbers as $number) {
            $set |= 1 << $number;
        }

        return $set;
    }
}
