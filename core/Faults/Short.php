<?php

declare(strict_types=1);

namespace Bouclier\Core\Faults;

use Bouclier\Core\House\Conductor;
use Bouclier\Core\House\Places;
use Bouclier\Core\Network\Resistor;

/** Hot on neutral. */
final readonly class Short extends Resistive
{
    public static function name(): string
    {
        return 'short';
    }

    public static function places(): array
    {
        return ['point', 'cable', 'appliance'];
    }

    public static function frequencies(): array
    {
        return [
            new Frequency('point', 0.004, 'A short in a box'),
            new Frequency('cable', 0.003, 'A short in a cable'),
            new Frequency('appliance', 0.008, 'A short in an appliance'),
        ];
    }

    protected static function severities(): array
    {
        return [0.03, 0.2, 0.7, 4.0];
    }

    protected static function plain(): float
    {
        return 0.3;
    }

    public function resistor(): Resistor
    {
        return new Resistor(Conductor::Hot, Conductor::Neutral, $this->ohms);
    }

    public function spoken(Places $places): string
    {
        return "short in {$places->spot($this->at)}";
    }

    public function isBadInsulation(): bool
    {
        return true;
    }

    public function repair(Places $places): array
    {
        return BadInsulation::repair($this->at, $places);
    }

    public function proof(Places $places): string
    {
        return BadInsulation::proof($this->at);
    }
}
