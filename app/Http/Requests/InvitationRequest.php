<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Http\SignedIn;
use App\Models\Enums\Role;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** Somebody to be asked into the crew; a guest with one house and a last day. */
final class InvitationRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        $guests = implode(',', [Role::Inspector->value, Role::Householder->value]);

        return [
            'email' => ['bail', 'required', 'string', 'max:190', 'email'],
            'role' => ['required', Rule::enum(Role::class)],
            'house' => [
                'bail',
                'nullable',
                "required_if:role,$guests",
                'string',
                Rule::exists('houses', 'id')->where('crew_id', SignedIn::crew($this)->id),
            ],
            'until' => [
                'bail', 'nullable', "required_if:role,$guests", 'string', 'date_format:Y-m-d', 'after_or_equal:today', 'before:+2 years',
            ],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'house.required_if' => 'A guest sees one house: say which.',
            'until.required_if' => 'Say until which day.',
            'until.after_or_equal' => 'That day is over.',
        ];
    }

    /** @return array<string, mixed> */
    public function invited(): array
    {
        $role = Role::from($this->string('role')->toString());

        return [
            'email' => $this->string('email')->toString(),
            'role' => $role,
            'house_id' => $role->isGuest() ? $this->string('house')->toString() : null,
            'guest_until' => $role->isGuest() ? $this->string('until')->toString() : null,
        ];
    }
}
