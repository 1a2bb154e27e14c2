<?php

declare(strict_types=1);

namespace Bouclier\Core\Change\Commands;

use Bouclier\Core\Change\Told;
use Bouclier\Core\Exchange\Body;
use Bouclier\Core\House\House;
use Bouclier\Core\Live\Asker;
use Bouclier\Core\Survey\Rooms;

/** Two rooms that are one. */
final readonly class JoinRooms implements Told
{
    public function __construct(private string $gone, private string $into)
    {
    }

    public static function told(Body $body): self
    {
        $gone = $body->id('gone');
        $into = $body->id('into');

        return $gone === $into ? $body->wrong('into', 'must be another room') : new self($gone, $into);
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
