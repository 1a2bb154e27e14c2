<?php

declare(strict_types=1);

namespace Bouclier\Core\Faults;

use Bouclier\Core\House\Places;
use Bouclier\Core\House\Spot;
use Bouclier\Core\Network\Wear;

/** It trips at less than it should. */
final readonly class WeakDevice extends Worn
{
    private const MILLIAMPERES = [0.5, 2.0];

    /** What stands for one that opens by itself now and then: it needs no leakage for that. */
    private const BY_ITSELF = 0.01;

    public function __construct(Spot $at, private float $tripMa)
    {
        parent::__construct($at);
    }

    public static function name(): string
    {
        return 'weak_device';
    }

    public static function of(SaidOfFault $said): self
    {
        return new self($said->at, $said->tripMa());
    }

    public static function frequencies(): array
    {
        return [new Frequency('point', 0.025, 'A receptacle device has gone weak'), new Frequency(
            'circuit',
            0.015,
            'A protective breaker has gone weak',
        )];
    }

    public static function possibleAt(Surroundings $around): array
    {
        $weak = array_map(fn(float $ma): self => new self($around->at, $ma), self::MILLIAMPERES);

        return $around->hasProtector() && $around->hasGfci()
            ? [new Possible("weak_device:{$around->at->id()}", $weak, [new self($around->at, self::BY_ITSELF)])]
            : [];
    }

    protected function details(): array
    {
        return ['trip_ma' => $this->tripMa];
    }

    public function wear(): Wear
    {
        return Wear::Weak;
    }

    public function tripMa(): float
    {
        return $this->tripMa;
    }

    public function opensByItself(): bool
    {
        return $this->tripMa <= self::BY_ITSELF;
    }

    public function spoken(Places $places): string
    {
        return $this->opensByItself()
            ? "{$places->spot($this->at)} opens by itself"
            : "{$places->spot($this->at)} has gone weak";
    }
}
