<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Http\SignedIn;
use App\Support\Passwords;
use Illuminate\Foundation\Http\FormRequest;

/** A new password of one's own, with the one before. */
final class PasswordRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['current' => [
            'bail',
            'required',
            'string',
            'current_password',
        ], 'password' => Passwords::rules(SignedIn::user($this)->email)];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['current.current_password' => 'This is not the password so far.', ...Passwords::messages()];
    }
}
