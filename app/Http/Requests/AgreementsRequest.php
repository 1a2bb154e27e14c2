<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** What a crew has agreed on. */
final class AgreementsRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['feed_mark' => ['nullable', 'string', 'max:200']];
    }

    public function feedMark(): ?string
    {
        return $this->filled('feed_mark') ? $this->string('feed_mark')->toString() : null;
    }
}
