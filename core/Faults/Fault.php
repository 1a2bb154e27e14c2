<?php

declare(strict_types=1);

namespace Bouclier\Core\Faults;

use Bouclier\Core\House\House;
use Bouclier\Core\House\Places;
use Bouclier\Core\House\Point;
use Bouclier\Core\Network\ElectricalFault;

/**
 * One thing that is wrong. One class a kind: where it can be, what it does, how often it is met, how it looks, what it is called, how it is
 * mended. All kinds stand in {@see Kinds}; nothing else in core tells one from another.
 */
abstract readonly class Fault extends ElectricalFault
{
    protected const CORRECT = 'Tester in both halves: "correct"; volts within 3 % of the panel under load.';

    /** As `kind` in a house file. */
    abstract public static function name(): string;

    /** @return list<string> what its place may be: a key of {@see \Bouclier\Core\House\Spot} */
    abstract public static function places(): array;

    abstract public static function of(SaidOfFault $said): self;

    /** @return list<Frequency> how often it is met, by place */
    abstract public static function frequencies(): array;

    /** @return list<Possible> what of it may be the cause at a place */
    abstract public static function possibleAt(Surroundings $around): array;

    /** As a headline in the middle of a sentence: "neutral touches ground in the box of K1-02". */
    abstract public function spoken(Places $places): string;

    /** @return list<string> step by step, dead where it can be */
    abstract public function repair(Places $places): array;

    /** The check that shows that it is gone. */
    abstract public function proof(Places $places): string;

    /** Whether it can lie between two circuits, so that it may be the cause though its place is on another. */
    public static function reachesAcross(): bool
    {
        return false;
    }

    /** @return array<string, mixed> as a house file writes it */
    public function said(): array
    {
        return ['kind' => static::name(), 'at' => $this->at->said(), ...$this->details()];
    }

    /** @return array<string, mixed> what is said of it beside kind and place */
    protected function details(): array
    {
        return [];
    }

    /** To the householder, in plain words: it asks nobody to open anything. */
    public function letter(Places $places): string
    {
        $name = $this->at->ofAppliance() === null ? 'the outlet' : 'the ' . $places->appliance($this->at->ofAppliance());

        return match (true) {
            $this->at->cord !== null => "The extension cord of $name lets current escape. Do not use it any more; the appliance "
                . 'itself is sound.',
            $this->at->appliance !== null => ucfirst(
                "$name lets current escape to its frame. The protection did its job. Do not use it until it has been repaired or replaced.",
            ),
            default => 'The fault was in the wiring, not in anything you plug in. It is put right and tested. Press the TEST button '
                . 'of the device once a month.',
        };
    }

    /** What should be on the van for it; null for nothing that is not there anyway. */
    public function part(House $house): ?string
    {
        return null;
    }

    /** The thing that is changed or mended for it, by its id: causes with the same repair need not be told apart. */
    public function mendedAt(House $house): string
    {
        if ($this->at->ofAppliance() !== null) {
            return $this->at->cord !== null ? "cord of {$this->at->cord}" : "appliance {$this->at->appliance}";
        }
        $cable = $house->findCable($this->at->cable);

        return 'box ' . ($cable === null ? $this->at->point : ($this->isAtNearEnd() ? $cable->fromPoint() ?? 'panel' : $cable->to->point));
    }

    /** Whether its insulation has gone there, from whichever conductor to which: it is mended in one way, and need not be told apart. */
    public function isBadInsulation(): bool
    {
        return false;
    }

    /** The box whose exposure and workmanship speak of it; null where it is in no box. */
    public function box(House $house): ?Point
    {
        $point = $house->findCable($this->at->cable)->to->point ?? $this->at->point;

        return $point === null ? null : $house->point($point);
    }

    /** Whether hands make it: who has worked in a box has made it likelier there. */
    public function isHandwork(): bool
    {
        return false;
    }

    /** Whether water makes it. */
    public function comesOfWater(): bool
    {
        return false;
    }

    /** Whether it may make a frame live. */
    public function mayBeFelt(): bool
    {
        return false;
    }

    /** Whether it only takes something away, and trips nothing. */
    public function tripsNothing(): bool
    {
        return false;
    }

    /** Whether a tester reads "correct" for all that. */
    public function isHiddenFromTester(): bool
    {
        return false;
    }

    /** Whether a wire is not what its colour says. */
    public function mixesColours(): bool
    {
        return false;
    }

    /** Whether the ground is gone by it: then a tester's button proves nothing. */
    public function takesGround(): bool
    {
        return false;
    }

    /** Whether the face of the device it is at stays live however often it trips. */
    public function leavesFaceLive(): bool
    {
        return false;
    }

    /** Whether it shows otherwise where something runs beyond it. */
    public function showsByLoad(): bool
    {
        return false;
    }

    /** Where it can be mended only with a ground that is not there. */
    public function lacksGround(Places $places): bool
    {
        return false;
    }

    /** What stays live in a panel whose main, or whose feeder's breaker, is off. */
    protected function liveInPanel(Places $places): string
    {
        $circuit = $this->at->circuit ?? $places->feeds($this->at->cable ?? '');
        $feeder = $circuit === null ? null : $places->house->panel($places->house->circuit($circuit)->panel)->fedFrom;

        return $feeder === null
            ? 'With the main off the lugs and the wires of the service ahead of it stay live.'
            : "With {$places->circuit($feeder)} off its bus is dead; the bus of the panel that feeds it stays live.";
    }

    /** Breaker off and proved dead where a cable comes from: in a panel the bus behind its breaker stays live. */
    protected function deadAtStart(Places $places): string
    {
        return $this->at->cable !== null && $places->feeds($this->at->cable) !== null
            ? "Main off, and {$places->start($this->at->cable)} proved dead at its terminal: with the breaker alone off the bus it sits on "
                . 'stays live. ' . $this->liveInPanel($places)
            : self::dead($this->start($places));
    }

    public static function dead(string $where): string
    {
        return "Breaker off, prove every pair dead at $where.";
    }

    /** NEC 406.4(D)(2); the CEC has its own rule, which the authority is asked for. */
    protected static function withoutGround(Places $places): string
    {
        $edition = $places->house->code->edition;

        return 'protect by GFCI and label "No Equipment Ground"'
            . ($edition->isNec() ? ", 406.4(D)(2), {$edition->label()}." : ': ask the authority what the CEC wants there.');
    }

    /** The box it is in, as it is spoken of: that of a point, or where its cable ends. */
    protected function end(Places $places): string
    {
        return $this->at->cable === null ? $places->spot($this->at) : $places->end($this->at->cable);
    }

    /** The box its cable comes from. */
    protected function start(Places $places): string
    {
        return $this->at->cable === null ? $places->spot($this->at) : $places->start($this->at->cable);
    }
}
