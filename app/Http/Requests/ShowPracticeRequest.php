<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** Whether the owner of the crew may see how somebody's practice goes. */
final class ShowPracticeRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['shows' => ['required', 'boolean']];
    }

    public function shows(): bool
    {
        return $this->boolean('shows');
    }
}
