<?php

declare(strict_types=1);

namespace Bouclier\Core\Feed\Observed;

use Bouclier\Core\House\Entries\EntryList;
use Bouclier\Core\House\Entries\Seen;
use Bouclier\Core\House\Entries\SeenKind;
use Bouclier\Core\House\House;

/** The observations of a house as a list that is taken from; what they prove is read afresh each time. */
final class ObservationList
{
    /**
     * Without one of them, and without what speaks of pairs of a box that then was never opened.
     *
     * @throws \Bouclier\Core\House\NotThere when there is none of that id
     */
    public static function withdrawn(House $house, string $id): House
    {
        $left = $house->entries->without(EntryList::Observations, $id);

        return $house->with(entries: $left->with(EntryList::Observations, self::withBoxesOpened($left->all(Seen::class))));
    }

    /**
     * Without points that are taken out of the house: what was seen of others is kept.
     *
     * @param list<string> $points
     */
    public static function withoutPoints(House $house, array $points): House
    {
        $kept = [];
        foreach ($house->entries->all(Seen::class) as $seen) {
            if (! in_array($seen->point ?? $seen->at, $points, true)) {
                $kept[] = $seen->withoutPoints($points);
            }
        }

        return $house->entries->has(EntryList::Observations)
            ? $house->with(entries: $house->entries->with(EntryList::Observations, $kept))
            : $house;
    }

    /**
     * @param list<Seen> $list
     *
     * @return list<Seen>
     */
    private static function withBoxesOpened(array $list): array
    {
        $opened = [];
        $kept = [];
        foreach ($list as $seen) {
            $point = $seen->point ?? '';
            if ($seen->kind === SeenKind::Open && $seen->pairs !== null) {
                $opened[$point] = max($seen->pairs, $opened[$point] ?? 0);
            }
            $isOfPair = in_array($seen->kind, [SeenKind::Lift, SeenKind::Pair], true);
            if (! $isOfPair || ord($seen->pair ?? 'a') - ord('a') < ($opened[$point] ?? 0)) {
                $kept[] = $seen;
            }
        }

        return $kept;
    }
}
