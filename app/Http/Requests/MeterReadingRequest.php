<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** What a bridge sends: the instrument, and one of volts, milliamperes or a trip time. */
final class MeterReadingRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'instrument' => ['required', 'string', 'max:120'],
            'volts' => ['required_without_all:ma,trip_ms', 'numeric', 'min:0', 'max:1000'],
            'between' => ['required_with:volts', Rule::in(['hn', 'hg', 'ng'])],
            'ma' => ['sometimes', 'numeric', 'min:0', 'max:200000'],
            'trip_ms' => ['sometimes', 'numeric', 'min:1', 'max:100000'],
        ];
    }

    /** @return array<string, mixed> */
    public function reading(): array
    {
        return $this->safe()->except('instrument');
    }
}
