<?php

declare(strict_types=1);

namespace Bouclier\Core\Diagnose;

use Bouclier\Core\Faults\Fault;
use Bouclier\Core\Faults\Kinds;
use Bouclier\Core\Faults\Lenders;
use Bouclier\Core\Faults\Open;
use Bouclier\Core\Faults\Possible;
use Bouclier\Core\Faults\Surroundings;
use Bouclier\Core\Feed\FeedMap;
use Bouclier\Core\Feed\Guard;
use Bouclier\Core\Feed\ZoneLeakage;
use Bouclier\Core\Feed\Zones;
use Bouclier\Core\House\Cable;
use Bouclier\Core\House\Conductor;
use Bouclier\Core\House\House;
use Bouclier\Core\House\Point;
use Bouclier\Core\House\Spot;
use Bouclier\Core\House\SymptomKind;
use Bouclier\Core\Network\Tripping;

/** Everything that may be the cause, at every place where it can be, in the part of the house the symptom can come from. */
final class Hypotheses
{
    /** @var array<string, Hypothesis> by id */
    private array $all = [];

    /** @var array<Point> by the way of their neutral */
    private readonly array $lenders;

    /** @param array<bool> $aside points whose circuit is another, by id */
    private function __construct(
        private readonly House $house,
        private readonly FeedMap $feeds,
        private readonly Priors $priors,
        private readonly bool $withIntermittents,
        private readonly Symptom $symptom,
        private readonly array $aside,
    ) {
        $this->lenders = Lenders::in($feeds);
    }

    /**
     * @param array<bool> $aside points whose circuit is another: only a neutral shared with them may be the cause, by id
     *
     * @return list<Hypothesis>
     */
    public static function of(Foresight $foresight, Symptom $symptom, Priors $priors, array $aside = []): array
    {
        $house = $foresight->house;
        $made = new self(
            $house,
            $foresight->feeds,
            $priors,
            in_array($symptom->kind, [SymptomKind::Trips, SymptomKind::Dead, SymptomKind::WillNotReset], true),
            $symptom,
            $aside,
        );
        foreach ($house->appliances as $appliance) {
            $made->at(new Spot(appliance: $appliance->id));
            if ($appliance->extension === true) {
                $made->at(new Spot(cord: $appliance->id));
            }
        }
        foreach ($house->points as $point) {
            $made->at(new Spot(point: $point->id));
        }
        foreach ($house->cables as $cable) {
            if ($cable->isConnected() && ! isset($aside[$cable->to->point])) {
                $made->at(new Spot(cable: $cable->id));
            }
        }
        foreach ($house->circuits as $circuit) {
            $points = array_merge(...array_map($foresight->feeds->pointsOn(...), $house->fedBy($circuit)));
            $isNear = array_filter($points, fn(Point $point): bool => ! isset($aside[$point->id])) !== [];
            $isKnown = $foresight->tripping->protector($circuit->id)?->id === $circuit->id;
            if ($isNear && $isKnown && $circuit->breaker()->isProtective()) {
                $made->at(new Spot(circuit: $circuit->id));
            }
        }
        $made->without($foresight);

        return array_values($made->all);
    }

    /** @return Hypothesis both at once */
    public static function pair(Hypothesis $one, Hypothesis $other, int $variant, int $otherVariant, Priors $priors): Hypothesis
    {
        return new Hypothesis(
            "{$one->id} + {$other->id}",
            Explains::Fault,
            $one->at,
            [[...$one->variants[$variant], ...$other->variants[$otherVariant]]],
            $one->prior * $other->prior * $priors->factor(Factor::TwoAtOnce),
        );
    }

