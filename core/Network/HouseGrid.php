<?php

declare(strict_types=1);

namespace Bouclier\Core\Network;

use Bouclier\Core\House\Arithmetic;

/** The network of a house in one condition, with where everything is in it. Made by {@see GridBuilder}. */
final class HouseGrid
{
    /** @var array<array{int, int, int, int, int}> hot line, hot load, neutral line, neutral load and ground of a box, by point id */
    public array $boxes = [];

    /** @var array<array{int, int, int}> hot, neutral and ground of the slots, by point id */
    public array $faces = [];

    /** @var array<array{int, int}> branches of the closed contacts of a device, hot and neutral, by point id */
    public array $contacts = [];

    /** @var array<list<int>> branches of the closed poles of a breaker, by circuit id */
    public array $poles = [];

    /** @var array<int> where the hot of a circuit leaves its breaker, by circuit id */
    public array $starts = [];

    /** @var array<list<Strand>> neutrals that leave the panel for a circuit, by circuit id */
    public array $neutrals = [];

    /** @var array<array<Strand>> conductors of a cable by their names: hot, hot2, neutral, ground; by cable id */
    public array $cables = [];

    /** @var array<int> where the neutral of a circuit was lifted at its panel, by circuit id */
    public array $liftedNeutrals = [];

    private ?Solution $solution = null;

    public function __construct(public Grid $grid, private readonly TwoPoleBreakers $twoPole)
    {
    }

    /** The same network to go on building with; this one stays as it is. */
    public function copy(): self
    {
        $copy = clone $this;
        $copy->grid = clone $this->grid;
        $copy->solution = null;

        return $copy;
    }

    /** The contacts of a device, or the poles of a breaker, open. */
    public function opens(string|int $device): void
    {
        array_map($this->grid->opens(...), [...$this->contacts[$device] ?? [], ...$this->poles[$device] ?? []]);
        unset($this->contacts[$device], $this->poles[$device]);
    }

    /** The same network with its solution changed: a branch more or less. */
    public function solvedAs(Solution $solution): self
    {
        $changed = clone $this;
        $changed->solution = $solution;

        return $changed;
    }

    public function solution(): Solution
    {
        return $this->solution ??= $this->grid->solve();
    }

    /** Volts between the hot and the neutral slot of a point. */
    public function faceVolts(string $point): float
    {
        [$hot, $neutral] = $this->faces[$point];

        return $this->solution()->between($hot, $neutral);
    }

    /** Volts hot to neutral on the line side of a device. */
    public function lineVolts(string $point): float
    {
        [$hot, , $neutral] = $this->boxes[$point];

        return $this->solution()->between($hot, $neutral);
    }

    /** @return array{float, float} amperes through a strand, away from the panel */
    public function through(Strand $strand): array
    {
        $solution = $this->solution();

        return $strand->branch === null ? $solution->throughJoint($strand->near, $strand->far) : $solution->current($strand->branch);
    }

    /** Volts hot to neutral on the load side of a device. */
    public function loadVolts(string $point): float
    {
        [, $hot, , $neutral] = $this->boxes[$point];

        return $this->solution()->between($hot, $neutral);
    }

    /** Amperes through the busiest pole of a breaker; both halves of a two-pole one count. */
    public function poleAmps(string $circuit): float
    {
        $amps = 0.0;
        foreach ($this->twoPole->together($circuit) as $half) {
            foreach ($this->poles[$half] ?? [] as $pole) {
                $amps = max($amps, Arithmetic::magnitude(...$this->solution()->current($pole)));
            }
        }

        return $amps;
    }

    /** Amperes that go out through a device or breaker and do not come back through it; nothing where it is open. */
    public function residual(string $device): float
    {
        return Arithmetic::magnitude(...$this->residualPhasor($device));
    }

    /** @return array{float, float} the same as it adds up, in phase with leg a and across */
    public function residualPhasor(string $device): array
    {
        $solution = $this->solution();
        $re = $im = 0.0;
        $currents = array_map($solution->current(...), $this->contacts[$device] ?? []);
        if (isset($this->poles[$device])) {
            $neutrals = [];
            foreach ($this->twoPole->together($device) as $half) {
                array_push($currents, ...array_map($solution->current(...), $this->poles[$half] ?? []));
                foreach ($this->neutrals[$half] ?? [] as $strand) {
                    // A neutral that two halves share goes back through their breaker once.
                    $neutrals[spl_object_id($strand)] = $strand;
                }
            }
            array_push($currents, ...array_map($this->through(...), array_values($neutrals)));
        }
        foreach ($currents as [$aRe, $aIm]) {
            $re += $aRe;
            $im += $aIm;
        }

        return [$re, $im];
    }
}
