<?php

declare(strict_types=1);

namespace Bouclier\Core\Change\Commands;

use Bouclier\Core\Change\Command;
use Bouclier\Core\House\House;
use Bouclier\Core\Live\Asker;
use Bouclier\Core\Survey\Removal;

/** A room taken out with what is in it. */
final readonly class RemoveRoom implements Command
{
    public function __construct(private string $area)
    {
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
