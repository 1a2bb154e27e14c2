<?php

declare(strict_types=1);

namespace Bouclier\Core\Survey;

use Bouclier\Core\House\Area;
use Bouclier\Core\House\AreaKind;
use Bouclier\Core\House\Distance;
use Bouclier\Core\House\Fixture;
use Bouclier\Core\House\FixtureKind;
use Bouclier\Core\House\FreeId;
use Bouclier\Core\House\House;
use Bouclier\Core\House\LocationCodes;
use Bouclier\Core\House\Point;

/**
 * Rooms put right: outlets that belong to another, one room that is two, two that are one. The outlets stay where they are in the house:
 * what was measured, traced and tested of them stands; their code follows the room, and the old one still finds them.
 */
final class Rooms
{
    public static function outletMoved(House $house, Point $point, Area $to): House
    {
        return $point->area === $to->id
            ? $house
            : $house->withPoint($point->recoded(LocationCodes::nextIn($house, $to)[0])->with(area: $to->id));
    }

    /** The outlets and the water of one room go to another; the code of the room that is gone leads to the other. */
    public static function joined(House $house, Area $gone, Area $into): House
    {
        foreach (self::outletsOf($house, $gone) as $point) {
            $house = self::outletMoved($house, $point, $into);
        }
        $whole = $into->found(...$gone->formerCodes(), ...[$gone->code])->with(fixtures: [...$into->fixtures(), ...$gone->fixtures()]);

        return $house->with(
            areas: array_values(array_filter(
                array_map(fn(Area $area): Area => $area->id === $into->id ? $whole : $area, $house->areas),
                fn(Area $area): bool => $area->id !== $gone->id,
            )),
            panels: array_map(fn($panel) => $panel->area === $gone->id ? $panel->with(area: $into->id) : $panel, $house->panels),
        );
    }

    /**
     * A room of its own for some of the outlets and the water of another, after it in the walk.
     *
     * @param list<string> $points
     * @param list<string> $fixtures
     */
    public static function split(House $house, Area $area, AreaKind $kind, string $name, array $points, array $fixtures): House
    {
        $code = LocationCodes::nextRoom($house, $kind->codeLetter());
        $isMoved = fn(Fixture $fixture): bool => in_array($fixture->id, $fixtures, true);
        $moved = array_values(array_filter($area->fixtures(), $isMoved));
        $new = new Area(
            FreeId::in($house, strtolower($code), stem: 'room'),
            $code,
            $name,
            $kind,
            $area->grade,
            $area->finished,
            $moved === [] ? null : $moved,
        );
        $left = array_values(array_filter($area->fixtures(), fn(Fixture $fixture): bool => ! $isMoved($fixture)));
        $areas = [];
        foreach ($house->areas as $one) {
            array_push($areas, ...($one->id === $area->id ? [$one->with(fixtures: $left === [] ? null : $left), $new] : [$one]));
        }
        $house = $house->with(areas: $areas);
        foreach (self::outletsOf($house, $area) as $point) {
            $house = in_array($point->id, $points, true) ? self::outletMoved($house, $point, $new) : $house;
        }

        return $house;
    }

    public static function withFixture(House $house, Area $area, FixtureKind $kind): House
    {
        $more = new Fixture(FreeId::in($house, "{$area->id}-{$kind->value}"), $kind);

        return Taps::withRoom($house, $area->with(fixtures: [...$area->fixtures(), $more]));
    }

    /** A sink that is not there goes with what was measured to it. */
    public static function withoutFixture(House $house, Fixture $gone): House
    {
        return $house->with(
            areas: array_map(
                fn(Area $area): Area => ! in_array($gone, $area->fixtures(), true) ? $area : $area->with(
                    fixtures: array_values(array_filter($area->fixtures(), fn(Fixture $fixture): bool => $fixture->id !== $gone->id)),
                ),
                $house->areas,
            ),
            points: self::unmeasured($house, [$gone->id]),
        );
    }

    /**
     * The outlets of a house without the ways measured to some of its water.
     *
     * @param list<string> $fixtures
     *
     * @return list<Point>
     */
    public static function unmeasured(House $house, array $fixtures): array
    {
        return array_map(fn(Point $point): Point => $point->distances === null ? $point : $point->with(
            distances: array_values(array_filter($point->distances, fn(Distance $way): bool => ! in_array($way->fixture, $fixtures, true))),
        ), $house->points);
    }

    /** @return list<Point> */
    private static function outletsOf(House $house, Area $area): array
    {
        return array_values(array_filter($house->points, fn(Point $point): bool => $point->area === $area->id));
    }
}
