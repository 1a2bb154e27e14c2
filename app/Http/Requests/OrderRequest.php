<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Validation\Rule;

/** A room or an outlet to be moved in the walking order, or taken out of the house. */
final class OrderRequest extends OnRevisionRequest
{
    /** @return array<string, list<mixed>> */
    protected function fields(): array
    {
        return [
            'in' => ['required', Rule::in(['areas', 'points'])],
            'id' => ['required', 'string', 'max:80'],
            'before' => ['nullable', 'string', 'max:80'],
        ];
    }

    public function isRoom(): bool
    {
        return $this->input('in') === 'areas';
    }

    public function part(): string
    {
        return $this->string('id')->toString();
    }

    public function before(): ?string
    {
        return $this->filled('before') ? $this->string('before')->toString() : null;
    }
}
