<?php

declare(strict_types=1);

namespace Bouclier\Core\Live;

use Bouclier\Core\Feed\FeedMap;
use Bouclier\Core\Feed\Observed\CircuitOff;
use Bouclier\Core\Feed\Observed\Codes;
use Bouclier\Core\Feed\Observed\Observations;
use Bouclier\Core\House\Circuit;
use Bouclier\Core\House\House;
use Bouclier\Core\House\Point;
use Bouclier\Core\Records\Records;

/**
 * Which circuits are off, and where that is proved. Everything is live until it is proved dead; a proof holds at the points it was read at, while every
 * breaker it rests on stays off.
 */
final class LiveState
{
    /** @var array<\stdClass> the last switching of a breaker, by circuit id */
    private array $last = [];

    /** @var list<DeadProof> */
    private array $proofs;

    private readonly Codes $codes;

    private readonly Observations $observations;

    public function __construct(
        private readonly House $house,
        private readonly FeedMap $feeds,
    ) {
        foreach (Records::of($house, Switching::LIST) as $switched) {
            if (is_string($switched->circuit ?? null)) {
                $this->last[$switched->circuit] = $switched;
            }
        }
        $this->proofs = array_map(DeadProof::fromData(...), Records::of($house, Proving::LIST));
        $this->codes = new Codes($house);
        $this->observations = Observations::of($house);
    }

    /** Whether its own breaker is off, or that of a feeder above it. */
    public function isOff(Circuit $circuit): bool
    {
        return array_filter($this->house->withFeeders($circuit), fn(Circuit $one): bool => ($this->last[$one->id]->on ?? true) === false) !== [];
    }

    /** The last time somebody turned this breaker, as it is recorded. */
    public function lastSwitched(Circuit $circuit): ?\stdClass
    {
        return $this->last[$circuit->id] ?? null;
    }

    /** @return list<DeadProof> that still hold, the last one first */
    public function standing(): array
    {
        return array_reverse(array_values(array_filter($this->proofs, $this->stands(...))));
    }

    /** @return list<DeadProof> that hold and rest on the circuit */
    public function proofsOf(Circuit $circuit): array
    {
        return array_values(array_filter($this->standing(), fn(DeadProof $proof): bool => in_array($circuit->id, $proof->circuits, true)));
    }

    /**
     * Breakers that have to be off before a point can be dead: both of a multiwire run, both of a duplex on two circuits.
     *
     * @return list<Circuit> empty while no breaker is known
     */
    public function breakersOf(Point $point): array
    {
        $ids = $this->knownBreakers($point);
        if ($point->yokeWith !== null) {
            $ids = [...$ids, ...$this->knownBreakers($this->house->point($point->yokeWith))];
        }
        foreach ($ids as $id) {
            $shares = $this->house->circuit($id)->multiwireWith;
            if ($shares !== null) {
                $ids[] = $shares;
            }
        }

        return array_map($this->house->circuit(...), array_values(array_unique($ids)));
    }

    public function handsOn(Point $point): HandsOn
    {
        $places = ToRead::at($this->house, $point);
        foreach ($this->standing() as $proof) {
            if ($proof->covers($point->id, $places) && $this->isEnough($proof, $point)) {
                return new HandsOn(true, "Proved dead at {$point->code}" . self::by($proof->who, $proof->at) . '.');
            }
        }

        return new HandsOn(false, $this->whatIsMissing($point, $places));
    }

    /**
     * Whether it was proved dead there at or after a time, be it live again by now: for a test whose first steps are done dead and whose last is not.
     *
     * @param string|null $since ISO 8601
     */
    public function wasProvedSince(Point $point, ?string $since): bool
    {
        foreach ($this->proofs as $proof) {
            if (in_array($point->id, $proof->points(), true) && $proof->at !== null && ($since === null || strtotime($proof->at) >= strtotime($since))) {
                return true;
            }
        }

        return false;
    }

    /** @param list<ToRead> $places */
    private function whatIsMissing(Point $point, array $places): string
    {
        $breakers = $this->breakersOf($point);
        $on = array_values(array_filter($breakers, fn(Circuit $circuit): bool => ! $this->isOff($circuit)));
        $spoken = implode(' and ', array_map(fn(Circuit $circuit): string => $this->codes->circuit($circuit->id), $on));
        if ($on !== []) {
            $ended = $this->ended($point);

            return ucfirst($spoken) . (count($on) === 1 ? ' is' : ' are') . " on: treat {$point->code} as live." . ($ended === null ? '' : " $ended")
                . (count($breakers) > 1 ? ' Both breakers of the shared run have to be off.' : '');
        }
        if ($breakers === [] && array_filter($this->house->circuits, $this->isOff(...)) === []) {
            return "No breaker is known for {$point->code}: find it, turn it off and prove it dead here.";
        }
        $isOpen = $places !== [] && $places[0]->pair !== null;

        return $isOpen
            ? "The box of {$point->code} is open: prove every pair dead before touching one."
            : "{$point->code} is not proved dead.";
    }

    /** How the last proof at the point came to its end. */
    private function ended(Point $point): ?string
    {
        foreach (array_reverse($this->proofs) as $proof) {
            if (in_array($point->id, $proof->points(), true)) {
                return 'The proof' . self::by($proof->who, $proof->at) . ' has ended' . ($proof->withdrawnWhy === null ? '.' : ": {$proof->withdrawnWhy}.");
            }
        }

        return null;
    }

    private function isEnough(DeadProof $proof, Point $point): bool
    {
        foreach ($this->breakersOf($point) as $circuit) {
            if (! in_array($circuit->id, $proof->circuits, true)) {
                return false;
            }
        }

        return true;
    }

    private function stands(DeadProof $proof): bool
    {
        if ($proof->withdrawnAt !== null || $proof->circuits === []) {
            return false;
        }
        foreach ($proof->circuits as $id) {
            $circuit = array_values(array_filter($this->house->circuits, fn(Circuit $one): bool => $one->id === $id))[0] ?? null;
            if ($circuit === null || ! $this->isOff($circuit)) {
                return false;
            }
            // A breaker that was turned off again after the proof has been on in between.
            $switched = $this->last[$id]->at_time ?? null;
            if ($proof->at !== null && is_string($switched) && strtotime($switched) > strtotime($proof->at)) {
                return false;
            }
        }

        return true;
    }

    /** @return list<string> */
    private function knownBreakers(Point $point): array
    {
        $feed = $this->feeds->feed($point);
        if ($feed->origins !== []) {
            return $feed->origins;
        }
        foreach ($this->observations->seen as $seen) {
            if ($seen instanceof CircuitOff && in_array($point->id, $seen->dead, true)) {
                return [$seen->circuit];
            }
        }

        return $feed->circuit === null ? [] : [$feed->circuit->id];
    }

    private static function by(?string $who, ?string $at): string
    {
        return ($who === null ? '' : " by $who") . ($at === null ? '' : ' at ' . substr($at, 11, 5));
    }
}
