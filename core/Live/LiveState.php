<?php

declare(strict_types=1);

namespace Bouclier\Core\Live;

use Bouclier\Core\Feed\FeedMap;
use Bouclier\Core\Feed\Observed\BoxOpened;
use Bouclier\Core\Feed\Observed\CircuitOff;
use Bouclier\Core\Feed\Observed\Codes;
use Bouclier\Core\Feed\Observed\Observations;
use Bouclier\Core\Feed\Observed\Switchings;
use Bouclier\Core\House\Circuit;
use Bouclier\Core\House\Entries\DeadProof;
use Bouclier\Core\House\Entries\LockKind;
use Bouclier\Core\House\House;
use Bouclier\Core\House\Moment;
use Bouclier\Core\House\Point;
use Bouclier\Core\House\ProofWay;
use Bouclier\Core\House\Tab;

/**
 * Which circuits are off, and where that is proved. Everything is live until it is proved dead; a proof holds for a shift, at the points it
 * was read at, while every breaker it rests on stays off.
 */
final class LiveState
{
    public readonly Switchings $switchings;

    /** @var list<DeadProof> */
    private array $proofs;

    private readonly Codes $codes;

    private readonly Observations $observations;

    /** @var list<Sighting>|null */
    private ?array $sightings = null;

    /** @param Asker|null $asker null where only the wiring is asked about: then no proof stands */
    public function __construct(
        private readonly House $house,
        private readonly FeedMap $feeds,
        private readonly ?Asker $asker = null,
    ) {
        $this->switchings = new Switchings($house);
        $this->proofs = $house->entries->all(DeadProof::class);
        $this->codes = new Codes($house);
        $this->observations = Observations::of($house);
    }

    /** Whether whoever asks may be offered work on live parts. */
    public function offersLiveWork(): bool
    {
        return $this->asker?->helper === null;
    }

    /** Whether its own breaker is off, that of a feeder above it, or the main. */
    public function isOff(Circuit $circuit): bool
    {
        return $this->switchings->isOff($circuit);
    }

