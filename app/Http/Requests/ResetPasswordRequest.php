<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Support\Passwords;
use Illuminate\Foundation\Http\FormRequest;

/** A new password, by the link that came by mail. */
final class ResetPasswordRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'token' => ['required', 'string', 'max:200'],
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
