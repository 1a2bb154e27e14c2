<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Bouclier\Core\Change\Commands\ProveDead;
use Bouclier\Core\House\Between;
use Bouclier\Core\House\Entries\VoltReading;
use Bouclier\Core\House\Half;
use Bouclier\Core\House\ProofWay;
use Bouclier\Core\House\Terminals;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/**
 * Readings that are to prove a point dead: known live, every place at the point, known live again. Whether they do is the core's to say.
 */
final class ProofRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        $volts = ['nullable', 'numeric', 'min:0', 'max:1000'];

        return [
            'point' => ['required', 'string', 'max:80'],
            'live_before' => $volts,
            'live_after' => $volts,
            'known_live' => ['nullable', 'string', 'max:80'],
            'low_z' => ['required', 'boolean'],
            'way' => ['required', Rule::enum(ProofWay::class)],
            'reference' => ['required', 'boolean'],
            'readings' => ['present', 'array', 'max:200'],
            'readings.*.half' => ['nullable', Rule::enum(Half::class)],
            'readings.*.pair' => ['nullable', 'string', 'max:1'],
            'readings.*.terminals' => ['nullable', Rule::enum(Terminals::class)],
            'readings.*.between' => ['required', Rule::enum(Between::class)],
            'readings.*.volts' => ['required', 'numeric', 'min:0', 'max:1000'],
        ];
    }

    public function command(): ProveDead
    {
        return new ProveDead(
            $this->point(),
            ProofWay::from($this->string('way')->toString()),
            $this->knownLive('live_before'),
            $this->dead(),
            $this->knownLive('live_after'),
        );
    }

    private function point(): string
    {
        return $this->string('point')->toString();
    }

    /** Held against the reference lead where one is used: a lead that is not grounded reads nothing anywhere. */
    private function knownLive(string $when): ?VoltReading
    {
        return $this->filled($when) ? new VoltReading(
            $this->float($when),
            $this->filled('known_live') ? $this->string('known_live')->toString() : null,
            between: $this->boolean('reference') ? Between::HotReference : null,
        ) : null;
    }

    /** @return list<VoltReading> */
    private function dead(): array
    {
        $readings = [];
        foreach (array_keys($this->array('readings')) as $key) {
            $text = fn(string $field): ?string => is_string(
                $this->input("readings.$key.$field"),
            ) ? $this->input("readings.$key.$field") : null;
            $readings[] = new VoltReading(
                $this->float("readings.$key.volts"),
                $this->point(),
                Half::tryFrom($text('half') ?? ''),
                $text('pair'),
                Between::tryFrom($text('between') ?? ''),
                $this->boolean('low_z'),
                Terminals::tryFrom($text('terminals') ?? ''),
            );
        }

        return $readings;
    }
}
