<?php

declare(strict_types=1);

namespace Bouclier\Core\Exchange;

use Bouclier\Core\House as H;
use Bouclier\Core\House\Entries\Seen;
use Bouclier\Core\House\Entries\TestDone;

/**
 * Parts of a house as its file writes them, read off the constructors of their classes: a parameter is a key, its type says what it takes,
 * and {@see H\Said} what the type does not. Nothing else knows the keys of a part.
 *
 * @phpstan-import-type Schema from HouseSchema
 */
final class PartForm
{
    /** Parts that have a definition of their own in the schema, by their class. */
    public const DEFINED = [
        H\CodeOfPlace::class => 'code', H\Amendment::class => 'amendment', H\Area::class => 'area', H\Fixture::class => 'fixture',
        H\Panel::class => 'panel',
        H\Circuit::class => 'circuit', H\Point::class => 'point', H\Distance::class => 'distance', H\Box::class => 'box',
        H\Cable::class => 'cable',
        H\Appliance::class => 'appliance',
        Seen::class => 'observation', TestDone::class => 'test', H\Complaint::class => 'symptom',
    ];

    /** @var array<class-string, list<Key>> */
    private static array $known = [];

    /**
     * @param class-string $class
     *
     * @return list<Key> in the order of the file, `x` last
     */
    public static function keys(string $class): array
    {
        return self::$known[$class] ??= array_map(
            fn(\ReflectionParameter $parameter): Key => self::key($class, $parameter),
            (new \ReflectionClass($class))->getConstructor()?->getParameters() ?? [],
        );
    }

    /**
     * @template T of object
     *
     * @param class-string<T> $class
     * @param mixed $data that the schema has accepted
     *
     * @return T
     *
     * @throws \UnexpectedValueException when a value is not what the schema promised: a fault of ours, not of the file
     */
    public static function read(string $class, mixed $data): object
    {
        $said = [];
        $data = $data instanceof \stdClass ? $data : throw self::unreadable($class);
        foreach (self::keys($class) as $key) {
            $value = $data->{$key->name} ?? null;
            if ($value !== null) {
                $said[$key->property] = ($key->read)($value);
            } elseif ($key->isNeeded) {
                $said[$key->property] = $key->mayBeNull ? null : throw self::unreadable($key->name);
            }
        }
        try {
            return new $class(...$said);
        } catch (\TypeError $error) {
            throw new \UnexpectedValueException("The schema let something through that the reader cannot read: {$error->getMessage()}");
        }
    }

    /**
     * @template T of object
     *
     * @param class-string<T> $class
     *
     * @return list<T>
     */
    public static function readEach(string $class, mixed $list): array
    {
        return array_map(
            fn(mixed $one): object => self::read($class, $one),
            is_array($list) ? array_values($list) : throw self::unreadable($class),
        );
    }

    /** @return array<string, mixed> what was not said is not written, so that a file comes back as it went in */
    public static function write(object $part): array
    {
        $said = [];
        $of = get_object_vars($part);
        foreach (self::keys($part::class) as $key) {
            $value = $of[$key->property];
            if ($value !== null || $key->mayBeNull) {
                $said[$key->name] = $value === null ? null : ($key->write)($value);
            }
        }

        return $said;
    }

    /**
     * @param class-string $class
     *
     * @return Schema of an object that refuses unknown keys, but for a free `x`
     */
    public static function schema(string $class): array
    {
        $properties = $needed = [];
        foreach (self::keys($class) as $key) {
            $properties[$key->name] = $key->schema;
            if ($key->isNeeded) {
                $needed[] = $key->name;
            }
        }

        return HouseSchema::object($properties, $needed);
    }

    /** @param class-string $class */
    private static function key(string $class, \ReflectionParameter $parameter): Key
    {
        $property = $parameter->getName();
        $name = strtolower((string) preg_replace('/(?<=[a-z0-9])[A-Z]/', '_$0', $property));
        $isNeeded = ! $parameter->isOptional();
        $odd = OddForms::of($class, $property);
        [$schema, $read, $write, $kept] = $odd ?? self::form($parameter);

        return new Key($name, $property, $schema, $read, $write, $isNeeded, $isNeeded && $parameter->allowsNull(), $kept);
    }

