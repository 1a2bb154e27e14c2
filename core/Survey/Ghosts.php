<?php

declare(strict_types=1);

namespace Bouclier\Core\Survey;

use Bouclier\Core\House\Area;
use Bouclier\Core\House\Extra;
use Bouclier\Core\House\House;
use Bouclier\Core\House\Point;
use Bouclier\Core\House\PointKind;
use Bouclier\Core\House\Serves;

/**
 * What is still to be confirmed or struck out in a room: what its kind usually has, less what is there and what was struck out. Shown in a
 * room that was entered so, or that has no outlet yet; kept under `x.usual` of the room.
 */
final class Ghosts
{
    private const KEY = 'usual';

    /** @return list<Ghost> */
    public static function in(House $house, Area $area): array
    {
        $here = array_filter($house->points, fn(Point $point): bool => $point->area === $area->id);
        if ($here !== [] && ! self::isOpen($area)) {
            return [];
        }
        $left = [];
        foreach (UsualRoom::of($area->kind)->outlets as $usual) {
            $have = count(array_filter($here, fn(Point $point): bool => $point->serves() === $usual->serves));
            for ($n = $have; $n < $usual->count - self::struck($area, $usual->serves); ++$n) {
                $left[] = [$usual, $n];
            }
        }
        $water = $area->fixtures()[0] ?? null;

        return array_map(fn(array $one): Ghost => new Ghost(
            $one[0]->serves,
            Assumptions::kind($one[0]->serves) ?? PointKind::Receptacle,
            $one[0]->everyFt === null ? null : $water?->id,
            $one[0]->everyFt === null || $water === null ? null : ($one[1] + 1) * $one[0]->everyFt,
        ), $left);
    }

    /** The room with what it usually has drawn for confirming. */
    public static function opened(Area $area): Area
    {
        return self::isOpen($area) ? $area : self::with($area, []);
    }

    /** The room with nothing left to confirm. */
    public static function closed(Area $area): Area
    {
        return $area->with(x: Extra::with($area->x, self::KEY, null));
    }

    /** The room without one of what it usually has. */
    public static function struckOut(Area $area, Serves $serves): Area
    {
        return self::with($area, [$serves->value => self::struck($area, $serves) + 1]);
    }

    private static function isOpen(Area $area): bool
    {
        return isset($area->x->{self::KEY});
    }

    private static function struck(Area $area, Serves $serves): int
    {
        $struck = self::said($area)[$serves->value] ?? 0;

        return is_int($struck) ? $struck : 0;
    }

    /** @return array<mixed> how many were struck out, by what they serve */
    private static function said(Area $area): array
    {
        $said = $area->x->{self::KEY} ?? null;

        return is_object($said) ? get_object_vars($said) : [];
    }

    /** @param array<string, int> $struck */
    private static function with(Area $area, array $struck): Area
    {
        return $area->with(x: Extra::with($area->x, self::KEY, (object) [...self::said($area), ...$struck]));
    }
}
