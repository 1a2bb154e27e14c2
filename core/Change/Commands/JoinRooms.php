<?php

declare(strict_types=1);

namespace Bouclier\Core\Change\Commands;

use Bouclier\Core\Change\Command;
use Bouclier\Core\House\House;
use Bouclier\Core\Live\Asker;
use Bouclier\Core\Survey\Rooms;

/** Two rooms that are one. */
final readonly class JoinRooms implements Command
{
    public function __construct(private string $gone, private string $into)
    {
    }

    public function on(House $house, Asker $by): House
    {
        return Rooms::joined($house, $house->area($this->gone), $house->area($this->into));
    }

    public function summary(House $house): string
    {
        return "{$house->area($this->gone)->code} joined to {$house->area($this->into)->code}";
    }
}
