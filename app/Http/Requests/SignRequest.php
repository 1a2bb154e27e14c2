<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** A name typed to sign a paper. */
final class SignRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['name' => ['required', 'string', 'max:120']];
    }

    public function name(): string
    {
        return trim($this->string('name')->toString());
    }
}
