<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Bouclier\Core\Change\Commands\JoinRooms;

/** Two rooms that are one. */
final class JoinRoomsRequest extends CommandRequest
{
    /** @return array<string, list<mixed>> */
    protected function fields(): array
    {
        return [
            'gone' => ['required', 'string', 'max:80', 'different:into'],
            'into' => ['required', 'string', 'max:80'],
        ];
    }

    public function command(): JoinRooms
    {
        return new JoinRooms($this->string('gone')->toString(), $this->string('into')->toString());
    }
}
