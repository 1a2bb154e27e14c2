<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** A breaker that was turned off or on. */
final class BreakerRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['circuit' => ['required', 'string', 'max:80'], 'on' => ['required', 'boolean']];
    }

    public function circuit(): string
    {
        return $this->string('circuit')->toString();
    }

    public function isOn(): bool
    {
        return $this->boolean('on');
    }
}
