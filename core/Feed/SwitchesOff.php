<?php

declare(strict_types=1);

namespace Bouclier\Core\Feed;

use Bouclier\Core\House\Land;
use Bouclier\Core\House\Landing;
use Bouclier\Core\House\Point;
use Bouclier\Core\House\Protection;

/**
 * What may have switched an outlet off: what protects it, and what protects nothing and opens all the same. Behind a split pair, or with a
 * feed on LOAD, no outlet is protected, and each is dead with the device.
 */
final class SwitchesOff
{
    /** @return list<string> by id: itself and devices upstream, nearest first, what was only seen to, then breakers that protect */
    public static function of(FeedMap $feeds, Point $point): array
    {
        $through = array_map(fn(Point $device): string => $device->id, self::devices($feeds, $point));
        $guards = array_map(
            fn(Guard $guard): string => $guard->id(),
            [...$feeds->guards($point, Protection::Gfci), ...$feeds->guards($point, Protection::Afci)],
        );
        // Devices before breakers, whatever they watch for.
        $devices = array_filter($guards, $feeds->house->hasPoint(...));

        return array_values(array_unique([...$through, ...$devices, ...array_diff($guards, $devices)]));
    }

    /** @return list<Point> nearest first */
    private static function devices(FeedMap $feeds, Point $point): array
    {
        $devices = $point->device->feedsThrough() ? [$point] : [];
        $circuit = $feeds->feed($point)->circuit;
        for ($feed = $feeds->feed($point); $feed->upstream !== null; $feed = $above) {
            $above = $feeds->feed($feed->upstream);
            $leaves = $feed->cable?->landingAtStart();
            $comes = $above->cable?->landingAtEnd() ?? Landing::both(Land::Line);
            $device = $feed->upstream->device->feedsThrough() ? $feed->upstream : null;
            if ($device !== null && $leaves !== null) {
                $hot = $comes->hot->isLineSide() !== $leaves->hot->isLineSide();
                $neutral = $comes->neutral->isLineSide() !== $leaves->neutral->isLineSide();
                // Of two circuits in one cable it switches its own hot, and the neutral of both.
                $hasHot = ! $feed->isShared() || $above->circuit?->id === $circuit?->id;
                $devices = $neutral || ($hot && $hasHot) ? [...$devices, $device] : $devices;
            }
        }

        return $devices;
    }
}
