<?php

declare(strict_types=1);

namespace Bouclier\Core\Exchange;

use Bouclier\Core\Actions\Field;
use Bouclier\Core\Actions\FieldShape;
use Bouclier\Core\Actions\Kinds as Actions;
use Bouclier\Core\Faults\Kinds as Faults;
use Bouclier\Core\House\ApplianceClass;
use Bouclier\Core\House\Choice;
use Bouclier\Core\House\Entries\EntryList;
use Bouclier\Core\House\Entries\Seen;
use Bouclier\Core\House\Land;
use Bouclier\Core\House\Work;

/**
 * The JSON Schema (draft 2020-12) of a house file. Lists of allowed values come from the enums, so there is one place for each.
 * `docs/formats/house.schema.json` is this, printed; a test holds the two together.
 *
 * @phpstan-type Schema array<string, mixed>
 */
final class HouseSchema
{
    public const ID = 'urn:bouclier:house:1';

    /** The most entries of each list of a house: what is taken is opened too, and this many open in seconds. */
    public const LONGEST = [
        'areas' => 5_000, 'panels' => 500, 'circuits' => 5_000, 'points' => 5_000, 'cables' => 10_000, 'appliances' => 5_000,
        'observations' => 5_000, 'tests' => 5_000,
    ];

    /** Top-level keys that later stages of the job own; the reader carries them as they are. */
    public const SECTIONS = ['demand', 'budget_ma', 'prices', 'minutes', 'rate_per_hour', 'leakage_ranges', 'drawn'];

    /** @return Schema */
    public static function document(): array
    {
        return [
            '$schema' => 'https://json-schema.org/draft/2020-12/schema',
            '$id' => self::ID,
            'title' => 'HouseFile',
            'description' => 'One house of Bouclier: rooms, panels, circuits, points, cables, appliances and what was seen there. '
                . 'Lengths in decimal feet (_ft) or inches (_in), currents in A or mA as named.',
            ...self::object([
                'format' => ['const' => 'bouclier.house'],
                'version' => ['const' => 1],
                'name' => self::text(),
                'work' => self::choice(Work::class),
                'permit_date' => self::ref('date'),
                'supply_volts' => self::positive(),
                'code' => self::ref('code'),
                'areas' => self::longList('areas', 'area'),
                'panels' => self::longList('panels', 'panel'),
                'circuits' => self::longList('circuits', 'circuit'),
                'points' => self::longList('points', 'point'),
                'cables' => self::longList('cables', 'cable'),
                'appliances' => self::longList('appliances', 'appliance'),
                'observations' => self::longList('observations', 'observation'),
                'tests' => self::longList('tests', 'test'),
                'faults' => self::listOf(self::ref('fault')),
                'actions' => self::listOf(self::ref('action')),
                'symptom' => self::ref('symptom'),
                'cannot' => self::listOf(self::text()),
                'demand' => ['type' => 'object', 'additionalProperties' => self::listOf(['enum' => ['gfci', 'afci']])],
                'budget_ma' => self::positive(),
                'prices' => ['type' => 'object', 'additionalProperties' => self::nonNegative()],
                'minutes' => ['type' => 'object', 'additionalProperties' => self::nonNegative()],
                'rate_per_hour' => self::nonNegative(),
                'leakage_ranges' => [
                    'type' => 'object',
                    'description' => 'what a crew has found each class of appliances to leak: least and most in phase, least and most in '
                        . 'quadrature, mA at 120 V',
                    'properties' => array_fill_keys(
                        array_column(ApplianceClass::cases(), 'value'),
                        [...self::listOf(self::nonNegative()), 'minItems' => 4, 'maxItems' => 4],
                    ),
                    'additionalProperties' => false,
                ],
                'drawn' => ['enum' => ['part'], 'description' => 'the house as it is drawn is not all of it'],
                'records' => self::ref('records'),
            ], ['format', 'version', 'name', 'work', 'code', 'areas', 'panels', 'circuits', 'points', 'cables', 'appliances']),
            '$defs' => [...self::placeDefs(), ...self::factDefs(), ...self::recordDefs()],
        ];
    }

    public static function json(): string
    {
        return json_encode(self::document(), JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE | JSON_THROW_ON_ERROR);
    }

    /** @return array<string, Schema> */
    private static function placeDefs(): array
    {
        return [
            'id' => ['type' => 'string', 'minLength' => 1, 'maxLength' => 80],
            'x' => ['type' => 'object', 'description' => 'Free for the use of others; carried, never read.'],
            'date' => ['type' => 'string', 'pattern' => '^\d{4}-(0[1-9]|1[0-2])-(0[1-9]|[12]\d|3[01])$'],
            'since' => ['type' => 'string', 'pattern' => '^\d{4}(-\d{2}(-\d{2})?)?$', 'description' => 'A year, a month or a day.'],
            'time' => ['type' => 'string', 'pattern' => '^\d{4}-\d{2}-\d{2}T\d{2}:\d{2}'],
            'land' => self::choice(Land::class),
            'landing' => ['description' => 'line, load, splice or cap, or { "hot": …, "neutral": … } when they differ', 'anyOf' => [
                self::ref('land'),
                [
                    'type' => 'object',
                    'properties' => ['hot' => self::ref('land'), 'neutral' => self::ref('land')],
                    'required' => ['hot', 'neutral'],
                    'additionalProperties' => false,
                ],
            ]],
            ...array_map(PartForm::schema(...), array_flip(PartForm::DEFINED)),
        ];
    }

