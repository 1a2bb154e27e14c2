<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** What somebody outside answers on a page that was left, by what is asked. */
final class PageAnswersRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['answers' => ['required', 'array', 'max:120'], 'answers.*' => ['nullable', 'string', 'max:1000']];
    }

    /** @return array<string, string> what was answered at all */
    public function answers(): array
    {
        return array_filter(
            $this->array('answers'),
            fn(mixed $said, mixed $key): bool => is_string($said) && $said !== '' && preg_match('/^[a-z0-9-]{1,20}$/', (string) $key) === 1,
            ARRAY_FILTER_USE_BOTH,
        );
    }
}
