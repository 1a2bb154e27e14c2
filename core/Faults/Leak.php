<?php

declare(strict_types=1);

namespace Bouclier\Core\Faults;

use Bouclier\Core\House\Conductor;
use Bouclier\Core\House\Exposure;
use Bouclier\Core\House\House;
use Bouclier\Core\House\Places;
use Bouclier\Core\Network\Resistor;

/** Current from hot to ground: in an appliance, its cord set, a box that is wet or a cable that is nicked. */
final readonly class Leak extends Resistive
{
    public static function name(): string
    {
        return 'leak';
    }

    public static function places(): array
    {
        return ['appliance', 'cord', 'point', 'cable'];
    }

    public static function frequencies(): array
    {
        return [
            new Frequency('appliance', 0.060, 'An appliance leaks to ground'),
            new Frequency('cord', 0.030, 'A cord set leaks to ground'),
            new Frequency('point', 0.012, 'A box or device leaks to ground'),
            new Frequency('cable', 0.006, 'A cable leaks to ground'),
        ];
    }

    protected static function severities(): array
    {
        return [3000.0, 15000.0, 20000.0, 24000.0, 29000.0, 45000.0];
    }

    protected static function plain(): float
    {
        return 9000.0;
    }

    public function resistor(): Resistor
    {
        return new Resistor(Conductor::Hot, Conductor::Ground, $this->ohms);
    }

    public function shows(House $house): array
    {
        return match (true) {
            $this->at->point !== null => $this->isDry($house) ? ['nicked' => 0.4] : ['wet' => 0.6],
            $this->at->cable !== null => ['nicked' => 0.2],
            default => [],
        };
    }

    public function comesOfWater(): bool
    {
        return true;
    }

    public function mayBeFelt(): bool
    {
        return $this->at->ofAppliance() !== null;
    }

    public function spoken(Places $places): string
    {
        $at = $places->spot($this->at);

        return match (true) {
            $this->at->cord !== null => "the cord set of $at leaks to ground",
            $this->at->point !== null => "$at leaks to ground: wet, or nicked",
            default => "$at leaks to ground",
        };
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

    public function part(House $house): string
    {
        return match (true) {
            $this->at->point !== null && ! $this->isDry($house) => 'In-use cover and gasket, weather-resistant receptacle',
            $this->at->ofAppliance() === null => 'Insulation tester, a length of cable of the same gauge',
            default => 'A clamp that reads below 1 mA',
        };
    }

    private function isDry(House $house): bool
    {
        return $this->at->point === null || $house->point($this->at->point)->exposure() === Exposure::Dry;
    }
}
