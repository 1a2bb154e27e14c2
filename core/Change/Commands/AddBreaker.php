<?php

declare(strict_types=1);

namespace Bouclier\Core\Change\Commands;

use Bouclier\Core\Change\Command;
use Bouclier\Core\House\BreakerType;
use Bouclier\Core\House\House;
use Bouclier\Core\Live\Asker;
use Bouclier\Core\Survey\Taps;

/** A breaker in a free slot of the first panel. */
final readonly class AddBreaker implements Command
{
    public function __construct(
        private int $slot,
        private float $amps,
        private bool $twoPoles,
        private BreakerType $breaker,
        private ?string $label,
    ) {
    }

    public function on(House $house, Asker $by): House
    {
        return Taps::breaker($house, $this->slot, $this->amps, $this->twoPoles, $this->breaker, $this->label);
    }

    public function summary(House $house): null
    {
        return null;
    }
}
