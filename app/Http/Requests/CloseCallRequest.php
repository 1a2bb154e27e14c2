<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** A call closed: a note of it, and what is left to do by when. */
final class CloseCallRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'note' => ['nullable', 'string', 'max:4000'],
            'left' => ['nullable', 'string', 'max:1000'],
            'due' => ['nullable', 'date_format:Y-m-d'],
        ];
    }

    /** @param 'note'|'left'|'due' $key */
    public function said(string $key): ?string
    {
        return $this->filled($key) ? $this->string($key)->toString() : null;
    }
}
