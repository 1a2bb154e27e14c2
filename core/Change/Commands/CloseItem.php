<?php

declare(strict_types=1);

namespace Bouclier\Core\Change\Commands;

use Bouclier\Core\Change\Command;
use Bouclier\Core\House\House;
use Bouclier\Core\Live\Asker;
use Bouclier\Core\Records\OpenItems;

/** An open item closed with what shows that it is done. */
final readonly class CloseItem implements Command
{
    public function __construct(private string $entry, private string $evidence)
    {
    }

    public function on(House $house, Asker $by): House
    {
        return OpenItems::closed($house, $this->entry, $this->evidence, $by->name, $by->now);
    }

    public function summary(House $house): null
    {
        return null;
    }
}
