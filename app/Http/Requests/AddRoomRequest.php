<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Bouclier\Core\Change\Commands\AddRoom;
use Bouclier\Core\House\AreaKind;
use Bouclier\Core\House\FixtureKind;
use Illuminate\Validation\Rule;

/** A room by its kind, with its water. */
final class AddRoomRequest extends CommandRequest
{
    /** @return array<string, list<mixed>> */
    protected function fields(): array
    {
        return [
            'kind' => ['required', Rule::enum(AreaKind::class)],
            'water' => ['array', 'max:8'],
            'water.*' => [Rule::enum(FixtureKind::class)],
        ];
    }

    public function command(): AddRoom
    {
        return new AddRoom(
            AreaKind::from($this->string('kind')->toString()),
            array_map(fn(string $kind): FixtureKind => FixtureKind::from($kind), $this->listed('water')),
        );
    }
}
