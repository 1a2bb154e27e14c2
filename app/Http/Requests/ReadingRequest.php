<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Bouclier\Core\Change\Commands\FileReading;
use Bouclier\Core\House\Between;
use Bouclier\Core\House\Entries\LampsRead;
use Bouclier\Core\House\Entries\MeterReading;
use Bouclier\Core\House\Half;
use Bouclier\Core\House\Terminals;
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

    public function command(): FileReading
    {
        $lamps = $this->has('lamps')
            ? new LampsRead($this->boolean('lamps.hn'), $this->boolean('lamps.hg'), $this->boolean('lamps.ng'))
            : null;

        return new FileReading(new MeterReading(
            point: $this->string('point')->toString(),
            cable: $this->filled('ma') ? $this->said('cable') : null,
            half: Half::tryFrom($this->said('half') ?? ''),
            instrument: $this->said('instrument'),
            terminals: Terminals::tryFrom($this->said('terminals') ?? ''),
            between: Between::tryFrom($this->said('between') ?? ''),
            volts: $this->filled('volts') ? $this->float('volts') : null,
            lit: $this->has('lit') ? $this->boolean('lit') : null,
            glows: $this->has('glows') ? $this->boolean('glows') : null,
            lamps: $lamps,
            ma: $this->filled('ma') ? $this->float('ma') : null,
        ));
    }

    private function said(string $key): ?string
    {
        return $this->filled($key) ? $this->string($key)->toString() : null;
    }
}
