<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** Where who lives in the house is reminded of its tests, if anywhere. */
final class LeavePageRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['mail' => ['nullable', 'string', 'email:filter', 'max:254']];
    }

    public function mail(): ?string
    {
        return $this->filled('mail') ? $this->string('mail')->toString() : null;
    }
}
