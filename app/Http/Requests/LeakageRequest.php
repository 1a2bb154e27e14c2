<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Bouclier\Core\House\ApplianceClass;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** What a crew has found appliances of one class to leak: least and most in phase, least and most in quadrature. */
final class LeakageRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        $one = ['bail', 'required', 'numeric', 'min:0', 'max:50'];

        return [
            'class' => ['required', Rule::enum(ApplianceClass::class)],
            'range' => ['present', 'nullable', 'array', 'size:4'],
            'range.*' => $one,
            // A rule for one of them stands in the place of that for all.
            'range.1' => [...$one, 'gte:range.0'],
            'range.3' => [...$one, 'gte:range.2'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'range.1.gte' => 'The most is less than the least.',
            'range.3.gte' => 'The most is less than the least.',
            'range.*.numeric' => 'Milliamperes are a number.',
            'range.*.max' => 'That is no leakage any more.',
        ];
    }

    public function kind(): ApplianceClass
    {
        return ApplianceClass::from($this->string('class')->toString());
    }

    /** @return list<float>|null */
    public function range(): ?array
    {
        return $this->input('range') === null
            ? null
            : array_map(fn(mixed $one): float => is_numeric($one) ? (float) $one : 0.0, array_values($this->array('range')));
    }
}
