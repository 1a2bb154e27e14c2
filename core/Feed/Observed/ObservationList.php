<?php

declare(strict_types=1);

namespace Bouclier\Core\Feed\Observed;

use Bouclier\Core\House\House;
use Bouclier\Core\Records\EntryId;

/** The `observations` of a house as a list that is added to and taken from; what they prove is read afresh each time. */
final class ObservationList
{
    private const LIST = 'observations';

    /** @return list<\stdClass> */
    public static function of(House $house): array
    {
        $section = $house->sections[self::LIST] ?? [];

        return is_array($section) ? array_values(array_filter($section, fn(mixed $entry): bool => $entry instanceof \stdClass)) : [];
    }

    public static function added(House $house, \stdClass $seen): House
    {
        $list = self::of($house);

        return self::with($house, [...$list, EntryId::given($seen, $list)]);
    }

    /**
     * Without one of them, and without what speaks of pairs of a box that then was never opened.
     *
     * @throws \Bouclier\Core\House\NotThere when there is none of that id
     */
    public static function withdrawn(House $house, string $id): House
    {
        $list = self::of($house);
        unset($list[EntryId::placeOf($list, $id)]);

        return self::with($house, self::withBoxesOpened(array_values($list)));
    }

    /**
     * Without points that are taken out of the house: what was seen of others is kept.
     *
     * @param list<string> $points
     */
    public static function withoutPoints(House $house, array $points): House
    {
        $kept = [];
        foreach (self::of($house) as $seen) {
            if (in_array($seen->point ?? $seen->at ?? null, $points, true)) {
                continue;
            }
            $now = clone $seen;
            foreach (['dead', 'live', 'already_dead', 'back', 'tripped'] as $key) {
                if (is_array($now->{$key} ?? null)) {
                    $now->{$key} = array_values(array_filter($now->{$key}, fn(mixed $id): bool => ! in_array($id, $points, true)));
                }
            }
            $kept[] = $now;
        }

        return self::with($house, $kept);
    }

    /** @param list<\stdClass> $list */
    private static function with(House $house, array $list): House
    {
        $sections = $house->sections;
        if ($list === [] && ! isset($sections[self::LIST])) {
            return $house;
        }

        return $house->with(sections: [...$sections, self::LIST => $list]);
    }

    /**
     * @param list<\stdClass> $list
     *
     * @return list<\stdClass>
     */
    private static function withBoxesOpened(array $list): array
    {
        $opened = [];
        $kept = [];
        foreach ($list as $seen) {
            $point = is_string($seen->point ?? null) ? $seen->point : '';
            $kind = $seen->kind ?? null;
            if ($kind === 'open' && is_int($seen->pairs ?? null)) {
                $opened[$point] = max($seen->pairs, $opened[$point] ?? 0);
            }
            $pair = is_string($seen->pair ?? null) ? $seen->pair : 'a';
            if (($kind !== 'lift' && $kind !== 'pair') || ord($pair) - ord('a') < ($opened[$point] ?? 0)) {
                $kept[] = $seen;
            }
        }

        return $kept;
    }
}
