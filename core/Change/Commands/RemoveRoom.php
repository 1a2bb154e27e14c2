<?php

declare(strict_types=1);

namespace Bouclier\Core\Change\Commands;

use Bouclier\Core\Change\Told;
use Bouclier\Core\Exchange\Body;
use Bouclier\Core\House\House;
use Bouclier\Core\Live\Asker;
use Bouclier\Core\Survey\Removal;

/** A room taken out with what is in it. */
final readonly class RemoveRoom implements Told
{
    public function __construct(private string $area)
    {
    }

    public static function told(Body $body): self
    {
        return new self($body->id('id'));
    }

    public function on(House $house, Asker $by): House
    {
        return Removal::room($house, $house->area($this->area));
    }

    public function summary(House $house): null
    {
        return null;
    }
}
