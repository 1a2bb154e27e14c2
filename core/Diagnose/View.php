<?php

declare(strict_types=1);

namespace Bouclier\Core\Diagnose;

use Bouclier\Core\Network\HouseGrid;
use Bouclier\Core\Network\Solution;

/** The network of a house in one condition with one cause in it, solved. */
final readonly class View
{
    public function __construct(
        public HouseGrid $grid,
        public Solution $solution,
    ) {
    }

    public function faceVolts(string $point): float
    {
        [$hot, $neutral] = $this->grid->faces[$point];

        return $this->solution->between($hot, $neutral);
    }

    public function lineVolts(string $point): float
    {
        [$hot, , $neutral] = $this->grid->boxes[$point];

        return $this->solution->between($hot, $neutral);
    }
}
