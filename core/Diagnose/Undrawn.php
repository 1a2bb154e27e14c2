<?php

declare(strict_types=1);

namespace Bouclier\Core\Diagnose;

use Bouclier\Core\Faults\Fault;
use Bouclier\Core\Faults\Leak;
use Bouclier\Core\Faults\NeutralGround;
use Bouclier\Core\Faults\Resistive;
use Bouclier\Core\Faults\SaidOfFault;
use Bouclier\Core\Faults\Short;
use Bouclier\Core\Faults\Surroundings;
use Bouclier\Core\House\Places;
use Bouclier\Core\House\Spot;
use Bouclier\Core\Network\Resistor;

/**
 * What is wrong somewhere beyond a point, in a part of the house that is not drawn: it does there what the fault would do, and nothing of
 * it is seen in the box. No file can say it, and no list of kinds has it.
 */
final readonly class Undrawn extends Fault
{
    public function __construct(private Resistive $fault)
    {
        parent::__construct($fault->at);
    }

    /** @return non-empty-list<self> what may hang there, from severe to slight */
    public static function at(string $point): array
    {
        $at = new Spot(point: $point);

        return array_map(
            fn(Resistive $fault): self => new self($fault),
            [new Leak($at, 2500.0), new Leak($at, 12_000.0), new NeutralGround($at, 1.0)],
        );
    }

    /** @return non-empty-list<self> what may run there: three amperes, and eight */
    public static function loads(string $point): array
    {
        $of = fn(float $ohms): self => new self(new Short(new Spot(point: $point), $ohms));

        return array_map($of, [40.0, 15.0]);
    }

    /** What appliances in order and cable leak there: two milliamperes. */
    public static function honest(string $point): self
    {
        return new self(new Leak(new Spot(point: $point), 60_000.0));
    }

    public static function name(): string
    {
        return 'undrawn';
    }

    public static function places(): array
    {
        return [];
    }

    public static function of(SaidOfFault $said): self
    {
        return self::at($said->at->point ?? '')[0];
    }

    public static function frequencies(): array
    {
        return [];
    }

    public static function possibleAt(Surroundings $around): array
    {
        return [];
    }

    public function resistor(): ?Resistor
    {
        return $this->fault->resistor();
    }

    public function spoken(Places $places): string
    {
        return "something beyond {$places->spot($this->at)}, in a part that is not drawn";
    }

    public function repair(Places $places): array
    {
        return [
            self::dead($places->spot($this->at)),
            "Lift LOAD at {$places->spot($this->at)}, power on, and walk round: what is dead now hangs there.",
            'Draw what was found, and go on with the tests there.',
        ];
    }

    public function letter(Places $places): string
    {
        return 'Something hangs on that outlet that is not found yet. Note what you know of outlets and cables there, and call.';
    }

    public function proof(Places $places): string
    {
        return 'Every outlet found and drawn, and everything plugged in and running: it holds.';
    }
}
