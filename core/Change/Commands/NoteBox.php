<?php

declare(strict_types=1);

namespace Bouclier\Core\Change\Commands;

use Bouclier\Core\Change\Happening;
use Bouclier\Core\House\BoxState;
use Bouclier\Core\House\House;
use Bouclier\Core\Live\Asker;
use Bouclier\Core\Live\OpenBoxes;

/** How far a box is taken apart, or that it is made up again. */
final readonly class NoteBox implements Happening
{
    public function __construct(private string $point, private BoxState $state)
    {
    }

    public function on(House $house, Asker $by): House
    {
        return OpenBoxes::noted($house, $house->point($this->point), $this->state, $by->name, $by->now);
    }

    public function summary(House $house): string
    {
        return $this->state->label();
    }
}
