<?php

declare(strict_types=1);

namespace Bouclier\Core\Faults;

use Bouclier\Core\House\Spot;

/**
 * A resistor between two conductors: at an appliance or its cord while it is plugged in, at a point on its load side, in a cable at its far
 * end.
 */
abstract readonly class Resistive extends Fault
{
    final public function __construct(Spot $at, public float $ohms)
    {
        parent::__construct($at);
    }

    /** @return non-empty-list<float> ohms from severe to slight, near enough to each other that one is near the truth */
    abstract protected static function severities(): array;

    /** Ohms it is taken to have while it shows, where it comes and goes. */
    abstract protected static function plain(): float;

    final public static function of(SaidOfFault $said): static
    {
        return new static($said->at, $said->ohms());
    }

    final public static function possibleAt(Surroundings $around): array
    {
        $of = fn(float $ohms): static => new static($around->at, $ohms);

        return [new Possible(
            static::name() . ":{$around->at->kind()}:{$around->at->id()}",
            array_map($of, static::severities()),
            [$of(static::plain())],
        )];
    }

    final protected function details(): array
    {
        return ['ohms' => $this->ohms];
    }
}
