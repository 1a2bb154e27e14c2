<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Bouclier\Core\Change\Commands\AddItem;
use Bouclier\Core\House\Entries\OpenItem;
use Illuminate\Foundation\Http\FormRequest;

/** Something left to be done, or demanded by an inspector in writing. It is only added to the house, so it needs no revision. */
final class OpenItemRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'text' => ['required', 'string', 'max:1000'],
            'source' => ['nullable', 'string', 'max:200'],
            'point' => ['nullable', 'string', 'max:80'],
            'due' => ['nullable', 'date_format:Y-m-d'],
        ];
    }

    public function command(): AddItem
    {
        $said = fn(string $key): ?string => $this->filled($key) ? $this->string($key)->toString() : null;

        return new AddItem(new OpenItem($said('text') ?? '', point: $said('point'), source: $said('source'), due: $said('due')));
    }
}
