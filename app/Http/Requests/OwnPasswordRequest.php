<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** What takes the password of who is signed in once more. */
final class OwnPasswordRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['password' => ['bail', 'required', 'string', 'current_password']];
    }
}
