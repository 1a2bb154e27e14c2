<?php

declare(strict_types=1);

namespace Bouclier\Core\Feed\Observed;

use Bouclier\Core\House\House;

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
}
