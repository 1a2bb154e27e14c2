<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** A search begun at an outlet, or an answer to the step it is at. */
final class HuntRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'point' => ['required_without:step', 'string', 'max:80'],
            'step' => ['required_without:point', 'integer', 'min:0'],
            'out' => ['sometimes', 'boolean'],
        ];
    }

    public function point(): string
    {
        return $this->string('point')->toString();
    }

    public function step(): int
    {
        return $this->integer('step');
    }

    public function wentOut(): bool
    {
        return $this->boolean('out');
    }
}
