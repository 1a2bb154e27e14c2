<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Invitation;
use App\Models\User;
use App\Support\Passwords;
use Illuminate\Foundation\Http\FormRequest;

/** An invitation that is taken: by who has an account with that alone, by others with a name and a password. */
final class AcceptInvitationRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return $this->user() instanceof User
            ? []
            : ['name' => ['required', 'string', 'max:120'], 'password' => Passwords::rules($this->invitation()->email)];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return Passwords::messages();
    }

    private function invitation(): Invitation
    {
        $token = $this->route('token');

        return Invitation::byToken(is_string($token) ? $token : '');
    }
}
