<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

final class InstrumentRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'name' => ['required', 'string', 'max:120'],
            'lamps' => ['required', 'array', 'size:3'],
            'lamps.*' => ['distinct', Rule::in(['hn', 'hg', 'ng'])],
            'has_button' => ['boolean'],
            'shows_volts' => ['boolean'],
            'shows_time' => ['boolean'],
            'serial' => ['nullable', 'string', 'max:60'],
            'calibrated_on' => ['nullable', 'date_format:Y-m-d'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['name.required' => 'Give it a name: what is written on it will do.'];
    }
}
