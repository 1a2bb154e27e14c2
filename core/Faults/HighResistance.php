<?php

declare(strict_types=1);

namespace Bouclier\Core\Faults;

use Bouclier\Core\House\Conductor;
use Bouclier\Core\House\House;
use Bouclier\Core\House\Places;
use Bouclier\Core\House\Spot;
use Bouclier\Core\Network\Rework;

/** A poor joint: ohms in series with one conductor where it leaves a box. */
final readonly class HighResistance extends Joint
{
    private const OHMS = [0.7, 1.6, 3.6, 8.0, 18.0, 40.0];

    public function __construct(Spot $at, public Conductor $conductor, public float $ohms)
    {
        parent::__construct($at);
    }

    public static function name(): string
    {
        return 'high_resistance';
    }

    public static function places(): array
    {
        return ['cable'];
    }

    public static function of(SaidOfFault $said): self
    {
        $ohms = $said->ohms();

        return new self($said->at, $said->conductor(), $ohms);
    }

    public static function frequencies(): array
    {
        return [new Frequency('cable', 0.008, 'A poor joint')];
    }

    public static function possibleAt(Surroundings $around): array
    {
        return array_map(fn(Conductor $conductor): Possible => new Possible(
            "high_resistance:{$around->at->id()}:{$conductor->value}",
            array_map(fn(float $ohms): self => new self($around->at, $conductor, $ohms), self::OHMS),
        ), [Conductor::Hot, Conductor::Neutral]);
    }

    protected function details(): array
    {
        return ['ohms' => $this->ohms, 'conductor' => $this->conductor->value];
    }

    public function inSeries(): ?array
    {
        return $this->conductor === Conductor::Ground ? null : [$this->conductor, $this->ohms];
    }

    public function rewires(Rework $rework): void
    {
        $rework->atNearEnd($this->at->cable ?? '', $this->conductor, $this->ohms);
    }

    public function shows(House $house): array
    {
        return ['loose' => 0.5, 'scorched' => 0.4];
    }

    public function isLoose(): bool
    {
        return true;
    }

    public function isHiddenFromTester(): bool
    {
        return true;
    }

    public function spoken(Places $places): string
    {
        return "poor {$this->conductor->value} joint at {$this->start($places)}, towards {$this->end($places)}";
    }

    public function repair(Places $places): array
    {
        return [
            $this->deadAtStart($places),
            "Cut back to bright copper and remake the {$this->conductor->value} joint towards {$this->end($places)}.",
            'A scorched device is replaced.',
        ];
    }

    public function proof(Places $places): string
    {
        return self::CORRECT;
    }
}
