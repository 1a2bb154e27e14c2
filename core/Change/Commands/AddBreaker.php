<?php

declare(strict_types=1);

namespace Bouclier\Core\Change\Commands;

use Bouclier\Core\Change\Told;
use Bouclier\Core\Exchange\Body;
use Bouclier\Core\House\BreakerType;
use Bouclier\Core\House\House;
use Bouclier\Core\Live\Asker;
use Bouclier\Core\Survey\Taps;

/** A breaker in a free slot of the first panel. */
final readonly class AddBreaker implements Told
{
    public function __construct(
        private int $slot,
        private float $amps,
        private bool $twoPoles,
        private BreakerType $breaker,
        private ?string $label,
    ) {
    }

    public static function told(Body $body): self
    {
        return new self(
            $body->whole('slot', 1, 42),
            $body->number('amps', 5, 200),
            $body->flag('two_poles'),
            $body->choice('breaker', BreakerType::class),
            $body->maybeText('label', 120),
        );
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
