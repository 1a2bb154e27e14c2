<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Persistence\PartMap;
use Bouclier\Core\Change\Commands\Edit;
use Bouclier\Core\Change\PartChange;
use Bouclier\Core\Change\Patch;
use Illuminate\Validation\Rule;

/**
 * Changes to parts of a house, made on a named revision: `{ revision, changes: [ { in, id, set } ] }`. What a part may hold is the
 * house file's schema to say; here only the envelope is checked.
 */
final class ChangeRequest extends OnRevisionRequest
{
    private const ONLY_ADDED = ['observations', 'tests', 'records'];

    /** @return array<string, list<mixed>> */
    protected function fields(): array
    {
        return [
            'changes' => ['required', 'array', 'max:500'],
            'changes.*.in' => ['required', Rule::in([PartChange::HOUSE, ...array_column(PartMap::cases(), 'value')])],
            'changes.*.id' => ['required_unless:changes.*.in,' . PartChange::HOUSE, 'string', 'max:80'],
            'changes.*.set' => ['present', 'nullable', 'array'],
            // What was read, tested and proved is only added, each by its own way.
            ...array_fill_keys(
                array_map(fn(string $list): string => "changes.*.set.$list", self::ONLY_ADDED),
                ['prohibited_if:changes.*.in,' . PartChange::HOUSE],
            ),
        ];
    }

    /** Read from the body itself, where an empty object and an empty list are still two things. */
    public function command(): Edit
    {
        $body = json_decode($this->getContent(), false, 512);
        $patches = [];
        foreach ($body instanceof \stdClass && is_array($body->changes ?? null) ? $body->changes : [] as $change) {
            $set = $change->set ?? null;
            $patches[] = new Patch(
                $change->in,
                $change->id ?? '',
                $set instanceof \stdClass ? $set : ($set === null ? null : new \stdClass()),
            );
        }

        return new Edit($patches);
    }
}
