<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Bouclier\Core\Exchange\Csv;
use Bouclier\Core\Exchange\OutletCsv;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** A table of outlets as text, and which of its columns is which of ours. */
final class OutletTableRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'revision' => ['sometimes', 'integer', 'min:0'],
            'csv' => ['bail', 'required', 'string', 'max:6000000', function (string $attribute, mixed $csv, \Closure $fail): void {
                $why = OutletCsv::tooLarge(is_string($csv) ? $csv : '');
                $why === null ? null : $fail($why);
            }],
            'mapping' => ['sometimes', 'array'],
            'mapping.*' => ['nullable', Rule::in([...OutletCsv::COLUMNS, '-'])],
            'skip_bad_rows' => ['sometimes', 'boolean'],
        ];
    }

    public function revision(): int
    {
        return $this->integer('revision');
    }

    /** @return list<list<string>> */
    public function cells(): array
    {
        return Csv::cells($this->string('csv')->toString());
    }

    /** @return array<int, string> our column by the place of theirs */
    public function mapping(): array
    {
        $mapping = [];
        foreach ($this->array('mapping') as $place => $column) {
            if (is_string($column)) {
                $mapping[(int) $place] = $column;
            }
        }

        return $mapping;
    }
}
