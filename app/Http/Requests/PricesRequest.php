<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Bouclier\Core\Plan\Item;
use Bouclier\Core\Plan\PriceTable;
use Bouclier\Core\Plan\Task;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** One price, one time, what an hour costs, or the licence offers name; a value that is not there puts ours back. */
final class PricesRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'prices' => ['sometimes', Rule::in(array_column(Item::cases(), 'value'))],
            'minutes' => ['sometimes', Rule::in(array_column(Task::cases(), 'value'))],
            'rate_per_hour' => ['sometimes', 'boolean'],
            'licence' => ['sometimes', 'nullable', 'string', 'max:60'],
            'value' => ['nullable', 'numeric', 'min:0', 'max:1000000'],
        ];
    }

    /** A table with what was said. */
    public function said(PriceTable $table): PriceTable
    {
        $value = $this->filled('value') ? $this->float('value') : null;

        return match (true) {
            $this->filled('prices') => $table->with(Item::from($this->string('prices')->toString()), $value),
            $this->filled('minutes') => $table->with(Task::from($this->string('minutes')->toString()), $value),
            $this->boolean('rate_per_hour') => $table->withRate($value),
            default => $table,
        };
    }
}
