<?php

declare(strict_types=1);

namespace Bouclier\Core\House;

/** A branch circuit or feeder at its breaker. Properties are as written (null: not said); methods give what the format then takes. */
final readonly class Circuit
{
    use With;

    public function __construct(
        public string $id,
        public string $panel,
        public string $slot,
        public string $label,
        public float $amps,
        public ?float $volts = null,
        public ?int $poles = null,
        public ?BreakerType $breaker = null,
        public ?Leg $leg = null,
        public ?string $multiwireWith = null,
        public ?bool $handleTie = null,
        public ?BreakerListing $breakerListing = null,
        public ?bool $gfElement = null,
        public ?string $installedOn = null,
        public ?bool $selfTest = null,
        public ?object $x = null,
    ) {
    }

    /** Volts between the circuit's conductors: 120 or 240. */
    public function volts(): float
    {
        return $this->volts ?? 120.0;
    }

    public function poles(): int
    {
        return $this->poles ?? 1;
    }

    public function breaker(): BreakerType
    {
        return $this->breaker ?? BreakerType::Standard;
    }

    public function leg(): Leg
    {
        return $this->leg ?? Leg::A;
    }
}
