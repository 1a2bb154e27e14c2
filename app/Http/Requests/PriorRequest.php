<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Bouclier\Core\Diagnose\Priors;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** How often a cause is found, by the crew; none puts back the number that ships. */
final class PriorRequest extends FormRequest
{
    /** The number as it stands in the table: a cause is said as so many of a hundred calls. */
    public function kept(): ?float
    {
        $value = $this->input('value') === null ? null : $this->float('value');

        return $value !== null && Priors::isCause($this->string('name')->toString()) ? Priors::standingFor($value) : $value;
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'name' => ['required', Rule::in(array_keys(Priors::table()))],
            'value' => ['present', 'nullable', 'numeric', 'gt:0', 'max:100'],
        ];
    }
}
