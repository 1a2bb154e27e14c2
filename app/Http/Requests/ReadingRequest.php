<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Validation\Rule;

/** What a tester showed at an outlet: its lamps, and volts where it gives them. */
final class ReadingRequest extends OnRevisionRequest
{
    /** @return array<string, list<mixed>> */
    protected function fields(): array
    {
        return [
            'point' => ['required', 'string', 'max:80'],
            'half' => ['nullable', Rule::in(['top', 'bottom'])],
            'lamps' => ['required', 'array:hn,hg,ng'],
            'lamps.hn' => ['required', 'boolean'],
            'lamps.hg' => ['required', 'boolean'],
            'lamps.ng' => ['required', 'boolean'],
            'volts' => ['nullable', 'numeric', 'min:0', 'max:1000'],
            'instrument' => ['nullable', 'string', 'max:120'],
        ];
    }

    /** @return \stdClass a reading as the house file keeps it */
    public function reading(string $who): \stdClass
    {
        $lamps = (object) ['hn' => $this->boolean('lamps.hn'), 'hg' => $this->boolean('lamps.hg'), 'ng' => $this->boolean('lamps.ng')];
        $said = [
            'at_time' => now()->format('Y-m-d\TH:i:s\Z'),
            'who' => $who,
            'point' => $this->string('point')->toString(),
            'half' => $this->input('half'),
            'instrument' => $this->input('instrument'),
            'volts' => $this->filled('volts') ? $this->float('volts') : null,
            'lamps' => $lamps,
        ];

        return (object) array_filter($said, fn(mixed $value): bool => $value !== null);
    }
}
