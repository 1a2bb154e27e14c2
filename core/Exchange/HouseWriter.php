<?php

declare(strict_types=1);

namespace Bouclier\Core\Exchange;

use Bouclier\Core\House as H;

/**
 * A {@see H\House} out as a house file, the mirror of {@see HouseReader}: what was not said is not written, so that a file
 * comes back as it went in.
 */
final class HouseWriter
{
    public static function toJson(H\House $house): string
    {
        return json_encode(self::toData($house), JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE | JSON_THROW_ON_ERROR) . "\n";
    }

    /** @return array<string, mixed> */
    public static function toData(H\House $house): array
    {
        return self::said([
            'format' => 'bouclier.house',
            'version' => 1,
            'name' => $house->name,
            'work' => $house->work->value,
            'permit_date' => $house->permitDate,
            'supply_volts' => $house->supplyVolts,
            'code' => self::code($house->code),
        ]) + [
            'areas' => array_map(self::area(...), $house->areas),
            'panels' => array_map(self::panel(...), $house->panels),
            'circuits' => array_map(self::circuit(...), $house->circuits),
            'points' => array_map(self::point(...), $house->points),
            'cables' => array_map(self::cable(...), $house->cables),
            'appliances' => array_map(self::appliance(...), $house->appliances),
            ...$house->sections,
            ...self::said(['x' => $house->x]),
        ];
    }

    /** @return array<string, mixed> */
    public static function code(H\CodeOfPlace $code): array
    {
        return self::said([
            'edition' => $code->edition->value,
            'amendments' => self::each(fn(H\Amendment $a): array => self::said([
                'do' => $a->do->value,
                'what' => $a->what->value,
                'clause' => $a->clause,
                'kinds' => self::values($a->kinds),
                'serves' => self::values($a->serves),
                'ft' => $a->ft,
                'author' => $a->author,
                'date' => $a->date,
                'source' => $a->source,
                'x' => $a->x,
            ]), $code->amendments),
            'x' => $code->x,
        ]);
    }

    /** @return array<string, mixed> */
    public static function area(H\Area $area): array
    {
        return self::said([
            'id' => $area->id,
            'code' => $area->code,
            'name' => $area->name,
            'kind' => $area->kind->value,
            'grade' => $area->grade?->value,
            'finished' => $area->finished,
            'fixtures' => self::each(fn(H\Fixture $f): array => self::said(['id' => $f->id, 'kind' => $f->kind->value, 'x' => $f->x]), $area->fixtures),
            'x' => $area->x,
        ]);
    }

    /** @return array<string, mixed> */
    public static function panel(H\Panel $panel): array
    {
        return self::said([
            'id' => $panel->id,
            'name' => $panel->name,
            'area' => $panel->area,
            'fed_from' => $panel->fedFrom,
            'feeder' => $panel->feeder === null ? null : self::object(['awg' => $panel->feeder->awg, 'length_ft' => $panel->feeder->lengthFt, 'x' => $panel->feeder->x]),
            'x' => $panel->x,
        ]);
    }

    /** @return array<string, mixed> */
    public static function circuit(H\Circuit $circuit): array
    {
        return self::said([
            'id' => $circuit->id,
            'panel' => $circuit->panel,
            'slot' => $circuit->slot,
            'label' => $circuit->label,
            'amps' => $circuit->amps,
            'volts' => $circuit->volts,
            'poles' => $circuit->poles,
            'breaker' => $circuit->breaker?->value,
            'leg' => $circuit->leg?->value,
            'multiwire_with' => $circuit->multiwireWith,
            'handle_tie' => $circuit->handleTie,
            'breaker_listing' => $circuit->breakerListing?->value,
            'gf_element' => $circuit->gfElement,
            'installed_on' => $circuit->installedOn,
            'self_test' => $circuit->selfTest,
            'x' => $circuit->x,
        ]);
    }

    /** @return array<string, mixed> */
    public static function point(H\Point $point): array
    {
        $tub = $point->tubZone;
        $halves = $point->halves;

        return self::said([
            'id' => $point->id,
            'code' => $point->code,
            'area' => $point->area,
            'name' => $point->name,
            'kind' => $point->kind->value,
            'device' => $point->device->value,
            'amps' => $point->amps,
            'volts' => $point->volts,
            'serves' => $point->serves?->value,
            'exposure' => $point->exposure?->value,
            'accessible' => $point->accessible,
            'height_ft' => $point->heightFt,
            'distances' => self::each(self::distance(...), $point->distances),
            'box' => $point->box === null ? null : self::box($point->box),
            'cover' => $point->cover?->value,
            'circuit' => $point->circuit,
            'yoke' => $point->yoke?->value,
            'halves' => $halves === null ? null : self::object(['tab' => $halves->tab?->value, 'switched' => $halves->switched?->value, 'x' => $halves->x]),
            'yoke_with' => $point->yokeWith,
            'feed_through_amps' => $point->feedThroughAmps,
            'ground' => $point->ground?->value,
            'work' => $point->work?->value,
            'installed_on' => $point->installedOn,
            'made_between' => $point->madeBetween,
            'self_test' => $point->selfTest,
            'alone' => $point->alone,
            'tub_zone' => $tub === null ? null : self::object(['horizontal_ft' => $tub->horizontalFt, 'above_rim_ft' => $tub->aboveRimFt, 'opposite_wall' => $tub->oppositeWall, 'x' => $tub->x]),
            'labels' => self::values($point->labels),
            'tr' => $point->tr,
            'wr' => $point->wr,
            'finish' => $point->finish,
            'workmanship' => $point->workmanship?->value,
            'part_of_appliance' => $point->partOfAppliance,
            'factory_fitted' => $point->factoryFitted,
            'gf_element' => $point->gfElement,
            'x' => $point->x,
        ]);
    }

