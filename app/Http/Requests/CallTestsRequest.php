<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Bouclier\Core\Actions\Field;
use Bouclier\Core\Actions\FieldShape;
use Bouclier\Core\Actions\Kinds;
use Bouclier\Core\House\Entries\TestDone;
use Bouclier\Core\House\Loose;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** Things done one after the other, and what each showed. They are only added to the call, so they need no revision. */
class CallTestsRequest extends FormRequest
{
    private const IDS = ['appliance', 'circuit', 'point', 'cable', 'pair', 'to'];
    private const PLACES = ['point', 'circuit', 'cable', 'appliance', 'cord'];
    private const ID = ['string', 'max:80'];

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        $kinds = array_filter(Kinds::ALL, fn(string $kind): bool => $kind::canBeDone());
        $rules = [
            'tests' => ['required', 'array', 'min:1', 'max:8'],
            'tests.*.action' => ['required', 'array'],
            'tests.*.action.do' => ['required', Rule::in(array_map(fn(string $kind): string => $kind::name(), $kinds))],
            'tests.*.action.at' => ['array'],
            'tests.*.action.at.end' => [Rule::in(['from', 'to'])],
            'tests.*.reading' => ['required', 'array'],
        ];
        foreach (self::IDS as $key) {
            $rules["tests.*.action.$key"] = self::ID;
        }
        foreach (self::PLACES as $key) {
            $rules["tests.*.action.at.$key"] = self::ID;
        }

        return [...$rules, ...self::of('tests.*.action', Kinds::takes()), ...self::of('tests.*.reading', Kinds::reads())];
    }

    /**
     * @param list<Field> $fields
     *
     * @return array<string, list<mixed>> the rules of each, and of what is in a list
     */
    private static function of(string $at, array $fields): array
    {
        $rules = [];
        foreach ($fields as $field) {
            $most = $field->most === null ? [] : ["max:{$field->most}"];
            $key = "$at.{$field->key}";
            $rules += match ($field->shape) {
                FieldShape::Flag => [$key => ['boolean']],
                FieldShape::Number => [$key => ['nullable', 'numeric', 'min:0', ...$most]],
                FieldShape::Count => [$key => ['integer', 'min:1', ...$most]],
                FieldShape::Word => [$key => [Rule::in($field->words)]],
                FieldShape::Words => [$key => ['array'], "$key.*" => [Rule::in($field->words)]],
                FieldShape::Ids => [$key => ['array', 'max:1000'], "$key.*" => self::ID],
                FieldShape::NumbersById => [$key => ['array', 'max:100'], "$key.*" => ['numeric', 'min:0']],
                FieldShape::Text => [$key => ['string', 'max:200']],
            };
        }

        return $rules;
    }

    /** @return list<TestDone> */
    public function tests(): array
    {
        /** @var array{tests: list<array{action: array<string, mixed>, reading: array<string, mixed>}>} $said */
        $said = $this->validated();

        return array_map(
            fn(array $test): TestDone => new TestDone(self::loose($test['action']), self::loose($test['reading'])),
            $said['tests'],
        );
    }

    /** @param array<string, mixed> $said as a request has it, where an object is an array by key */
    private static function loose(array $said): Loose
    {
        $isObject = fn(mixed $one): bool => is_array($one) && $one !== [] && ! array_is_list($one);

        return new Loose(array_map(fn(mixed $one): mixed => $isObject($one) ? (object) $one : $one, $said));
    }
}
