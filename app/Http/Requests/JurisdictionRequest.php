<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** A jurisdiction: name, edition, and amendments, each with who says so, since when, and where it is written. */
final class JurisdictionRequest extends FormRequest
{
    use Amends;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'name' => ['required', 'string', 'max:120'],
            ...$this->amendmentRules(),
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
        return [
            'name' => $this->string('name')->toString(),
            'edition' => $this->string('edition')->toString(),
            'amendments' => $this->amendments(),
        ];
    }
}
