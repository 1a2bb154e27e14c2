<?php

declare(strict_types=1);

namespace Bouclier\Core\House;

/** Location codes, how people talk of rooms and outlets: K1, K1-03. Nothing in a house shares one; a code given up is still found. */
final readonly class LocationCodes
{
    /** The outlet of a code, or the one that had it before; capitals do not matter. */
    public static function point(House $house, string $code): ?Point
    {
        return self::find($house->points, $code);
    }

    public static function area(House $house, string $code): ?Area
    {
        return self::find($house->areas, $code);
    }

    /**
     * The next free codes of a room, after the highest it has or had: a number is not given twice.
     *
     * @return non-empty-list<string>
     */
    public static function nextIn(House $house, Area $area, int $count = 1): array
    {
        $highest = 0;
        foreach ($house->points as $point) {
            foreach ([$point->code, ...$point->formerCodes()] as $code) {
                if (preg_match('/^' . preg_quote($area->code, '/') . '-(\d{1,4})$/i', $code, $m) === 1) {
                    $highest = max($highest, (int) $m[1]);
                }
            }
        }

        return array_map(fn(int $n): string => sprintf('%s-%02d', $area->code, $n), range($highest + 1, $highest + max(1, $count)));
    }

    /** The next free code of a room like another: B2 after B1. */
    public static function nextRoom(House $house, string $like): string
    {
        $letters = preg_match('/^([A-Za-z]{1,3})/', $like, $m) === 1 ? strtoupper($m[1]) : 'R';
        $n = 1;
        while (self::area($house, "$letters$n") !== null) {
            ++$n;
        }

        return "$letters$n";
    }

    /**
     * What shares a code with something that was there before it.
     *
     * @return list<Area|Point>
     */
    public static function repeated(House $house): array
    {
        $seen = [];
        $repeated = [];
        foreach ([...$house->areas, ...$house->points] as $one) {
            $code = mb_strtolower($one->code);
            if (isset($seen[$code])) {
                $repeated[] = $one;
            }
            $seen[$code] = true;
        }

        return $repeated;
    }

    /**
     * What a change would give a code that another has, which it had not before.
     *
     * @return list<FileFault>
     */
    public static function clashes(House $before, House $after): array
    {
        $old = array_map(fn(Area|Point $one): string => $one->id, self::repeated($before));
        $clashes = [];
        foreach (self::repeated($after) as $one) {
            $list = $one instanceof Area ? 'areas' : 'points';
            $at = array_search($one->id, array_column($after->listed($list), 'id'), true);
            if (! in_array($one->id, $old, true)) {
                $clashes[] = new FileFault("/$list/$at/code", "there is another {$one->code} in this house: give it a code of its own");
            }
        }

        return $clashes;
    }

    /** The house with a code of its own for each room and outlet: the first keeps it, what shared it is found by the old one as well. */
    public static function madeUnique(House $house): House
    {
        foreach (self::repeated($house) as $one) {
            $house = self::with($house, self::renumbered($house, $one));
        }

        return $house;
    }

    /** What is new in a house takes the next code where its own is taken: two phones without a signal gave the same. */
    public static function newMadeUnique(House $before, House $after): House
    {
        foreach (self::repeated($after) as $one) {
            // Of two of one code the new one stands last, or the other is not new.
            $isNew = $one instanceof Area ? ! self::has($before->areas, $one->id) : ! $before->hasPoint($one->id);
            $after = $isNew ? self::with($after, self::renumbered($after, $one)) : $after;
        }

        return $after;
    }

    /**
     * What is new found also by the code it was given where it was first added, if it got another here.
     *
     * @param array<string> $gave codes by id
     */
    public static function alsoFoundBy(House $before, House $after, array $gave): House
    {
        foreach ([...$after->areas, ...$after->points] as $one) {
            $code = $gave[$one->id] ?? $one->code;
            $isNew = $one instanceof Area ? ! self::has($before->areas, $one->id) : ! $before->hasPoint($one->id);
            if ($isNew && $code !== $one->code && ! in_array($code, $one->formerCodes(), true)) {
                $after = self::with($after, $one->found($code));
            }
        }

        return $after;
    }

    private static function renumbered(House $house, Area|Point $one): Area|Point
    {
        return $one->recoded(
            $one instanceof Area ? self::nextRoom($house, $one->code) : self::nextIn($house, $house->areaOf($one))[0],
        );
    }

    private static function with(House $house, Area|Point $one): House
    {
        return $one instanceof Area ? $house->with(areas: self::replaced($house->areas, $one)) : $house->withPoint($one);
    }

    /** @param list<Area> $areas */
    private static function has(array $areas, string $id): bool
    {
        return array_filter($areas, fn(Area $area): bool => $area->id === $id) !== [];
    }

    /**
     * @param list<Area> $areas
     *
     * @return list<Area>
     */
    private static function replaced(array $areas, Area $by): array
    {
        return array_map(fn(Area $area): Area => $area->id === $by->id ? $by : $area, $areas);
    }

    /**
     * @template T of Area|Point
     *
     * @param list<T> $all
     *
     * @return T|null
     */
    private static function find(array $all, string $code): ?object
    {
        $code = mb_strtolower($code);
        foreach ($all as $one) {
            if (mb_strtolower($one->code) === $code) {
                return $one;
            }
        }
        foreach ($all as $one) {
            if (in_array($code, array_map(mb_strtolower(...), $one->formerCodes()), true)) {
                return $one;
            }
        }

        return null;
    }
}
