<?php

declare(strict_types=1);

namespace Bouclier\Core\Faults;

use Bouclier\Core\House\Conductor;
use Bouclier\Core\House\House;
use Bouclier\Core\House\Places;
use Bouclier\Core\Network\Resistor;

/** Neutral touches ground beyond a device. */
final readonly class NeutralGround extends Resistive
{
    public static function name(): string
    {
        return 'neutral_ground';
    }

    public static function places(): array
    {
        return ['point', 'cable'];
    }

    public static function frequencies(): array
    {
        return [new Frequency('point', 0.014, 'Neutral touches ground in a box'), new Frequency(
            'cable',
            0.006,
            'Neutral touches ground in a cable',
        )];
    }

    protected static function severities(): array
    {
        return [0.4, 2.0, 12.0];
    }

    protected static function plain(): float
    {
        return 0.5;
    }

    public function resistor(): Resistor
    {
        return new Resistor(Conductor::Neutral, Conductor::Ground, $this->ohms);
    }

    public function shows(House $house): array
    {
        return $this->at->point !== null ? ['ground_on_neutral' => 0.8] : [];
    }

    public function isHandwork(): bool
    {
        return true;
    }

    public function isHiddenFromTester(): bool
    {
        return true;
    }

    public function spoken(Places $places): string
    {
        return 'neutral touches ground in ' . ($this->at->cable === null ? 'the box of ' : '') . $places->spot($this->at);
    }

    public function isBadInsulation(): bool
    {
        return $this->at->cable !== null;
    }

    public function repair(Places $places): array
    {
        return [
            self::dead($this->end($places)),
            $this->at->cable !== null
                ? 'Find where the bare ground or the box clamp bites into the cable; cut back, or replace it.'
                : 'Fold the ground clear of the neutral terminal, or sleeve it. No white under a ground screw.',
        ];
    }

    public function proof(Places $places): string
    {
        return 'With the breaker off and appliances unplugged, neutral to ground reads open at the box; then it holds under load.';
    }
}
