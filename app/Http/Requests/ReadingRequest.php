<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Support\Clock;
use Bouclier\Core\House\Between;
use Bouclier\Core\Live\Terminals;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/**
 * What an instrument showed at an outlet: the lamps of a tester, the volts of a meter, the milliamperes of a clamp. It is only added to the
 * house, so it needs no revision: what was read live is taken from a phone that has not heard of the last change, too.
 */
final class ReadingRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'point' => ['required', 'string', 'max:80'],
            'half' => ['nullable', Rule::in(['top', 'bottom'])],
            'lamps' => ['required_without_all:volts,ma,lit,glows', 'array:hn,hg,ng'],
            'lamps.hn' => ['required_with:lamps', 'boolean'],
            'lamps.hg' => ['required_with:lamps', 'boolean'],
            'lamps.ng' => ['required_with:lamps', 'boolean'],
            'volts' => ['nullable', 'numeric', 'min:0', 'max:1000'],
            'between' => ['nullable', Rule::enum(Between::class)],
            'terminals' => ['nullable', Rule::enum(Terminals::class)],
            'lit' => ['sometimes', 'boolean'],
            'glows' => ['sometimes', 'boolean'],
            'ma' => ['nullable', 'numeric', 'min:0', 'max:200000'],
            'cable' => ['required_with:ma', 'string', 'max:80'],
            'instrument' => ['nullable', 'string', 'max:120'],
        ];
    }

    /** @return \stdClass a reading as the house file keeps it */
    public function reading(string $who): \stdClass
    {
        $lamps = ! $this->has('lamps')
            ? null
            : (object) ['hn' => $this->boolean('lamps.hn'), 'hg' => $this->boolean('lamps.hg'), 'ng' => $this->boolean('lamps.ng')];
        $said = [
            'at_time' => Clock::now(),
            'who' => $who,
            'point' => $this->string('point')->toString(),
            'half' => $this->input('half'),
            'instrument' => $this->input('instrument'),
            'volts' => $this->filled('volts') ? $this->float('volts') : null,
            'between' => $this->input('between'),
            'terminals' => $this->input('terminals'),
            'lit' => $this->has('lit') ? $this->boolean('lit') : null,
            'glows' => $this->has('glows') ? $this->boolean('glows') : null,
            'cable' => $this->filled('ma') ? $this->input('cable') : null,
            'ma' => $this->filled('ma') ? $this->float('ma') : null,
            'lamps' => $lamps,
        ];

        return (object) array_filter($said, fn(mixed $value): bool => $value !== null);
    }
}
