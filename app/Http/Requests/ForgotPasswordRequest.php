<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** The address of an account whose password is not known any more. */
final class ForgotPasswordRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['email' => ['bail', 'required', 'string', 'max:190', 'email']];
    }
}
