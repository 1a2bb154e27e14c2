<?php

declare(strict_types=1);

namespace Bouclier\Core\House;

/** A branch circuit or feeder at its breaker. Properties are as written (null: not said); methods give what the format then takes. */
final readonly class Circuit
{
    use With;

    public function __construct(
        #[Said(Value::Id)]
        public string $id,
        #[Said(Value::Id)]
        public string $panel,
        public string $slot,
        public string $label,
        #[Said(Value::Positive)]
        public float $amps,
        #[Said(Value::OneOf, null, 120, 240)]
        public ?float $volts = null,
        #[Said(Value::OneOf, null, 1, 2)]
        public ?int $poles = null,
        public ?BreakerType $breaker = null,
        public ?Leg $leg = null,
        #[Said(Value::Id)]
        public ?string $multiwireWith = null,
        public ?bool $handleTie = null,
        public ?BreakerListing $breakerListing = null,
        public ?bool $gfElement = null,
        #[Said(Value::Since)]
        public ?string $installedOn = null,
        public ?bool $selfTest = null,
        public ?bool $commonTrip = null,
        public ?object $x = null,
    ) {
    }

    /** Volts between the circuit's conductors: 120 or 240. */
    public function volts(): float
    {
        return $this->volts ?? 120.0;
    }

    /** Whether it is of both legs: 240 V. */
    public function isOfBothLegs(): bool
    {
        return $this->volts() > 150.0;
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

    /** Nothing that was said of the breaker before holds of the one that is bought: on a shared neutral a protective one has two poles. */
    public function withNewBreaker(BreakerType $breaker): self
    {
        $isTwoPole = $this->multiwireWith !== null && $breaker->isProtective();

        return $this->with(
            breaker: $breaker,
            commonTrip: $isTwoPole ? true : null,
            handleTie: $isTwoPole ? true : $this->handleTie,
            breakerListing: null,
            gfElement: null,
            installedOn: null,
            selfTest: $breaker === BreakerType::Standard ? null : true,
        );
    }
}
