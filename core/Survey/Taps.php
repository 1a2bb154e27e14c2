<?php

declare(strict_types=1);

namespace Bouclier\Core\Survey;

use Bouclier\Core\Exchange\BadHouseFile;
use Bouclier\Core\House\Appliance;
use Bouclier\Core\House\Area;
use Bouclier\Core\House\AreaKind;
use Bouclier\Core\House\BreakerType;
use Bouclier\Core\House\Circuit;
use Bouclier\Core\House\Device;
use Bouclier\Core\House\Distance;
use Bouclier\Core\House\Fixture;
use Bouclier\Core\House\FixtureKind;
use Bouclier\Core\House\FreeId;
use Bouclier\Core\House\House;
use Bouclier\Core\House\LocationCodes;
use Bouclier\Core\House\NotThere;
use Bouclier\Core\House\OutletName;
use Bouclier\Core\House\Panel;
use Bouclier\Core\House\Point;
use Bouclier\Core\House\PointKind;
use Bouclier\Core\House\Serves;

/** A house with something more in it that was entered by taps alone: what is not said goes without saying, and is named. */
final class Taps
{
    /** As panels are made. */
    private const MOST_SLOTS = 42;

    /** @param list<FixtureKind> $water */
    public static function room(House $house, AreaKind $kind, array $water): House
    {
        $code = LocationCodes::nextRoom($house, $kind->codeLetter());
        $id = FreeId::in($house, strtolower($code), stem: 'room');
        $fixtures = [];
        foreach ($water as $one) {
            $fixtures[] = new Fixture(FreeId::in($house, "$id-{$one->value}", array_column($fixtures, 'id')), $one);
        }
        $area = new Area($id, $code, $kind->label(), $kind, fixtures: $fixtures === [] ? null : $fixtures);

        return $house->with(areas: [...$house->areas, Ghosts::opened($area)]);
    }

    /** @throws NotThere when the water is not in the house */
    public static function outlet(
        House $house,
        Area $area,
        Serves $serves,
        ?PointKind $kind,
        ?Device $device,
        ?float $amps,
        ?Distance $distance,
    ): House {
        if ($distance !== null) {
            $house->fixture($distance->fixture);
        }
        $code = LocationCodes::nextIn($house, $area)[0];
        $taken = $kind === null ? Assumptions::kind($serves) : null;
        $kind ??= $taken ?? PointKind::Receptacle;
        $isReceptacle = $kind === PointKind::Receptacle;
        $large = $isReceptacle ? Rating::ofLarge($amps) : null;
        $assumed = [...($taken === null ? [] : ['kind']), ...($large === null ? [] : ['volts', 'yoke'])];
        $point = new Point(
            FreeId::in($house, mb_strtolower($code), stem: 'outlet'),
            $code,
            $area->id,
            OutletName::of($kind, $serves),
            $kind,
            ($isReceptacle ? $device : null) ?? Assumptions::device($kind),
            amps: $isReceptacle ? $amps : null,
            volts: $large?->volts,
            serves: $serves === Serves::General ? null : $serves,
            distances: $distance === null ? null : [$distance],
            yoke: $large?->yoke,
            x: $assumed === [] ? null : (object) [Point::ASSUMED => $assumed],
        );

        // What is drawn for confirming stays drawn; in a room that was entered otherwise nothing is.
        $room = Ghosts::in($house, $area) === [] ? $area : Ghosts::opened($area);

        return self::withRoom($house, $room)->with(points: [...$house->points, $point]);
    }

    /** A room with another in its place. */
    public static function withRoom(House $house, Area $room): House
    {
        return $house->with(areas: array_map(fn(Area $one): Area => $one->id === $room->id ? $room : $one, $house->areas));
    }

    /**
     * Slots of the first panel that nothing is in, by their numbers.
     *
     * @return list<int>
     */
    public static function freeSlots(House $house): array
    {
        $panel = $house->panels[0] ?? null;
        $taken = [];
        foreach ($house->circuits as $circuit) {
            if ($circuit->panel === $panel?->id) {
                array_push($taken, ...self::numbersIn($circuit->slot));
            }
        }

        return array_values(array_diff(range(1, self::MOST_SLOTS), $taken));
    }

    /**
     * A breaker of two poles takes the slot and the one below it: 1/3.
     *
     * @throws BadHouseFile when there is something in the slot
     */
    public static function breaker(House $house, int $slot, float $amps, bool $twoPoles, BreakerType $breaker, ?string $label): House
    {
        $wanted = $twoPoles ? [$slot, $slot + 2] : [$slot];
        if (array_diff($wanted, self::freeSlots($house)) !== []) {
            throw BadHouseFile::because(
                'There is a breaker in slot ' . implode(' or ', array_diff($wanted, self::freeSlots($house))) . ' already',
            );
        }
        $panels = $house->panels === [] ? [new Panel(FreeId::in($house, 'main'), 'Main panel')] : $house->panels;
        $slots = implode('/', $wanted);
        $circuit = new Circuit(
            FreeId::in($house, 'c' . strtr($slots, '/', '-')),
            $panels[0]->id,
            $slots,
            $label ?? "Circuit $slots",
            $amps,
            volts: $twoPoles ? 240.0 : null,
            poles: $twoPoles ? 2 : null,
            breaker: $breaker,
        );

        return $house->with(panels: $panels, circuits: [...$house->circuits, $circuit]);
    }

    public static function appliance(House $house, Point $at, string $name): House
    {
        foreach (UsualAppliance::at($house, $at) as $usual) {
            if ($usual->name === $name) {
                $id = FreeId::in($house, (string) preg_replace('/[^a-z]+/', '-', mb_strtolower($name)));
                $new = new Appliance(
                    $id,
                    $name,
                    $at->id,
                    watts: (float) $usual->watts,
                    class: $usual->class->value,
                    critical: $usual->critical ? true : null,
                );

                return $house->with(appliances: [...$house->appliances, $new]);
            }
        }

        return $house;
    }

    /** @return list<int> of a slot as it is written: 1/3 */
    private static function numbersIn(string $slot): array
    {
        preg_match_all('/\d{1,3}/', $slot, $found);

        return array_map(intval(...), $found[0]);
    }
}