    /** @return array<string, mixed> */
    public static function distance(H\Distance $distance): array
    {
        return self::said([
            'fixture' => $distance->fixture,
            'ft' => $distance->ft,
            'crosses' => $distance->crosses?->value,
            'measured' => $distance->measured?->value,
            'x' => $distance->x,
        ]);
    }

    private static function box(H\Box $box): object
    {
        return self::object([
            'material' => $box->material?->value,
            'volume_in3' => $box->volumeIn3,
            'clamps' => $box->clamps,
            'free_in' => $box->freeIn,
            'past_face_in' => $box->pastFaceIn,
            'opening_in' => $box->openingIn,
            'grounds_spliced' => $box->groundsSpliced,
            'bonded' => $box->bonded,
            'pairs' => $box->pairs,
            'connectors' => self::each(fn(H\Connector $c): array => self::said(['kind' => $c->kind, 'rated_awg' => $c->ratedAwg, 'wires' => $c->wires, 'x' => $c->x]), $box->connectors),
            'fixed' => $box->fixed,
            'x' => $box->x,
        ]);
    }

    /** @return array<string, mixed> */
    public static function cable(H\Cable $cable): array
    {
        $from = $cable->from;
        $colours = $cable->colours;

        return self::said([
            'id' => $cable->id,
            'from' => $from instanceof H\CableEnd ? self::cableEnd($from) : self::said([
                ...(count($from->circuits) === 1 ? ['circuit' => $from->circuits[0]] : ['circuits' => $from->circuits]),
                'x' => $from->x,
            ]),
            'to' => self::cableEnd($cable->to),
            'awg' => $cable->awg,
            'length_ft' => $cable->lengthFt,
            'conductors' => $cable->conductors,
            'ground' => $cable->ground,
            'method' => $cable->method?->value,
            'added' => $cable->added,
            'strap_ft' => $cable->strapFt,
            'colours' => $colours === null ? null : self::object(['hot' => $colours->hot, 'neutral' => $colours->neutral, 'x' => $colours->x]),
            'mark' => $cable->mark,
            'x' => $cable->x,
        ]);
    }

    /** @return array<string, mixed> */
    private static function cableEnd(H\CableEnd $end): array
    {
        $land = $end->land;

        return self::said([
            'point' => $end->point,
            'land' => match (true) {
                $land === null => null,
                $land->hot === $land->neutral => $land->hot->value,
                default => ['hot' => $land->hot->value, 'neutral' => $land->neutral->value],
            },
            'x' => $end->x,
        ]);
    }

    /** @return array<string, mixed> */
    public static function appliance(H\Appliance $appliance): array
    {
        $leakage = $appliance->leakage;

        return ['id' => $appliance->id, 'name' => $appliance->name, 'at' => $appliance->at] + self::said([
            'watts' => $appliance->watts,
            'volts' => $appliance->volts,
            'on' => $appliance->on,
            'class' => $appliance->class,
            'extension' => $appliance->extension,
            'leakage' => $leakage === null ? null : self::object(['resistive_ma' => $leakage->resistiveMa, 'capacitive_ma' => $leakage->capacitiveMa, 'x' => $leakage->x]),
            'critical' => $appliance->critical,
            'measured' => $appliance->measured,
            'x' => $appliance->x,
        ]);
    }

    /**
     * @param array<string, mixed> $fields
     *
     * @return array<string, mixed>
     */
    private static function said(array $fields): array
    {
        return array_filter($fields, fn(mixed $value): bool => $value !== null);
    }

    /**
     * An object that may be empty, which an array could not say.
     *
     * @param array<string, mixed> $fields
     */
    private static function object(array $fields): object
    {
        return (object) self::said($fields);
    }

    /**
     * @template T
     *
     * @param callable(T): array<string, mixed> $write
     * @param list<T>|null $list
     *
     * @return list<array<string, mixed>>|null
     */
    private static function each(callable $write, ?array $list): ?array
    {
        return $list === null ? null : array_map($write, $list);
    }

    /**
     * @param list<H\Choice>|null $choices
     *
     * @return list<int|string>|null
     */
    private static function values(?array $choices): ?array
    {
        return $choices === null ? null : array_map(fn(H\Choice $choice): int|string => $choice->value, $choices);
    }
}
