<?php

declare(strict_types=1);

namespace Bouclier\Core\Change\Commands;

use Bouclier\Core\Change\Happening;
use Bouclier\Core\House\House;
use Bouclier\Core\Live\Asker;
use Bouclier\Core\Live\Switching;

/** A breaker turned as part of a test: turned on, power came to its circuit, so what is before it is on too. */
final readonly class TurnForTest implements Happening
{
    public function __construct(private string $circuit, private bool $on)
    {
    }

    public function on(House $house, Asker $by): House
    {
        $circuit = $house->circuit($this->circuit);

        return $this->on
            ? Switching::powered($house, $circuit, $by->name, $by->now)
            : Switching::turned($house, $circuit, false, $by->name, $by->now);
    }

    public function summary(House $house): string
    {
        return 'A breaker turned for a test';
    }
}
