<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Bouclier\Core\House\Edition;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** Two editions to be compared; what is not said is the one of the house, and an old one. */
final class EditionsRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['from' => ['nullable', Rule::enum(Edition::class)], 'to' => ['nullable', Rule::enum(Edition::class)]];
    }
}
