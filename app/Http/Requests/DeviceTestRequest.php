<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Support\Clock;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** A test of a protective device: by its own button or a tester's, whether it tripped, in how long. */
final class DeviceTestRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'by' => ['required', Rule::in(['device_button', 'tester_button'])],
            'tripped' => ['required', 'boolean'],
            'trip_ms' => ['nullable', 'numeric', 'min:1', 'max:100000'],
        ];
    }

    /** @return \stdClass a device test as the house file keeps it */
    public function test(string $point, string $who): \stdClass
    {
        $test = [
            'at_time' => Clock::now(),
            'who' => $who,
            'point' => $point,
            'by' => $this->string('by')->toString(),
            'tripped' => $this->boolean('tripped'),
        ];

        return (object) ($this->filled('trip_ms') ? [...$test, 'trip_ms' => $this->float('trip_ms')] : $test);
    }
}
