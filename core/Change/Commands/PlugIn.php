<?php

declare(strict_types=1);

namespace Bouclier\Core\Change\Commands;

use Bouclier\Core\Change\Told;
use Bouclier\Core\Exchange\Body;
use Bouclier\Core\House\House;
use Bouclier\Core\Live\Asker;
use Bouclier\Core\Survey\Taps;

/** Something usual plugged in at an outlet, by its name. */
final readonly class PlugIn implements Told
{
    public function __construct(private string $point, private string $name)
    {
    }

    public static function told(Body $body): self
    {
        return new self($body->id('point'), $body->text('name', 120));
    }

    public function on(House $house, Asker $by): House
    {
        return Taps::appliance($house, $house->point($this->point), $this->name);
    }

    public function summary(House $house): null
    {
        return null;
    }
}