    /** Causes that are no fault. */
    private function without(Foresight $foresight): void
    {
        $symptom = $this->symptom;
        $popped = match (true) {
            $symptom->isAnswered(Question::Upstream, Answer::PoppedAndWorks) => [Factor::FoundPopped],
            $symptom->isAnswered(Question::Upstream, Answer::NonePopped) => [Factor::NonePopped],
            default => [],
        };
        $zones = new Zones($this->feeds);
        $cables = 0.0;
        foreach ($symptom->devices($foresight->feeds) as $order => $device) {
            $leaks = ZoneLeakage::of(
                new Guard($this->house->hasPoint($device) ? $this->house->point($device) : $this->house->circuit($device)),
                $zones,
                $this->feeds,
            );
            $cables = max(
                $cables,
                array_sum(array_map(fn($part): float => $part->of instanceof Cable ? $part->capacitiveMa : 0.0, $leaks->parts)),
            );
            if (
                $symptom->kind === SymptomKind::Dead
                || $symptom->kind === SymptomKind::WillNotReset
                || $symptom->kind === SymptomKind::ReadsWrong
            ) {
                $at = $this->house->hasPoint($device) ? new Spot(point: $device) : new Spot(circuit: $device);
                $this->put(
                    new Hypothesis(
                        "upstream_tripped:$device",
                        Explains::UpstreamTripped,
                        $at,
                        [[]],
                        $this->priors->ofNoFault(Explains::UpstreamTripped) * $this->priors->product($popped),
                        startsOpen: $device,
                        factors: $popped,
                        order: $order,
                    ),
                );
            }
        }
        foreach (RecordedWrong::underOnePole($this->house) as $id => $circuit) {
            $this->put(
                new Hypothesis(
                    $id,
                    Explains::SharedNeutral,
                    new Spot(circuit: $circuit->id),
                    [[]],
                    $this->priors->ofNoFault(Explains::SharedNeutral),
                ),
            );
        }
        foreach ($this->drawnInPart() as $point) {
            $this->put(
                new Hypothesis(
                    "beyond:$point",
                    Explains::Beyond,
                    new Spot(point: $point),
                    array_map(fn(Undrawn $one): array => [$one], Undrawn::at($point)),
                    $this->priors->ofNoFault(Explains::Beyond),
                ),
            );
            if ($this->withIntermittents && $this->house->isDrawnInPart()) {
                $this->put(
                    new Hypothesis(
                        "beyond:$point" . Hypothesis::NOW_AND_THEN,
                        Explains::Beyond,
                        new Spot(point: $point),
                        [[Undrawn::at($point)[0]]],
                        $this->priors->ofNoFault(Explains::Beyond) * $this->priors->factor(Factor::ComesAndGoes),
                        comesAndGoes: true,
                    ),
                );
            }
        }
        $this->put(
            new Hypothesis(
                'honest_sum',
                Explains::HonestSum,
                new Spot(),
                $this->honestBeyond(),
                $this->priors->ofNoFault(Explains::HonestSum),
            ),
        );
        $this->put(
            new Hypothesis(
                'long_cable',
                Explains::LongCable,
                new Spot(),
                $this->honestBeyond(),
                $this->priors->ofNoFault(Explains::LongCable) * max(0.05, min(5.0, $cables / Tripping::HOLDS_MA * 2.0)),
            ),
        );
        $this->put(new Hypothesis('overload', Explains::Overload, new Spot(), [[]], $this->priors->ofNoFault(Explains::Overload)));
        $feed = $this->house->hasPoint($symptom->at) ? $this->feeds->feed($this->house->point($symptom->at)) : null;
        if ($feed !== null && ($feed->circuit === null || AssumedWiring::isAssumed($feed->cable))) {
            $this->put(
                new Hypothesis(
                    'no_feed',
                    Explains::NoFeed,
                    new Spot(point: $symptom->at),
                    [$feed->cable === null ? [] : [new Open(new Spot(cable: $feed->cable->id), Conductor::Hot)]],
                    $this->priors->ofNoFault(Explains::NoFeed),
                ),
            );
        }
        $this->put(new Hypothesis('unknown', Explains::Unknown, new Spot(), [[]], $this->priors->ofNoFault(Explains::Unknown)));
    }

    /**
     * Points beyond which there may be outlets, cables and appliances nobody has drawn: all of them where the house says so, and the device
     * the call is about where nothing is drawn on its LOAD, or what hangs there is only assumed.
     *
     * @return list<string>
     */
    private function drawnInPart(): array
    {
        $all = array_values(array_filter($this->house->points, fn(Point $point): bool => ! isset($this->aside[$point->id])));
        $isAssumed = array_filter($all, fn(Point $point): bool => AssumedWiring::isAssumed($this->feeds->feed($point)->cable)) !== [];
        $points = $this->house->isDrawnInPart() ? $all : array_filter(
            $all,
            fn(Point $point): bool => $point->id === $this->symptom->at
                && $point->device->feedsThrough()
                && ($isAssumed || $this->feeds->cablesOutOf($point) === []),
        );

        return array_values(array_map(fn(Point $point): string => $point->id, $points));
    }

    /** Every kind of fault there may be at one place; on another circuit, only what reaches across from there. */
    private function at(Spot $at): void
    {
        $isAside = $at->point !== null && isset($this->aside[$at->point]);
        $lenders = $isAside ? array_filter($this->lenders, fn(Point $lender): bool => ! isset($this->aside[$lender->id])) : $this->lenders;
        $around = new Surroundings($this->house, $this->feeds, $at, $lenders);
        foreach (Kinds::ALL as $kind) {
            $isHere = in_array($at->kind(), $kind::places(), true) && (! $isAside || $kind::reachesAcross());
            array_map($this->possible(...), $isHere ? $kind::possibleAt($around) : []);
        }
    }

    private function possible(Possible $possible): void
    {
        $fault = $possible->severities[0];
        $prior = $this->priors->of($fault, $this->house, $this->symptom);
        $factors = $this->priors->factors($fault, $this->house, $this->symptom);
        $severities = array_map(fn(Fault $one): array => [$one], $possible->severities);
        $variants = [...$severities, ...array_map(fn(Undrawn $one): array => [$fault, $one], $this->loadsBeyond($fault))];
        $this->put(new Hypothesis($possible->id, Explains::Fault, $fault->at, $variants, $prior, factors: $factors));
        if ($possible->whileItShows !== [] && $this->withIntermittents) {
            $id = $possible->id . Hypothesis::NOW_AND_THEN;
            $often = $prior * $this->priors->factor(Factor::ComesAndGoes);
            $this->put(
                new Hypothesis($id, Explains::Fault, $fault->at, [$possible->whileItShows], $often, comesAndGoes: true, factors: $factors),
            );
        }
    }

    /** @return list<Undrawn> what may run beyond it where nobody has drawn it, and would make it show otherwise */
    private function loadsBeyond(Fault $fault): array
    {
        $point = $fault->at->point ?? $this->house->findCable($fault->at->cable)?->to->point;

        return $point !== null && $fault->showsByLoad() && $this->house->isDrawnInPart() ? Undrawn::loads($point) : [];
    }

    /**
     * What leaks in order where the house is drawn in part: nothing, or something beyond one of its points.
     *
     * @return non-empty-list<list<Undrawn>>
     */
    private function honestBeyond(): array
    {
        $points = $this->house->isDrawnInPart() ? $this->drawnInPart() : [];

        return [[], ...array_map(fn(string $point): array => [Undrawn::honest($point)], $points)];
    }

    private function put(Hypothesis $hypothesis): void
    {
        $this->all[$hypothesis->id] = $hypothesis;
    }
}
