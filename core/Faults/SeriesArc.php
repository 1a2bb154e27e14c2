<?php

declare(strict_types=1);

namespace Bouclier\Core\Faults;

use Bouclier\Core\House\House;
use Bouclier\Core\House\Places;

/** A loose joint that arcs while enough flows through it. */
final readonly class SeriesArc extends Arc
{
    private const AMPS = 5.0;
    private const WIGGLE = 0.5;

    public static function name(): string
    {
        return 'series_arc';
    }

    public static function frequencies(): array
    {
        return [new Frequency('cable', 0.008, 'A joint in a cable run arcs'), new Frequency('point', 0.012, 'A loose screw arcs')];
    }

    public function arcsFromAmps(): float
    {
        return self::AMPS;
    }

    public function showsByLoad(): bool
    {
        return true;
    }

    public function shows(House $house): array
    {
        return ['loose' => 0.6, 'scorched' => 0.5];
    }

    public function isLoose(): bool
    {
        return true;
    }

    public function wiggled(): array
    {
        return [self::WIGGLE, [new ParallelArc($this->at)]];
    }

    public function isHandwork(): bool
    {
        return true;
    }

    public function spoken(Places $places): string
    {
        return ($this->at->cable !== null ? 'loose joint that arcs in ' : 'loose screw that arcs at ') . $places->spot($this->at);
    }

    public function repair(Places $places): array
    {
        return [self::dead($this->end($places)), 'Remake the joint on bright copper, to torque. A scorched device is replaced.'];
    }

    public function part(House $house): string
    {
        return 'Connectors for stiff wire, pigtails, a receptacle with screw terminals';
    }
}
