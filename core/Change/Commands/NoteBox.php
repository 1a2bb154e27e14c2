<?php

declare(strict_types=1);

namespace Bouclier\Core\Change\Commands;

use Bouclier\Core\Change\Happening;
use Bouclier\Core\Change\Told;
use Bouclier\Core\Exchange\Body;
use Bouclier\Core\House\BoxState;
use Bouclier\Core\House\House;
use Bouclier\Core\Live\Asker;
use Bouclier\Core\Live\OpenBoxes;

/** How far a box is taken apart, or that it is made up again. */
final readonly class NoteBox implements Happening, Told
{
    public function __construct(private string $point, private BoxState $state)
    {
    }

    public static function told(Body $body): self
    {
        return new self($body->id('point'), $body->choice('state', BoxState::class));
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
