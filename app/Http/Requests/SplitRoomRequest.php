<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Bouclier\Core\Change\Commands\SplitRoom;
use Bouclier\Core\House\AreaKind;
use Illuminate\Validation\Rule;

/** A room that is two. */
final class SplitRoomRequest extends CommandRequest
{
    /** @return array<string, list<mixed>> */
    protected function fields(): array
    {
        return [
            'area' => ['required', 'string', 'max:80'],
            'kind' => ['required', Rule::enum(AreaKind::class)],
            'name' => ['required', 'string', 'max:120'],
            'points' => ['array', 'max:200'],
            'points.*' => ['string', 'max:80'],
            'fixtures' => ['array', 'max:20'],
            'fixtures.*' => ['string', 'max:80'],
        ];
    }

    public function command(): SplitRoom
    {
        return new SplitRoom(
            $this->string('area')->toString(),
            AreaKind::from($this->string('kind')->toString()),
            $this->string('name')->toString(),
            $this->listed('points'),
            $this->listed('fixtures'),
        );
    }
}
