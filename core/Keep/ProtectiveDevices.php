<?php

declare(strict_types=1);

namespace Bouclier\Core\Keep;

use Bouclier\Core\House\Circuit;
use Bouclier\Core\House\House;
use Bouclier\Core\House\Point;
use Bouclier\Core\House\WalkThrough;

/** The devices of a house that trip for more than too many amperes, each once. */
final class ProtectiveDevices
{
    /** The id a device is known by here: a breaker of two poles goes by the first of its circuits. */
    public static function id(House $house, string $device): string
    {
        $other = $house->hasCircuit($device) ? $house->onOneBreaker($house->circuit($device)) : null;
        $halves = $other === null ? [] : array_filter(
            array_map(fn(Circuit $circuit): string => $circuit->id, $house->circuits),
            fn(string $id): bool => $id === $device || $id === $other->id,
        );

        return array_values($halves)[0] ?? $device;
    }

    /** @return list<Point|Circuit> outlets in walking order, then breakers; one of two poles by the first of its circuits */
    public static function of(House $house): array
    {
        $breakers = $seen = [];
        foreach ($house->circuits as $circuit) {
            $other = $house->onOneBreaker($circuit);
            if ($circuit->breaker()->isProtective() && ! isset($seen[$other->id ?? ''])) {
                $breakers[] = $circuit;
            }
            $seen[$circuit->id] = true;
        }

        return [...WalkThrough::of($house, fn(Point $point): bool => $point->device->feedsThrough()), ...$breakers];
    }
}
