<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Enums\Role;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** The role somebody of a crew is given: a guest's is not among them. */
final class RoleRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['role' => ['required', Rule::enum(Role::class)->except([Role::Inspector, Role::Householder])]];
    }

    public function role(): Role
    {
        return Role::from($this->string('role')->toString());
    }
}