    /** @return list<DeadProof> that still hold, the last one first */
    public function standing(): array
    {
        return array_reverse(array_values(array_filter($this->proofs, fn(DeadProof $proof): bool => $this->whyEnded($proof) === null)));
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

    /** @return list<Circuit> what a proof at the point rests on: its own breakers, or every one that is off while they are not known */
    public function restsOn(Point $point): array
    {
        $own = $this->breakersOf($point);

        return $own === [] ? array_values(array_filter($this->house->circuits, $this->isOff(...))) : $own;
    }

    /**
     * Whether the proof is older than what this phone last heard of the others: any of them may have turned a breaker on since, and nobody
     * here would know. A proof of one's own holds all the same while every breaker it rests on is locked: the key is in one's own pocket.
     */
    public function isUnheard(DeadProof $proof): bool
    {
        $heard = Moment::seconds($this->asker?->heardAt);
        if ($heard === null || (Moment::seconds($proof->atTime) ?? PHP_INT_MIN) > $heard) {
            return false;
        }
        $isUnlocked = fn(string $id): bool => ! $this->house->hasCircuit($id)
            || (Locking::of($this->house, $this->house->circuit($id), $this->switchings)['how'] ?? null) !== LockKind::Locked->value;

        return $proof->who !== $this->asker?->name || array_filter($proof->circuits, $isUnlocked) !== [];
    }

    public function handsOn(Point $point): HandsOn
    {
        $helped = $unheard = null;
        foreach ($this->standing() as $proof) {
            $places = ToRead::at($this->house, $point, $proof->way());
            if (ProofObjections::covers($proof, $point->id, $places) && $this->isEnough($proof, $point)) {
                if ($this->isUnheard($proof)) {
                    $unheard ??= $proof;
                    continue;
                }
                if ($proof->helper === null || $proof->helper === $this->asker?->helper) {
                    return new HandsOn(true, "Proved dead at {$point->code}" . self::by($proof) . '.');
                }
                $helped = $proof;
            }
        }

        if ($helped === null && $unheard !== null) {
            return new HandsOn(false, "{$point->code} was proved dead" . self::by($unheard)
                . ', and this phone has heard nothing of the others since'
                . substr(Moment::at($this->asker?->heardAt), 3) . ': prove it again before you touch it.');
        }

        return new HandsOn(false, $helped === null
            ? $this->whatIsMissing($point)
            : "{$helped->who}, a helper, proved {$point->code} dead" . Moment::at($helped->atTime)
                . ': prove it yourself before you touch it.');
    }

    /**
     * Whether it was proved dead there at or after a time, be it live again by now: for a test whose first steps are done dead and whose
     * last is not.
     *
     * @param string|null $since ISO 8601
     */
    public function wasProvedSince(Point $point, ?string $since): bool
    {
        foreach ($this->proofs as $proof) {
            if (
                in_array($point->id, $proof->points(), true)
                && $proof->atTime !== null
                && ($since === null || Moment::seconds($proof->atTime) >= Moment::seconds($since))
            ) {
                return true;
            }
        }

        return false;
    }

    /**
     * What shows that the point was live before the breakers went off that a proof there would rest on; while they are on, that it is live
     * now. Memory is none.
     */
    public function seenLive(Point $point, ProofWay $way = ProofWay::SeenLive): ?Sighting
    {
        $rests = $this->restsOn($point);
        $off = array_map($this->switchings->offSince(...), $rests);
        $until = in_array(null, $off, true) || $off === [] ? PHP_INT_MAX : max($off);
        $from = max([PHP_INT_MIN, ...array_filter(array_map($this->switchings->lastOn(...), $rests), is_int(...))]);
        $from = max($from, ($until === PHP_INT_MAX ? Moment::seconds($this->asker?->now) ?? 0 : $until) - DeadProof::HOLDS_HOURS * 3600);
        $isTabBroken = $point->halves?->tab === Tab::Broken || $point->halves?->switched !== null;
        $found = null;
        foreach (ToRead::at($this->house, $point, $way) as $place) {
            $last = null;
            foreach ($this->sightingsAt($point) as $seen) {
                if (
                    $seen->isContact
                    && $seen->at !== null
                    && $seen->at >= $from
                    && $seen->at <= $until
                    && $seen->isOf($place, $isTabBroken)
                ) {
                    $last = $seen;
                }
            }
            // Where LINE is what was seen live, the face only has to be dead.
            if ($last?->isLine !== true && ! ($way === ProofWay::LineTerminals && $place->terminals === null && $place->pair === null)) {
                return null;
            }
            $found = $last?->isLine === true ? $last : $found;
        }

        return $found;
    }

    /** Why readings of nearly nothing at the point would prove nothing now, and what does; null where they would. */
    public function provesNothing(Point $point, ProofWay $way): ?string
    {
        if ($way === ProofWay::Reference) {
            $on = array_map(
                fn(Candidate $one): string => "{$one->circuit->slot} {$one->circuit->label}",
                Candidates::for($this->house, $point),
            );

            return $on === []
                ? null
                : 'It may still be on ' . self::few($on) . ': without a live reading every breaker it may be on has to be off, or the main';
        }
        if ($this->seenLive($point, $way) !== null) {
            return null;
        }
        $where = $way === ProofWay::LineTerminals ? "LINE of {$point->code}" : $point->code;
        $rests = $this->restsOn($point);
        $before = $rests === [] ? 'a breaker' : self::few(array_map(fn(Circuit $one): string => "{$one->slot} {$one->label}", $rests));

        return "Nothing is filed that shows $where live before $before went off: 0 V there proves nothing, a tripped device upstream "
            . 'reads 0 with LINE live';
    }

    /** @return list<Sighting> in the order of time */
    private function sightingsAt(Point $point): array
    {
        $this->sightings ??= Sightings::in($this->house);

        return array_values(array_filter($this->sightings, fn(Sighting $one): bool => $one->point === $point->id));
    }

    private function whatIsMissing(Point $point): string
    {
        $breakers = $this->breakersOf($point);
        $on = array_values(array_filter($breakers, fn(Circuit $circuit): bool => ! $this->isOff($circuit)));
        $spoken = implode(' and ', array_map(fn(Circuit $circuit): string => $this->codes->circuit($circuit->id), $on));
        $ended = $this->ended($point);
        if ($on !== []) {
            return ucfirst($spoken) . (count($on) === 1 ? ' is' : ' are') . " on: treat {$point->code} as live."
                . ($ended === null ? '' : " $ended")
                . (count($breakers) > 1 ? ' Both breakers of the shared run have to be off.' : '');
        }
        if ($breakers === [] && array_filter($this->house->circuits, $this->isOff(...)) === []) {
            return "No breaker is known for {$point->code}: find it, turn it off and prove it dead here.";
        }
        if ($ended !== null) {
            return "Treat {$point->code} as live. $ended";
        }

        return BoxOpened::pairsAt($this->house, $point->id) !== null
            ? "The box of {$point->code} is open: prove every pair dead before touching one."
            : "{$point->code} is not proved dead: treat it as live.";
    }

    /** How the last proof at the point came to its end; null where it stands, or there was none. */
    private function ended(Point $point): ?string
    {
        foreach (array_reverse($this->proofs) as $proof) {
            if (in_array($point->id, $proof->points(), true)) {
                $why = $this->whyEnded($proof);

                return $why === null ? null : 'The proof' . self::by($proof) . " has ended: $why.";
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

    private function whyEnded(DeadProof $proof): ?string
    {
        if ($proof->withdrawnAt !== null || $proof->circuits === []) {
            return $proof->withdrawnWhy ?? 'it was withdrawn';
        }
        if ($this->asker === null || $proof->isOlderThanAShift($this->asker->now)) {
            return 'it is older than ' . DeadProof::HOLDS_HOURS . ' hours';
        }
        foreach ($proof->circuits as $id) {
            $circuit = array_values(array_filter($this->house->circuits, fn(Circuit $one): bool => $one->id === $id))[0] ?? null;
            if ($circuit === null) {
                return 'a breaker it rests on is not in the house any more';
            }
            if (! $this->isOff($circuit)) {
                return "{$this->codes->circuit($id)} is on";
            }
            // A breaker that was turned off again after the proof has been on in between.
            $off = $this->switchings->offSince($circuit);
            if ($off !== null && $off > (Moment::seconds($proof->atTime) ?? PHP_INT_MAX)) {
                return "{$this->codes->circuit($id)} has been on since";
            }
        }

        return null;
    }

    /** @return list<string> without those that went off before the point was last seen live: it is not on them, or not on them alone */
    private function knownBreakers(Point $point): array
    {
        $seen = array_filter($this->sightingsAt($point), fn(Sighting $one): bool => $one->isLine && $one->at !== null);
        $lastLive = max([PHP_INT_MIN, ...array_map(fn(Sighting $one): int => $one->at ?? PHP_INT_MIN, $seen)]);

        return array_values(array_filter(
            $this->believedBreakers($point),
            fn(string $id): bool => ($this->switchings->offSince($this->house->circuit($id)) ?? PHP_INT_MAX) >= $lastLive,
        ));
    }

    /** @return list<string> */
    private function believedBreakers(Point $point): array
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

    /** @param list<string> $words */
    private static function few(array $words): string
    {
        return count($words) > 3
            ? implode(', ', array_slice($words, 0, 3)) . ' and ' . (count($words) - 3) . ' more'
            : implode(' and ', $words);
    }

    private static function by(DeadProof $proof): string
    {
        return ($proof->who === null ? '' : " by {$proof->who}") . Moment::at($proof->atTime);
    }
}
