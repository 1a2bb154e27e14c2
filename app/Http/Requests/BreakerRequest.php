<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Bouclier\Core\Change\Commands\TurnBreaker;
use Illuminate\Foundation\Http\FormRequest;

/** A breaker that was turned off or on. */
final class BreakerRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['circuit' => ['required', 'string', 'max:80'], 'on' => ['required', 'boolean']];
    }

    public function command(): TurnBreaker
    {
        return new TurnBreaker($this->string('circuit')->toString(), $this->boolean('on'));
    }
}
