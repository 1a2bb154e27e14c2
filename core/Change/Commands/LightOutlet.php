<?php

declare(strict_types=1);

namespace Bouclier\Core\Change\Commands;

use Bouclier\Core\Change\Command;
use Bouclier\Core\House\House;
use Bouclier\Core\Live\Asker;
use Bouclier\Core\Live\BreakerHunt;

/** A light lit in an outlet whose breaker is looked for. */
final readonly class LightOutlet implements Command
{
    public function __construct(private string $point)
    {
    }

    public function on(House $house, Asker $by): House
    {
        return BreakerHunt::lit($house, $house->point($this->point)->id, true, $by->name, $by->now);
    }

    public function summary(House $house): string
    {
        return 'A light lit in an outlet';
    }
}
