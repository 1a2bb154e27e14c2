<?php

declare(strict_types=1);

namespace Bouclier\Core\Change\Commands;

use Bouclier\Core\Change\Happening;
use Bouclier\Core\House\Entries\OfferAccepted;
use Bouclier\Core\House\House;
use Bouclier\Core\Live\Asker;

/** What a customer has accepted is filed: no undo turns it back. */
final readonly class FileAcceptance implements Happening
{
    public function __construct(private OfferAccepted $accepted)
    {
    }

    public function on(House $house, Asker $by): House
    {
        return $house->withEntry($this->accepted->stamped($by->name, $by->now));
    }

    public function summary(House $house): string
    {
        return "Accepted by {$this->accepted->acceptedBy}";
    }
}
