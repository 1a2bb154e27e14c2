<?php

declare(strict_types=1);

namespace Bouclier\Core\Exchange;

use Bouclier\Core\Diagnose\Question;
use Bouclier\Core\House as H;
use Bouclier\Core\House\Entries\DraftChange;
use Bouclier\Core\House\Entries\Seen;
use Bouclier\Core\House\Entries\TestDone;

/**
 * The few fields the file writes otherwise than their type would have it.
 *
 * @phpstan-import-type Schema from HouseSchema
 */
final class OddForms
{
    /**
     * @param class-string $class
     *
     * @return array{Schema, \Closure(mixed): mixed, \Closure(mixed): mixed, Kept}|null
     */
    public static function of(string $class, string $property): ?array
    {
        return match ("$class $property") {
            H\Point::class . ' madeBetween' => self::same([
                'type' => 'array', 'minItems' => 2, 'maxItems' => 2,
                'items' => [
                    'description' => 'a year, a month, a day or null',
                    'anyOf' => [HouseSchema::ref('since'), ['type' => ['integer', 'null']]],
                ],
            ], Kept::List),
            H\Box::class . ' clamps' => self::same(['type' => ['boolean', 'integer'], 'minimum' => 0], Kept::Text),
            H\Connector::class . ' ratedAwg' => self::same(['type' => ['integer', 'array'], 'items' => ['type' => 'integer']], Kept::Text),
            H\CableEnd::class . ' land' => [HouseSchema::ref('landing'), self::landing(...), self::writtenLanding(...), Kept::Part],
            H\Cable::class . ' from' => [self::startSchema(), self::start(...), self::writtenStart(...), Kept::Part],
            Seen::class . ' live' => self::same([
                'anyOf' => [HouseSchema::listOf(HouseSchema::ref('id')), HouseSchema::bool()],
            ], Kept::List),
            TestDone::class . ' action' => self::loose(HouseSchema::ref('action')),
            TestDone::class . ' reading' => self::loose(['type' => 'object']),
            DraftChange::class . ' set' => self::loose([
                'type' => 'object',
                'description' => 'keys of the part as they would be, null where one is taken out; not there: the part is',
            ]),
            H\Complaint::class . ' answers' => [
                [
                    'type' => 'object',
                    'description' => 'what a householder answered, by the question: '
                        . implode(', ', array_column(Question::cases(), 'value')),
                    'additionalProperties' => ['type' => 'string', 'maxLength' => 1000],
                ],
                fn(mixed $said): array => array_filter($said instanceof \stdClass ? get_object_vars($said) : [], is_string(...)),
                fn(mixed $answers): object => (object) $answers,
                Kept::Part,
            ],
            default => null,
        };
    }

    /**
     * @param Schema $schema
     *
     * @return array{Schema, \Closure(mixed): mixed, \Closure(mixed): mixed, Kept}
     */
    private static function same(array $schema, Kept $kept): array
    {
        $same = fn(mixed $value): mixed => $value;

        return [$schema, $same, $same, $kept];
    }

    /**
     * @param Schema $schema
     *
     * @return array{Schema, \Closure(mixed): mixed, \Closure(mixed): mixed, Kept}
     */
    private static function loose(array $schema): array
    {
        $read = fn(mixed $said): H\Loose => new H\Loose($said instanceof \stdClass ? get_object_vars($said) : []);

        return [$schema, $read, fn(mixed $loose): mixed => $loose, Kept::Part];
    }

    /** @return Schema */
    private static function startSchema(): array
    {
        return [
            'description' => 'an object with one of circuit, circuits or point',
            'type' => 'object',
            'properties' => [
                'circuit' => HouseSchema::ref('id'),
                'circuits' => [...HouseSchema::listOf(HouseSchema::ref('id')), 'minItems' => 1, 'maxItems' => 2],
                'point' => HouseSchema::ref('id'),
                'land' => HouseSchema::ref('landing'),
                'x' => HouseSchema::ref('x'),
            ],
            'additionalProperties' => false,
            'oneOf' => [['required' => ['circuit']], ['required' => ['circuits']], ['required' => ['point']]],
        ];
    }

    private static function start(mixed $data): H\CableOrigin|H\CableEnd
    {
        $data = $data instanceof \stdClass ? $data : new \stdClass();
        if (isset($data->point)) {
            return PartForm::read(H\CableEnd::class, $data);
        }
        $circuits = array_values(
            array_filter(is_array($data->circuits ?? null) ? $data->circuits : [$data->circuit ?? null], is_string(...)),
        );

        return new H\CableOrigin(
            $circuits === [] ? throw new \UnexpectedValueException('a cable comes from somewhere') : $circuits,
            ($data->x ?? null) instanceof \stdClass ? $data->x : null,
        );
    }

    /** @return array<string, mixed> */
    private static function writtenStart(mixed $from): array
    {
        return match (true) {
            $from instanceof H\CableOrigin => [
                ...(count($from->circuits) === 1 ? ['circuit' => $from->circuits[0]] : ['circuits' => $from->circuits]),
                ...($from->x === null ? [] : ['x' => $from->x]),
            ],
            $from instanceof H\CableEnd => PartForm::write($from),
            default => [],
        };
    }

    private static function landing(mixed $land): H\Landing
    {
        return is_string($land) ? H\Landing::both(H\Land::from($land)) : PartForm::read(H\Landing::class, $land);
    }

    /** @return string|array<string, mixed> */
    private static function writtenLanding(mixed $land): string|array
    {
        return match (true) {
            ! $land instanceof H\Landing => [],
            $land->hot === $land->neutral => $land->hot->value,
            default => PartForm::write($land),
        };
    }
}
