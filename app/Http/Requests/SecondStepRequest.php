<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** A code of the second step, from the phone or from paper. */
final class SecondStepRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['code' => ['required', 'string', 'max:40']];
    }

    /** Without the spaces it is written with. */
    public function code(): string
    {
        return strtolower((string) preg_replace('/\s+/', '', $this->string('code')->toString()));
    }
}
