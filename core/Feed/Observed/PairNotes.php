<?php

declare(strict_types=1);

namespace Bouclier\Core\Feed\Observed;

use Bouclier\Core\House\Cable;
use Bouclier\Core\House\Colours;
use Bouclier\Core\House\Entries\PairNoted;
use Bouclier\Core\House\House;

/** What was seen of the cables of pairs in a box, the last word on each. */
final class PairNotes
{
    /** Of one pair, each thing as it was said last; null where nothing was, or no letter is known. */
    public static function of(House $house, string $point, ?string $pair): ?PairNoted
    {
        $last = null;
        foreach ($house->entries->all(PairNoted::class) as $noted) {
            if ($noted->point === $point && $noted->pair === $pair) {
                $last = $last === null ? $noted : self::over($last, $noted);
            }
        }

        return $last;
    }

    /** A cable as it was seen where it leaves a box and where it comes into one; the first has the word. */
    public static function seenOf(Cable $cable, ?PairNoted $leaving, ?PairNoted $coming): Cable
    {
        $seen = $leaving === null || $coming === null ? $leaving ?? $coming : self::over($coming, $leaving);
        $colours = self::colours($seen?->colours);

        return $seen === null ? $cable : $cable->with(
            awg: $seen->awg,
            lengthFt: $seen->lengthFt,
            method: $seen->method,
            strapFt: $seen->strapFt,
            colours: $colours,
            mark: self::said($seen->mark),
        );
    }

    /** What is empty was said to be none. */
    public static function said(?string $text): ?string
    {
        return $text === '' ? null : $text;
    }

    private static function colours(?Colours $seen): ?Colours
    {
        $hot = self::said($seen?->hot);
        $neutral = self::said($seen?->neutral);

        return $hot === null && $neutral === null ? null : new Colours($hot, $neutral);
    }

    private static function over(PairNoted $before, PairNoted $now): PairNoted
    {
        return new PairNoted(
            $now->point,
            $now->pair,
            $now->awg ?? $before->awg,
            $now->lengthFt ?? $before->lengthFt,
            $now->method ?? $before->method,
            $now->strapFt ?? $before->strapFt,
            new Colours($now->colours->hot ?? $before->colours?->hot, $now->colours->neutral ?? $before->colours?->neutral),
            $now->mark ?? $before->mark,
            $now->atTime,
            $now->who,
        );
    }
}
