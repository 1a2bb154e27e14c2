<?php

declare(strict_types=1);

namespace Bouclier\Core\Change\Commands;

use Bouclier\Core\Change\Told;
use Bouclier\Core\Exchange\Body;
use Bouclier\Core\House\House;
use Bouclier\Core\Live\Asker;
use Bouclier\Core\Survey\Rooms;

/** An outlet that belongs to another room: its code follows, the old one still finds it. */
final readonly class MoveToRoom implements Told
{
    public function __construct(private string $point, private string $area)
    {
    }

    public static function told(Body $body): self
    {
        return new self($body->id('point'), $body->id('area'));
    }

    public function on(House $house, Asker $by): House
    {
        return Rooms::outletMoved($house, $house->point($this->point), $house->area($this->area));
    }

    public function summary(House $house): string
    {
        return "{$house->point($this->point)->code} to {$house->area($this->area)->code}";
    }
}
