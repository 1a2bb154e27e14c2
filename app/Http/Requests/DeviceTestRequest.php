<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Bouclier\Core\Change\Commands\TestDevice;
use Bouclier\Core\House\Entries\TestButton;
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

    public function command(string $point): TestDevice
    {
        return new TestDevice(
            $point,
            TestButton::from($this->string('by')->toString()),
            $this->boolean('tripped'),
            $this->filled('trip_ms') ? $this->float('trip_ms') : null,
        );
    }
}
