<?php

declare(strict_types=1);

namespace Bouclier\Core\Change\Commands;

use Bouclier\Core\Change\Command;
use Bouclier\Core\House\House;
use Bouclier\Core\Live\Asker;
use Bouclier\Core\Records\OpenItem;
use Bouclier\Core\Records\OpenItems;

/** Something left to be done. */
final readonly class AddItem implements Command
{
    public function __construct(private OpenItem $item)
    {
    }

    public function on(House $house, Asker $by): House
    {
        return OpenItems::added($house, $this->item);
    }

    public function summary(House $house): null
    {
        return null;
    }
}
