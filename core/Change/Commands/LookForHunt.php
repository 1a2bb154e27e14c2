<?php

declare(strict_types=1);

namespace Bouclier\Core\Change\Commands;

use Bouclier\Core\Change\Command;
use Bouclier\Core\House\House;
use Bouclier\Core\Live\Asker;
use Bouclier\Core\Live\BreakerHunt;

/** What the one at the outlet sees with those breakers off: facts of the house. */
final readonly class LookForHunt implements Command
{
    public function __construct(private BreakerHunt $hunt, private bool $wentOut)
    {
    }

    public function on(House $house, Asker $by): House
    {
        return $this->hunt->facts($house, $this->wentOut, $by->name, $by->now);
    }

    public function summary(House $house): null
    {
        return null;
    }
}
