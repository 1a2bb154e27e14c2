<?php

declare(strict_types=1);

namespace App\Persistence;

use App\Models\Appliance;
use App\Models\Area;
use App\Models\Cable;
use App\Models\Circuit;
use App\Models\HousePart;
use App\Models\Panel;
use App\Models\Point;
use Bouclier\Core\Exchange\PartForm;
use Bouclier\Core\House as Core;

/**
 * How one kind of part lies in its table: columns that carry the file's own names as they are, and references as foreign keys.
 * What hangs below a part (fixtures, distances) is the store's.
 */
enum PartMap: string
{
    // In the order in which rows can be written: a part comes after what it refers to.
    case Areas = 'areas';
    case Panels = 'panels';
    case Circuits = 'circuits';
    case Points = 'points';
    case Cables = 'cables';
    case Appliances = 'appliances';

    /** Keys with a column of their own, which carries the file's own name. Every other key of a part lies in its `more`. */
    private const COLUMNS = [
        'areas' => ['code', 'name', 'kind', 'grade', 'finished', 'x'],
        'panels' => ['name', 'area', 'fed_from', 'feeder', 'x'],
        'circuits' => [
            'slot', 'label', 'amps', 'volts', 'poles', 'breaker', 'leg', 'multiwire_with', 'handle_tie', 'breaker_listing',
            'gf_element', 'installed_on', 'self_test', 'x',
        ],
        'points' => [
            'code', 'name', 'kind', 'device', 'amps', 'volts', 'serves', 'exposure', 'accessible', 'height_ft', 'box', 'cover', 'yoke',
            'halves', 'yoke_with',
            'feed_through_amps', 'ground', 'work', 'installed_on', 'made_between', 'self_test', 'alone', 'tub_zone', 'labels', 'tr',
            'wr', 'finish', 'workmanship',
            'part_of_appliance', 'factory_fitted', 'gf_element', 'x',
        ],
        'cables' => ['awg', 'length_ft', 'conductors', 'ground', 'method', 'added', 'strap_ft', 'colours', 'mark', 'x'],
        'appliances' => ['name', 'watts', 'volts', 'on', 'class', 'extension', 'leakage', 'critical', 'measured', 'x'],
    ];

    /** Keys that point at other rows, or that rows below hold. */
    private const ELSEWHERE = [
        'areas' => ['id', 'fixtures'], 'panels' => ['id'], 'circuits' => ['id', 'panel'], 'points' => [
            'id',
            'area',
            'circuit',
            'distances',
        ],
        'cables' => ['id', 'from', 'to'], 'appliances' => ['id', 'at'],
    ];

    /** @return class-string */
    private function part(): string
    {
        return match ($this) {
            self::Areas => Core\Area::class,
            self::Panels => Core\Panel::class,
            self::Circuits => Core\Circuit::class,
            self::Points => Core\Point::class,
            self::Cables => Core\Cable::class,
            self::Appliances => Core\Appliance::class,
        };
    }

    /** @return list<string> keys that lie in `more` */
    private function more(): array
    {
        return array_values(
            array_diff(array_column(PartForm::keys($this->part()), 'name'), self::COLUMNS[$this->value], self::ELSEWHERE[$this->value]),
        );
    }

    /** @return class-string<HousePart> */
    public function model(): string
    {
        return match ($this) {
            self::Areas => Area::class,
            self::Panels => Panel::class,
            self::Circuits => Circuit::class,
            self::Points => Point::class,
            self::Cables => Cable::class,
            self::Appliances => Appliance::class,
        };
    }

    /** @return array<string, mixed> */
    public function toRow(\stdClass $part, Refs $refs): array
    {
        $row = [];
        foreach (self::COLUMNS[$this->value] as $column) {
            $row[$column] = $part->{$column} ?? null;
        }
        $more = array_intersect_key(get_object_vars($part), array_flip($this->more()));
        $row['more'] = $more === [] ? null : (object) $more;

        return $row + match ($this) {
            self::Areas => ['fixtures_said' => isset($part->fixtures)],
            self::Panels => [],
            self::Circuits => ['panel_id' => $refs->key(Panel::class, $part->panel)],
            self::Points => [
                'distances_said' => isset($part->distances),
                'area_id' => $refs->key(Area::class, $part->area),
                'circuit_id' => $refs->key(Circuit::class, $part->circuit ?? null),
            ],
            self::Cables => [
                'from_circuit_id' => $refs->key(Circuit::class, $part->from->circuit ?? $part->from->circuits[0] ?? null),
                'from_second_circuit_id' => $refs->key(Circuit::class, $part->from->circuits[1] ?? null),
                'from_point_id' => $refs->key(Point::class, $part->from->point ?? null),
                'from_land' => $part->from->land ?? null,
                'from_x' => $part->from->x ?? null,
                'to_point_id' => $refs->key(Point::class, $part->to->point),
                'to_land' => $part->to->land ?? null,
                'to_x' => $part->to->x ?? null,
            ],
            self::Appliances => ['point_id' => $refs->key(Point::class, $part->at)],
        };
    }

    public function toPart(HousePart $row, Refs $refs): \stdClass
    {
        $part = ['id' => $row->ref];
        foreach (self::COLUMNS[$this->value] as $column) {
            $part[$column] = $row->getAttribute($column);
        }
        $more = $row->getAttribute('more');
        $part += $more instanceof \stdClass ? get_object_vars($more) : [];
        $key = fn(string $column): ?string => is_string($id = $row->getAttribute($column)) ? $refs->ref($id) : null;
        $part += match ($this) {
            self::Areas, self::Panels => [],
            self::Circuits => ['panel' => $key('panel_id')],
            self::Points => ['area' => $key('area_id'), 'circuit' => $key('circuit_id')],
            self::Cables => [
                'from' => self::said([
                    'circuit' => $key('from_second_circuit_id') === null ? $key('from_circuit_id') : null,
                    'circuits' => $key('from_second_circuit_id') === null
                        ? null
                        : [$key('from_circuit_id'), $key('from_second_circuit_id')],
                    'point' => $key('from_point_id'),
                    'land' => $row->getAttribute('from_land'),
                    'x' => $row->getAttribute('from_x'),
                ]),
                'to' => self::said([
                    'point' => $key('to_point_id'),
                    'land' => $row->getAttribute('to_land'),
                    'x' => $row->getAttribute('to_x'),
                ]),
            ],
            self::Appliances => ['at' => $key('point_id')],
        };

        return self::said($part);
    }

    /** @param array<string, mixed> $fields */
    public static function said(array $fields): \stdClass
    {
        return (object) array_filter($fields, fn(mixed $value): bool => $value !== null);
    }
}
