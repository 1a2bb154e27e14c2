<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** A line of quick entry, with the room and outlet of the line before. */
final class EntryRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'revision' => ['sometimes', 'integer', 'min:0'],
            'line' => ['present', 'nullable', 'string', 'max:400'],
            'area' => ['nullable', 'string', 'max:80'],
            'last' => ['nullable', 'string', 'max:80'],
        ];
    }

    public function revision(): int
    {
        return $this->integer('revision');
    }

    public function line(): string
    {
        return $this->string('line')->toString();
    }

    public function area(): ?string
    {
        return $this->filled('area') ? $this->string('area')->toString() : null;
    }

    public function last(): ?string
    {
        return $this->filled('last') ? $this->string('last')->toString() : null;
    }
}
