<?php

declare(strict_types=1);

namespace Bouclier\Core\Change;

use Bouclier\Core\House\Entries\Draft;
use Bouclier\Core\House\Entries\DraftChange;
use Bouclier\Core\House\Entries\EntryId;
use Bouclier\Core\House\Entries\EntryList;
use Bouclier\Core\House\House;
use Bouclier\Core\House\Loose;
use Bouclier\Core\House\NotThere;
use Bouclier\Core\House\PartList;

/** Drafts of a house: kept, looked at as the house they would make, and carried out, all at once or place by place. */
final class Drafted
{
    /** @throws NotThere */
    public static function find(House $house, string $id): Draft
    {
        $drafts = $house->entries->identified()->all(Draft::class);

        return $drafts[EntryId::placeOf($drafts, $id)];
    }

    /** @param list<Patch> $patches */
    public static function of(string $name, array $patches): Draft
    {
        return new Draft($name, array_map(
            fn(Patch $patch): DraftChange => new DraftChange(
                PartList::from($patch->in),
                $patch->id,
                $patch->set === null ? null : new Loose(get_object_vars($patch->set)),
            ),
            $patches,
        ));
    }

    /**
     * @param list<string>|null $places outlets and circuits, by id, of which alone it is asked; all when null
     *
     * @return list<Patch> what it changes there: an outlet, what lands in its box, or a breaker
     */
    public static function patches(House $house, Draft $draft, ?array $places = null): array
    {
        $patches = [];
        foreach ($draft->changes as $change) {
            if ($places === null || array_intersect(self::places($house, $draft, $change), $places) !== []) {
                $patches[] = Patch::drafted($change);
            }
        }

        return $patches;
    }

    /** @throws \Bouclier\Core\Exchange\BadHouseFile when the house has become another, and it does not go with it any more */
    public static function on(House $house, Draft $draft): House
    {
        return Patched::in($house, self::patches($house, $draft));
    }

    /**
     * A draft without what was carried out of it; gone with the last of it.
     *
     * @param list<Patch> $done
     */
    public static function without(House $house, Draft $draft, array $done): House
    {
        $left = array_values(array_filter($draft->changes, function (DraftChange $change) use ($done): bool {
            foreach ($done as $patch) {
                if ($patch->in === $change->in->value && $patch->id === $change->id) {
                    return false;
                }
            }

            return true;
        }));
        if ($left === []) {
            return self::dropped($house, (string) $draft->id);
        }
        $drafts = $house->entries->identified()->all(Draft::class);
        $drafts[EntryId::placeOf($drafts, (string) $draft->id)] = $draft->of($left);

        return $house->with(entries: $house->entries->with(EntryList::Drafts, array_values($drafts)));
    }

    /** @throws NotThere */
    public static function dropped(House $house, string $id): House
    {
        return $house->with(entries: $house->entries->without(EntryList::Drafts, $id));
    }

    /** @return list<string> outlets and circuits a change is made at, by id */
    public static function places(House $house, Draft $draft, DraftChange $change): array
    {
        if ($change->in === PartList::Circuits) {
            // One breaker of two poles is changed for both halves at once.
            $with = $house->hasCircuit($change->id) ? $house->circuit($change->id)->multiwireWith : null;

            return [$change->id, ...($with !== null && $change->set?->has('common_trip') === true ? [$with] : [])];
        }
        if ($change->in === PartList::Points) {
            return [$change->id];
        }
        if ($change->in !== PartList::Cables) {
            return [];
        }
        $cable = $house->findCable($change->id);
        $ends = $cable === null ? [] : array_filter([$cable->fromPoint(), $cable->to->point], is_string(...));
        foreach (['from', 'to'] as $end) {
            $point = ($change->set?->parts($end)[0] ?? null)?->text('point');
            if ($point !== null) {
                $ends[] = $point;
            }
        }
        // What is landed otherwise is landed in the box it leaves, unless it is its other end that changes.
        $from = $cable?->fromPoint();

        return $from !== null && $change->set !== null && ! $change->set->has('to') ? [$from] : array_values($ends);
    }
}
