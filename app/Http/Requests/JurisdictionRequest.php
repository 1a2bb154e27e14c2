<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Bouclier\Core\House\AmendmentKind;
use Bouclier\Core\House\AreaKind;
use Bouclier\Core\House\Edition;
use Bouclier\Core\House\Protection;
use Bouclier\Core\House\Serves;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** A jurisdiction: name, edition, and amendments, each with who says so, since when, and where it is written. */
final class JurisdictionRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'name' => ['required', 'string', 'max:120'],
            'edition' => ['required', Rule::enum(Edition::class)],
            'amendments' => ['present', 'array', 'max:100'],
            'amendments.*.do' => ['required', Rule::enum(AmendmentKind::class)],
            'amendments.*.what' => ['required', Rule::enum(Protection::class)],
            'amendments.*.clause' => ['nullable', 'string', 'max:200'],
            'amendments.*.kinds' => ['array'],
            'amendments.*.kinds.*' => [Rule::enum(AreaKind::class)],
            'amendments.*.serves' => ['array'],
            'amendments.*.serves.*' => [Rule::enum(Serves::class)],
            'amendments.*.ft' => ['nullable', 'required_if:amendments.*.do,distance', 'numeric', 'min:0', 'max:1000'],
            'amendments.*.author' => ['required', 'string', 'max:200'],
            'amendments.*.date' => ['required', 'date_format:Y-m-d'],
            'amendments.*.source' => ['required', 'string', 'max:200'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'name.required' => 'Name the place.',
            'amendments.*.author.required' => 'Say who amended it.',
            'amendments.*.date.required' => 'Say since when.',
            'amendments.*.date.date_format' => 'Write the day as 2026-03-02.',
            'amendments.*.source.required' => 'Say where it is written.',
            'amendments.*.ft.required_if' => 'Say the distance in feet.',
        ];
    }

    /** @return array{name: string, edition: string, amendments: list<array<string, mixed>>} */
    public function jurisdiction(): array
    {
        $amendments = [];
        foreach ($this->array('amendments') as $amendment) {
            $amendments[] = array_filter((array) $amendment, fn(mixed $value): bool => $value !== null && $value !== [] && $value !== '');
        }

        return [
            'name' => $this->string('name')->toString(),
            'edition' => $this->string('edition')->toString(),
            'amendments' => $amendments,
        ];
    }
}
