<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Support\Clock;
use Bouclier\Core\Actions\Field;
use Bouclier\Core\Actions\FieldShape;
use Bouclier\Core\Actions\Kinds;
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

    /** @return list<\stdClass> tests as the house file keeps them */
    public function tests(string $who): array
    {
        /** @var array{tests: list<array<string, mixed>>} $said */
        $said = $this->validated();
        $object = json_decode(json_encode($said['tests'], JSON_THROW_ON_ERROR), false, flags: JSON_THROW_ON_ERROR);

        return array_values(array_map(
            fn(\stdClass $test): \stdClass => (object) [...get_object_vars($test), 'at_time' => Clock::now(), 'who' => $who],
            is_array($object) ? array_filter($object, fn(mixed $one): bool => $one instanceof \stdClass) : [],
        ));
    }
}
