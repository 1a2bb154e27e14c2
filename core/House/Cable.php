<?php

declare(strict_types=1);

namespace Bouclier\Core\House;

/** One run of cable or conduit between a breaker and a point, or between two points. */
final readonly class Cable
{
    use With;

    public function __construct(
        #[Said(Value::Id)]
        public string $id,
        public CableOrigin|CableEnd $from,
        public CableEnd $to,
        #[Said(Value::OneOf, null, 14, 12, 10, 8, 6, 4, 2)]
        public ?int $awg = null,
        public ?float $lengthFt = null,
        #[Said(Value::OneOf, null, 2, 3)]
        public ?int $conductors = null,
        public ?bool $ground = null,
        public ?WiringMethod $method = null,
        public ?bool $added = null,
        public ?float $strapFt = null,
        public ?Colours $colours = null,
        public ?string $mark = null,
        public ?object $x = null,
    ) {
    }

    /** Whether it leaves the panel on a circuit. */
    public function leaves(string $circuit): bool
    {
        return $this->from instanceof CableOrigin && in_array($circuit, $this->from->circuits, true);
    }

    /** The point this cable leaves, null for a home run. */
    public function fromPoint(): ?string
    {
        return $this->from instanceof CableEnd ? $this->from->point : null;
    }

    /** How this cable lands where it leaves a point, null for a home run. */
    public function landingAtStart(): ?Landing
    {
        return $this->from instanceof CableEnd ? $this->from->land() : null;
    }

    public function landingAtEnd(): Landing
    {
        return $this->to->land();
    }

    /** Whether it grounds what it feeds: by a wire, or by its metal. */
    public function grounds(): bool
    {
        return $this->ground !== false || $this->isGroundedByMetal();
    }

    /** Whether its metal is the ground it has: no wire runs in it for that. */
    public function isGroundedByMetal(): bool
    {
        return $this->ground === false && $this->method?->isMetal() === true;
    }

    /** Whether anything can flow through it: neither end is capped off. */
    public function isConnected(): bool
    {
        return $this->landingAtStart()?->isCapped() !== true && ! $this->landingAtEnd()->isCapped();
    }
}
