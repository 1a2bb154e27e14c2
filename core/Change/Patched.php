<?php

declare(strict_types=1);

namespace Bouclier\Core\Change;

use Bouclier\Core\Exchange\HouseReader;
use Bouclier\Core\Exchange\PartForm;
use Bouclier\Core\House as H;

/** A house with patches applied to it: what they touch is read and checked anew, all else is what it was. */
final class Patched
{
    /**
     * @param list<Patch> $patches
     *
     * @throws \Bouclier\Core\Exchange\BadHouseFile when what they make is no house
     */
    public static function in(H\House $house, array $patches): H\House
    {
        $document = HouseDocument::of($house);
        $changes = array_map(fn(Patch $patch): PartChange => $patch->on($document), $patches);
        foreach ($changes as $change) {
            if (H\PartList::tryFrom($change->in) === null) {
                return $document->with($changes)->toHouse();
            }
        }
        $lists = [];
        $touched = [];
        foreach ($changes as $change) {
            $lists[$change->in] ??= array_column($house->listed($change->in), null, 'id');
            $lists[$change->in][$change->id] = $touched[$change->in][$change->id] = $change->after;
        }

        return self::read($house, array_map(self::withoutGone(...), $lists), $touched, $document->part(PartChange::HOUSE, ''));
    }

    /**
     * @param array<array<object>> $lists by their names: parts as they were, and as the file would say those that were touched
     * @param array<array<\stdClass|null>> $touched by list and id
     */
    private static function read(H\House $house, array $lists, array $touched, ?\stdClass $whole): H\House
    {
        $some = $whole ?? new \stdClass();
        $places = [];
        foreach (H\PartList::names() as $in) {
            $some->{$in} = [];
            foreach (array_keys($lists[$in] ?? []) as $place => $id) {
                if (($touched[$in][$id] ?? null) !== null) {
                    $some->{$in}[] = $touched[$in][$id];
                    $places[$in][] = $place;
                }
            }
        }
        (new HouseReader())->check($some, $places, array_map(count(...), $lists));
        foreach ($lists as $in => $list) {
            $house = match ($in) {
                'areas' => $house->with(areas: self::parts(H\Area::class, $list)),
                'panels' => $house->with(panels: self::parts(H\Panel::class, $list)),
                'circuits' => $house->with(circuits: self::parts(H\Circuit::class, $list)),
                'points' => $house->with(points: self::parts(H\Point::class, $list)),
                'cables' => $house->with(cables: self::parts(H\Cable::class, $list)),
                'appliances' => $house->with(appliances: self::parts(H\Appliance::class, $list)),
                default => throw new \LogicException("a house has no list \"$in\""),
            };
        }

        return HouseReader::held($house);
    }

    /**
     * @template T of object
     *
     * @param class-string<T> $class
     * @param array<object> $list
     *
     * @return list<T>
     */
    private static function parts(string $class, array $list): array
    {
        return array_values(array_map(fn(object $part): object => $part instanceof $class ? $part : PartForm::read($class, $part), $list));
    }

    /**
     * @param array<object|null> $list
     *
     * @return array<object>
     */
    private static function withoutGone(array $list): array
    {
        return array_filter($list, fn(?object $part): bool => $part !== null);
    }
}
