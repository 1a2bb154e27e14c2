<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Bouclier\Core\Change\Commands\MoveToRoom;

/** An outlet that belongs to another room. */
final class MoveToRoomRequest extends CommandRequest
{
    /** @return array<string, list<mixed>> */
    protected function fields(): array
    {
        return [
            'point' => ['required', 'string', 'max:80'],
            'area' => ['required', 'string', 'max:80'],
        ];
    }

    public function command(): MoveToRoom
    {
        return new MoveToRoom($this->string('point')->toString(), $this->string('area')->toString());
    }
}
