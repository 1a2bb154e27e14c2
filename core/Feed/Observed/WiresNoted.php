<?php

declare(strict_types=1);

namespace Bouclier\Core\Feed\Observed;

use Bouclier\Core\House\Entries\BackNoted;
use Bouclier\Core\House\Entries\WireNoted;
use Bouclier\Core\House\House;
use Bouclier\Core\House\Land;
use Bouclier\Core\House\Landing;
use Bouclier\Core\House\WhichBack;

/** Where the wires of a box sat and are put, the last word on each. */
final class WiresNoted
{
    /** @return array<WireNoted> by the letter of the pair; hot and neutral each as they were said last */
    public static function at(House $house, string $point, WhichBack $back): array
    {
        $last = [];
        foreach ($house->entries->all(WireNoted::class) as $noted) {
            if ($noted->point === $point && $noted->back === $back) {
                $before = $last[$noted->pair] ?? null;
                $last[$noted->pair] = new WireNoted(
                    $point,
                    $noted->pair,
                    $back,
                    $noted->hot ?? $before?->hot,
                    $noted->neutral ?? $before?->neutral,
                    $noted->atTime,
                    $noted->who,
                );
            }
        }

        return $last;
    }

    /** Where a pair is put with the new device; null while that was not said of both its wires. */
    public static function putAt(House $house, string $point, string $pair): ?Landing
    {
        $put = self::at($house, $point, WhichBack::New)[$pair] ?? null;

        return $put?->hot === null || $put->neutral === null ? null : new Landing($put->hot, $put->neutral);
    }

    /** The pair that sat on LINE with its hot, where one alone did. */
    public static function onLine(House $house, string $point): ?string
    {
        $on = array_keys(array_filter(
            self::at($house, $point, WhichBack::Old),
            fn(WireNoted $noted): bool => $noted->hot === Land::Line,
        ));

        return count($on) === 1 ? (string) $on[0] : null;
    }

    /** The back as it was read last; null while nobody looked. */
    public static function back(House $house, string $point, WhichBack $back): ?BackNoted
    {
        $last = null;
        foreach ($house->entries->all(BackNoted::class) as $noted) {
            $last = $noted->point === $point && $noted->back === $back ? $noted : $last;
        }

        return $last;
    }
}
