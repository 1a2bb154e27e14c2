<?php

declare(strict_types=1);

namespace Bouclier\Core\Change\Commands;

use Bouclier\Core\Change\Told;
use Bouclier\Core\Exchange\Body;
use Bouclier\Core\House\House;
use Bouclier\Core\House\Serves;
use Bouclier\Core\Live\Asker;
use Bouclier\Core\Survey\Ghosts;
use Bouclier\Core\Survey\Taps;

/** Something a room usually has that is not there. */
final readonly class StrikeOut implements Told
{
    public function __construct(private string $area, private Serves $serves)
    {
    }

    public static function told(Body $body): self
    {
        return new self($body->id('area'), $body->choice('serves', Serves::class));
    }

    public function on(House $house, Asker $by): House
    {
        return Taps::withRoom($house, Ghosts::struckOut($house->area($this->area), $this->serves));
    }

    public function summary(House $house): string
    {
        return "{$house->area($this->area)->code}: no " . mb_strtolower($this->serves->label());
    }
}