    /** @return array<string, Schema> */
    private static function factDefs(): array
    {
        $conductor = ['enum' => ['hot', 'neutral', 'ground']];

        return [
            'place' => self::object([
                'point' => self::ref('id'),
                'circuit' => self::ref('id'),
                'cable' => self::ref('id'),
                'end' => ['enum' => ['from', 'to']],
                'appliance' => self::ref('id'),
                'cord' => self::ref('id'),
            ]),
            'observation' => [
                ...PartForm::schema(Seen::class),
                'allOf' => [
                    self::when('kind', 'off', ['circuit', 'dead', 'live']),
                    self::when('kind', 'trip', ['at', 'dead', 'live']),
                    self::when('kind', 'button', ['point', 'tripped']),
                    self::when('kind', 'open', ['point', 'pairs']),
                    self::when('kind', 'lift', ['point', 'pair', 'dead', 'live']),
                    self::when('kind', 'pair', ['point', 'pair', 'live']),
                ],
            ],
            'action' => self::object([
                'do' => ['enum' => Actions::names()],
                'at' => self::ref('place'),
                'circuit' => self::ref('id'),
                'point' => self::ref('id'),
                'cable' => self::ref('id'),
                'appliance' => self::ref('id'),
                'to' => self::ref('id'),
                'pair' => self::ref('id'),
                ...self::fields(Actions::takes()),
            ], ['do']),
            'fault' => self::object([
                'kind' => ['enum' => Faults::names()],
                'at' => self::ref('place'),
                'ohms' => self::positive(),
                'conductor' => $conductor,
                'hot' => self::ref('land'),
                'neutral' => self::ref('land'),
                'lender' => self::ref('place'),
                'trip_ma' => self::positive(),
                'of' => ['description' => 'a fault, or a list of them', 'anyOf' => [self::ref('fault'), self::listOf(self::ref('fault'))]],
                'chance' => ['type' => 'number', 'minimum' => 0, 'maximum' => 1],
            ], ['kind']),
        ];
    }

    /** @return array<string, Schema> each list below `records`, as its entries have it */
    private static function recordDefs(): array
    {
        $lists = EntryList::records();

        return ['records' => self::object(array_combine(
            array_map(fn(EntryList $list): string => $list->key(), $lists),
            array_map(fn(EntryList $list): array => self::listOf(PartForm::schema($list->of())), $lists),
        ))];
    }

    /**
     * An object that refuses unknown keys, but for a free `x`.
     *
     * @param array<string, Schema> $properties
     * @param list<string> $required
     *
     * @return Schema
     */
    public static function object(array $properties, array $required = []): array
    {
        $schema = ['type' => 'object', 'properties' => [...$properties, 'x' => self::ref('x')], 'additionalProperties' => false];

        return $required === [] ? $schema : [...$schema, 'required' => $required];
    }

    /**
     * @param list<Field> $fields
     *
     * @return array<string, Schema> by key
     */
    private static function fields(array $fields): array
    {
        $schemas = array_map(fn(Field $field): array => match ($field->shape) {
            FieldShape::Flag => self::bool(),
            FieldShape::Number, FieldShape::Count => self::nonNegative(),
            FieldShape::Word => ['enum' => $field->words],
            FieldShape::Words => self::listOf(['enum' => $field->words]),
            FieldShape::Ids => self::listOf(self::ref('id')),
            FieldShape::NumbersById => ['type' => 'object', 'additionalProperties' => self::nonNegative()],
            FieldShape::Text => self::text(),
        }, $fields);

        return array_combine(array_column($fields, 'key'), $schemas);
    }

    /**
     * @param list<string> $required
     *
     * @return Schema
     */
    private static function when(string $key, string $value, array $required): array
    {
        return ['if' => ['properties' => [$key => ['const' => $value]]], 'then' => ['required' => $required]];
    }

    /** @return Schema */
    public static function ref(string $def): array
    {
        return ['$ref' => "#/\$defs/$def"];
    }

    /**
     * @param Schema $items
     *
     * @return Schema
     */
    public static function listOf(array $items): array
    {
        return ['type' => 'array', 'items' => $items];
    }

    /**
     * @param key-of<self::LONGEST> $list
     *
     * @return Schema
     */
    private static function longList(string $list, string $def): array
    {
        return [...self::listOf(self::ref($def)), 'maxItems' => self::LONGEST[$list]];
    }

    /**
     * @param class-string<Choice> $enum
     *
     * @return Schema
     */
    public static function choice(string $enum): array
    {
        return ['enum' => array_map(fn(Choice $case): int|string => $case->value, $enum::cases())];
    }

    /** @return Schema */
    public static function text(): array
    {
        return ['type' => 'string', 'maxLength' => 200];
    }

    /** @return Schema */
    public static function longText(): array
    {
        return ['type' => 'string', 'maxLength' => 4000];
    }

    /** @return Schema */
    public static function bool(): array
    {
        return ['type' => 'boolean'];
    }

    /** @return Schema */
    public static function positive(): array
    {
        return ['type' => 'number', 'exclusiveMinimum' => 0];
    }

    /** @return Schema */
    public static function nonNegative(): array
    {
        return ['type' => 'number', 'minimum' => 0];
    }

    /** @return Schema */
    public static function count(): array
    {
        return ['type' => 'integer', 'minimum' => 0];
    }
}
