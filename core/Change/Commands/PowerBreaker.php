<?php

declare(strict_types=1);

namespace Bouclier\Core\Change\Commands;

use Bouclier\Core\Change\Happening;
use Bouclier\Core\House\House;
use Bouclier\Core\Live\Asker;
use Bouclier\Core\Live\Switching;

/** Power that came to a circuit in a test: its breaker, and the mains before it. */
final readonly class PowerBreaker implements Happening
{
    public function __construct(private string $circuit)
    {
    }

    public function on(House $house, Asker $by): House
    {
        return Switching::powered($house, $house->circuit($this->circuit), $by->name, $by->now);
    }

    public function summary(House $house): string
    {
        return 'A breaker turned for a test';
    }
}