    /** @return array{Schema, \Closure(mixed): mixed, \Closure(mixed): mixed, Kept} */
    private static function form(\ReflectionParameter $parameter): array
    {
        $attribute = $parameter->getAttributes(H\Said::class)[0] ?? null;
        $said = $attribute?->newInstance();
        $type = $parameter->getType();
        $type = $type instanceof \ReflectionNamedType ? $type->getName() : 'mixed';
        $same = fn(mixed $value): mixed => $value;
        if ($said?->value === H\Value::Many) {
            return self::many($said->of ?? '');
        }
        $nullable = $type === 'string' && $parameter->allowsNull() && ! $parameter->isOptional();

        return match (true) {
            $said?->value === H\Value::Id && $nullable => [['type' => ['string', 'null'], 'minLength' => 1], $same, $same, Kept::Text],
            $said?->value === H\Value::Id => [HouseSchema::ref('id'), $same, $same, Kept::Text],
            $said?->value === H\Value::Date => [HouseSchema::ref('date'), $same, $same, Kept::Text],
            $said?->value === H\Value::Time => [HouseSchema::ref('time'), $same, $same, Kept::Text],
            $said?->value === H\Value::Long => [HouseSchema::longText(), $same, $same, Kept::Text],
            $said?->value === H\Value::Ids => [HouseSchema::listOf(HouseSchema::ref('id')), self::toTexts(...), $same, Kept::List],
            $said?->value === H\Value::Since => [HouseSchema::ref('since'), $same, $same, Kept::Text],
            $type === 'string' => [HouseSchema::text(), $same, $same, Kept::Text],
            $type === 'bool' => [HouseSchema::bool(), $same, $same, Kept::Flag],
            $type === 'float' => [self::number($said, HouseSchema::nonNegative()), self::toFloat(...), $same, Kept::Number],
            $type === 'int' => [self::number($said, HouseSchema::count()), self::toInt(...), $same, Kept::Whole],
            is_subclass_of($type, H\Choice::class) => [
                HouseSchema::choice($type),
                fn(mixed $value): object => self::choice($type, $value),
                self::valueOf(...),
                Kept::Text,
            ],
            class_exists($type) => [
                isset(self::DEFINED[$type]) ? HouseSchema::ref(self::DEFINED[$type]) : self::schema($type),
                fn(mixed $value): object => self::read($type, $value),
                fn(mixed $value): object => (object) self::write(is_object($value) ? $value : throw self::unreadable($type)),
                Kept::Part,
            ],
            $type === 'object' => [HouseSchema::ref('x'), $same, $same, Kept::Part],
            default => throw new \LogicException("the file cannot hold \"{$parameter->getName()}\", which is $type"),
        };
    }

    /**
     * @return array{Schema, \Closure(mixed): mixed, \Closure(mixed): mixed, Kept} a list of parts, or of choices: an empty one says that
     *     there are none, no list says nothing
     */
    private static function many(string $of): array
    {
        if (is_subclass_of($of, H\Choice::class)) {
            return [
                HouseSchema::listOf(HouseSchema::choice($of)),
                fn(mixed $list): array => array_map(
                    fn(mixed $one): object => self::choice($of, $one),
                    is_array($list) ? array_values($list) : throw self::unreadable($of),
                ),
                fn(mixed $list): array => array_map(self::valueOf(...), is_array($list) ? array_values($list) : []),
                Kept::List,
            ];
        }
        $class = class_exists($of) ? $of : throw new \LogicException("there is no \"$of\"");

        return [
            HouseSchema::listOf(isset(self::DEFINED[$class]) ? HouseSchema::ref(self::DEFINED[$class]) : self::schema($class)),
            fn(mixed $list): array => self::readEach($class, $list),
            fn(mixed $list): array => array_map(
                fn(mixed $one): array => is_object($one) ? self::write($one) : [],
                is_array($list) ? array_values($list) : [],
            ),
            Kept::List,
        ];
    }

    /**
     * @param Schema $plain
     *
     * @return Schema
     */
    private static function number(?H\Said $said, array $plain): array
    {
        return match ($said?->value) {
            H\Value::Positive => HouseSchema::positive(),
            H\Value::AnyNumber => ['type' => 'number'],
            H\Value::OneOf => ['enum' => $said->numbers],
            default => $plain,
        };
    }

    private static function toFloat(mixed $value): float
    {
        return is_int($value) || is_float($value) ? (float) $value : throw self::unreadable(get_debug_type($value));
    }

    private static function toInt(mixed $value): int
    {
        return is_int($value) || is_float($value) ? (int) $value : throw self::unreadable(get_debug_type($value));
    }

    /** @return list<string> */
    private static function toTexts(mixed $list): array
    {
        return array_values(array_filter(is_array($list) ? $list : throw self::unreadable('ids'), is_string(...)));
    }

    /** @param class-string<H\Choice> $enum */
    private static function choice(string $enum, mixed $value): H\Choice
    {
        return is_string($value) || is_int($value) ? $enum::from($value) : throw self::unreadable($enum);
    }

    private static function valueOf(mixed $choice): int|string
    {
        return $choice instanceof H\Choice ? $choice->value : throw self::unreadable(get_debug_type($choice));
    }

    private static function unreadable(string $what): \UnexpectedValueException
    {
        return new \UnexpectedValueException("The schema let \"$what\" through, the reader cannot read it");
    }
}
