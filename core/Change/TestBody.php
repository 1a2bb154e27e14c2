<?php

declare(strict_types=1);

namespace Bouclier\Core\Change;

use Bouclier\Core\Actions\Field;
use Bouclier\Core\Actions\FieldShape;
use Bouclier\Core\Actions\Kinds;
use Bouclier\Core\Exchange\Body;
use Bouclier\Core\House\Entries\TestDone;
use Bouclier\Core\House\Loose;

/** Things done one after the other, and what each showed, as they are told: the keys are those the actions say they take and show. */
final class TestBody
{
    private const MOST = 8;
    private const IDS = ['appliance', 'circuit', 'point', 'cable', 'pair', 'to'];
    private const PLACES = ['point', 'circuit', 'cable', 'appliance', 'cord'];
    private const MOST_IDS = 1000;

    /** @return non-empty-list<TestDone> */
    public static function tests(Body $body): array
    {
        $tests = array_map(
            fn(Body $one): TestDone => new TestDone(self::action($one->part('action')), self::reading($one->part('reading'))),
            $body->parts('tests', self::MOST),
        );

        return $tests === [] ? $body->missing('tests') : $tests;
    }

    /** One action that can be done at a house, as it is told. */
    public static function action(Body $body): Loose
    {
        $kinds = array_map(
            fn(string $kind): string => $kind::name(),
            array_filter(Kinds::ALL, fn(string $kind): bool => $kind::canBeDone()),
        );
        $do = $body->text('do', 40);
        if (! in_array($do, $kinds, true)) {
            $body->wrong('do', 'must be one of ' . implode(', ', $kinds));
        }
        $said = ['do' => $do, ...self::fields($body, Kinds::takes())];
        foreach (self::IDS as $key) {
            $said[$key] = $body->maybeId($key);
        }
        if ($body->has('at')) {
            $said['at'] = (object) array_filter(self::place($body->part('at')), fn(?string $one): bool => $one !== null);
        }

        return new Loose(array_filter($said, fn(mixed $one): bool => $one !== null));
    }

    /** @return array<string|null> by key */
    private static function place(Body $at): array
    {
        $end = $at->maybeText('end', 4);
        if (! in_array($end, [null, 'from', 'to'], true)) {
            $at->wrong('end', 'must be one of from, to');
        }

        return ['end' => $end, ...array_combine(self::PLACES, array_map($at->maybeId(...), self::PLACES))];
    }

    private static function reading(Body $body): Loose
    {
        return new Loose(self::fields($body, Kinds::reads()));
    }

    /**
     * @param list<Field> $fields
     *
     * @return array<string, mixed> of those that are said; a reading over range is null
     */
    private static function fields(Body $body, array $fields): array
    {
        $said = [];
        foreach ($fields as $field) {
            if (in_array($field->key, $body->keys(), true)) {
                $said[$field->key] = self::field($body, $field);
            }
        }

        return $said;
    }

    private static function field(Body $body, Field $field): mixed
    {
        $most = $field->most ?? PHP_FLOAT_MAX;

        return match ($field->shape) {
            FieldShape::Flag => $body->flag($field->key),
            FieldShape::Number => $body->maybeNumber($field->key, 0, $most),
            FieldShape::Count => $body->whole($field->key, 1, (int) min($most, 1_000_000)),
            FieldShape::Word => self::known($body, $field, [$body->text($field->key, 80)])[0],
            FieldShape::Words => self::known($body, $field, $body->ids($field->key, self::MOST_IDS)),
            FieldShape::Ids => $body->ids($field->key, self::MOST_IDS),
            FieldShape::NumbersById => (object) self::numbers($body->part($field->key)),
            FieldShape::Text => $body->text($field->key, 200),
        };
    }

    /**
     * @param list<string> $words
     *
     * @return list<string>
     */
    private static function known(Body $body, Field $field, array $words): array
    {
        return array_diff($words, $field->words) === []
            ? $words
            : $body->wrong($field->key, 'must be one of ' . implode(', ', $field->words));
    }

    /** @return array<float> by id */
    private static function numbers(Body $of): array
    {
        $keys = $of->keys();

        return array_combine($keys, array_map(fn(string $key): float => $of->number($key, 0, PHP_FLOAT_MAX), $keys));
    }
}
