<?php

declare(strict_types=1);

namespace Bouclier\Core\Change\Commands;

use Bouclier\Core\Change\Happening;
use Bouclier\Core\House\House;
use Bouclier\Core\Live\Asker;
use Bouclier\Core\Live\BreakerHunt;
use Bouclier\Core\Live\Switching;

/** Breakers turned as the search for one asked. */
final readonly class FlipForHunt implements Happening
{
    public function __construct(private BreakerHunt $hunt)
    {
    }

    public function on(House $house, Asker $by): House
    {
        foreach ([[$this->hunt->on, true], [$this->hunt->off, false]] as [$circuits, $on]) {
            foreach ($circuits as $circuit) {
                $house = Switching::turned($house, $house->circuit($circuit), $on, $by->name, $by->now);
            }
        }

        return $house;
    }

    public function summary(House $house): string
    {
        return 'Breakers turned to find one';
    }
}
