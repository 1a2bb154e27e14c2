<?php

declare(strict_types=1);

namespace Bouclier\Core\Change\Commands;

use Bouclier\Core\Change\Command;
use Bouclier\Core\House\Entries\OpenItem;
use Bouclier\Core\House\House;
use Bouclier\Core\Live\Asker;

/** Something left to be done. */
final readonly class AddItem implements Command
{
    public function __construct(private OpenItem $item)
    {
    }

    public function on(House $house, Asker $by): House
    {
        return $house->withEntry($this->item->stamped($by->name, $by->now));
    }

    public function summary(House $house): null
    {
        return null;
    }
}
