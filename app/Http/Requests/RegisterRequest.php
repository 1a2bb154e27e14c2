<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Support\Passwords;
use Illuminate\Foundation\Http\FormRequest;

/** A new crew and its first member. Whether the address has an account is not asked here: the answer would tell. */
final class RegisterRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'crew' => ['required', 'string', 'max:120'],
            'name' => ['required', 'string', 'max:120'],
            'email' => ['bail', 'required', 'string', 'max:190', 'email'],
            'password' => Passwords::rules(is_string($this->input('email')) ? $this->input('email') : null),
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return Passwords::messages();
    }
}
