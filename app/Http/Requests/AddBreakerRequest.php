<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Bouclier\Core\Change\Commands\AddBreaker;
use Bouclier\Core\House\BreakerType;
use Illuminate\Validation\Rule;

/** A breaker in a free slot. */
final class AddBreakerRequest extends CommandRequest
{
    /** @return array<string, list<mixed>> */
    protected function fields(): array
    {
        return [
            'slot' => ['required', 'integer', 'min:1', 'max:42'],
            'amps' => ['required', 'numeric', 'min:5', 'max:200'],
            'two_poles' => ['required', 'boolean'],
            'breaker' => ['required', Rule::enum(BreakerType::class)],
            'label' => ['nullable', 'string', 'max:120'],
        ];
    }

    public function command(): AddBreaker
    {
        return new AddBreaker(
            $this->integer('slot'),
            $this->float('amps'),
            $this->boolean('two_poles'),
            BreakerType::from($this->string('breaker')->toString()),
            $this->said('label'),
        );
    }
}
