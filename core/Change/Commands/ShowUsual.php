<?php

declare(strict_types=1);

namespace Bouclier\Core\Change\Commands;

use Bouclier\Core\Change\Told;
use Bouclier\Core\Exchange\Body;
use Bouclier\Core\House\House;
use Bouclier\Core\Live\Asker;
use Bouclier\Core\Survey\Ghosts;
use Bouclier\Core\Survey\Taps;

/** What a room usually has drawn for confirming, or put away. */
final readonly class ShowUsual implements Told
{
    public function __construct(private string $area, private bool $shown)
    {
    }

    public static function told(Body $body): self
    {
        return new self($body->id('area'), $body->flag('shown'));
    }

    public function on(House $house, Asker $by): House
    {
        return Taps::withRoom(
            $house,
            $this->shown ? Ghosts::opened($house->area($this->area)) : Ghosts::closed($house->area($this->area)),
        );
    }

    public function summary(House $house): string
    {
        return "{$house->area($this->area)->code}: usual outlets " . ($this->shown ? 'drawn' : 'put away');
    }
}
