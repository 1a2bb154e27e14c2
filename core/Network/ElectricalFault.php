<?php

declare(strict_types=1);

namespace Bouclier\Core\Network;

use Bouclier\Core\House\Conductor;
use Bouclier\Core\House\House;
use Bouclier\Core\House\Spot;

/**
 * One thing that is wrong, as the model takes it: what it does to wires, devices and what is seen. What kinds there are it does not know.
 */
abstract readonly class ElectricalFault
{
    public function __construct(public Spot $at)
    {
    }

    /** Where it is a resistor between two conductors. */
    public function resistor(): ?Resistor
    {
        return null;
    }

    /** Whether it joins conductors that belong apart: without any such, and without a resistor, no neutral is grounded beyond a device. */
    public function joinsConductors(): bool
    {
        return false;
    }

    /** What it changes in how the house is joined up. */
    public function rewires(Rework $rework): void
    {
    }

    /**
     * Where it is nothing but ohms in series with one conductor at the near end of its cable.
     *
     * @return array{Conductor, float}|null the conductor, and ohms, infinite where it is open
     */
    public function inSeries(): ?array
    {
        return null;
    }

    /** Whether it changes nothing but what the slots of one outlet are joined to. */
    public function movesSlots(): bool
    {
        return false;
    }

    /** @return array{int, int, int} the terminals of hot, neutral and ground of those slots */
    public function slots(HouseGrid $grid): array
    {
        return $grid->faces[$this->at->point ?? ''];
    }

    /** What is worn, where it is the device or breaker itself. */
    public function wear(): ?Wear
    {
        return null;
    }

    /** Milliamperes a weak device trips at. */
    public function tripMa(): ?float
    {
        return null;
    }

    /** Whether a device opens with nothing to open on. */
    public function opensByItself(): bool
    {
        return false;
    }

    /** Amperes from which on it arcs; null where it does not. An arc lasts a moment and leaves the steady network as it is. */
    public function arcsFromAmps(): ?float
    {
        return null;
    }

    /** @return list<self> what it consists of while it shows */
    public function parts(): array
    {
        return [$this];
    }

    /** That it shows when something is re-energised or run; null where it is always there. */
    public function chance(): ?float
    {
        return null;
    }

    /**
     * Which end of its cable it is found at: a conductor opens where it leaves, a pair is landed where it is, what leaks into a cable does
     * so at its far end.
     */
    public function isAtNearEnd(): bool
    {
        return false;
    }

    /** @return array<string, float> chance of each thing that can be seen where it is, of {@see Looks::SEEN} */
    public function shows(House $house): array
    {
        return [];
    }

    /** A second box it can be seen in, by point id. */
    public function showsAlsoAt(): ?string
    {
        return null;
    }

    /** Whether a screw moves under the screwdriver. */
    public function isLoose(): bool
    {
        return false;
    }

    /** @return array{float, list<self>} chance that a wiggle sets it off, and what then shows */
    public function wiggled(): array
    {
        return [0.0, []];
    }
}
