<?php

declare(strict_types=1);

namespace Bouclier\Core\Feed\Observed;

use Bouclier\Core\House\House;
use Bouclier\Core\House\Point;

/** A box opened and its pairs counted; from then on they are a, b, … in no order. */
final readonly class BoxOpened implements Observation
{
    public function __construct(
        public string $point,
        public int $pairs,
    ) {
    }

    public function points(): array
    {
        return [$this->point];
    }

    public function spoken(Codes $codes): string
    {
        return "{$codes->point($this->point)} has " . ($this->pairs === 1 ? 'one pair' : "{$this->pairs} pairs");
    }

    /** Pairs as they were counted last in a box; null while it was not opened. */
    public static function pairsAt(House $house, string $point): ?int
    {
        $pairs = null;
        foreach (Observations::of($house)->seen as $seen) {
            $pairs = $seen instanceof self && $seen->point === $point ? $seen->pairs : $pairs;
        }

        return $pairs;
    }

    /** Pairs that were counted as it was opened, else those that are noted of the box; null where nobody counted. */
    public static function countedAt(House $house, Point $point): ?int
    {
        return self::pairsAt($house, $point->id) ?? $point->box?->pairs;
    }

    /** @return list<string> a, b, … */
    public static function names(int $pairs): array
    {
        return $pairs === 0 ? [] : array_map(fn(int $number): string => chr(ord('a') + $number), range(0, $pairs - 1));
    }
}
