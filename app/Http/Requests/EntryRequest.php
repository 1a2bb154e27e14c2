<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Bouclier\Core\Change\Commands\EnterLine;
use Illuminate\Foundation\Http\FormRequest;

/** A line of quick entry as far as it is typed, with the room and outlet of the line before. */
final class EntryRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'line' => ['present', 'nullable', 'string', 'max:400'],
            'area' => ['nullable', 'string', 'max:80'],
            'last' => ['nullable', 'string', 'max:80'],
        ];
    }

    public function line(): EnterLine
    {
        return new EnterLine(
            $this->string('line')->toString(),
            $this->filled('area') ? $this->string('area')->toString() : null,
            $this->filled('last') ? $this->string('last')->toString() : null,
        );
    }
}
