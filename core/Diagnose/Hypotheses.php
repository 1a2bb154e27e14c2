<?php

declare(strict_types=1);

namespace Bouclier\Core\Diagnose;

use Bouclier\Core\Feed\FeedMap;
use Bouclier\Core\Feed\Guard;
use Bouclier\Core\Feed\ZoneLeakage;
use Bouclier\Core\Feed\Zones;
use Bouclier\Core\House\Cable;
use Bouclier\Core\House\House;
use Bouclier\Core\House\Land;
use Bouclier\Core\House\Landing;
use Bouclier\Core\House\Point;
use Bouclier\Core\Network\Conductor;
use Bouclier\Core\Network\Fault;
use Bouclier\Core\Network\FaultKind;
use Bouclier\Core\Network\Spot;
use Bouclier\Core\Network\Tripping;

/** Everything that may be the cause, at every place where it can be, in the part of the house the symptom can come from. */
final class Hypotheses
{
    /** Ohms of a leak, of a neutral on ground, of a poor joint and of a short, from severe to slight; near enough to each other that one is near the truth. */
    private const LEAK_OHMS = [3000.0, 15000.0, 20000.0, 24000.0, 29000.0, 45000.0];
    private const NEUTRAL_OHMS = [0.4, 2.0, 12.0];
    private const JOINT_OHMS = [0.7, 1.6, 3.6, 8.0, 18.0, 40.0];
    private const SHORT_OHMS = [0.03, 0.2, 0.7, 4.0];
    private const WEAK_MA = [0.5, 2.0];

    /** What comes and goes is taken to be plain while it shows. */
    private const PLAIN_LEAK_OHMS = [9000.0];
    private const PLAIN_NEUTRAL_OHMS = [0.5];
    private const PLAIN_SHORT_OHMS = [0.3];

    /** Times the typical leakages, of what was not clamped. */
    private const LEAK_SCALES = [1.0, 1.6, 2.5];

    /** @var array<string, Hypothesis> by id */
    private array $all = [];

    /** @var array<Point> by the way of their neutral */
    private readonly array $lenders;

    private function __construct(
        private readonly House $house,
        private readonly FeedMap $feeds,
        private readonly Priors $priors,
        private readonly bool $withIntermittents,
        private readonly Symptom $symptom,
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
        $made = new self($house, $foresight->feeds, $priors, in_array($symptom->kind, [SymptomKind::Trips, SymptomKind::Dead, SymptomKind::WillNotReset], true), $symptom);
        foreach ($house->appliances as $appliance) {
            $made->resistor(FaultKind::Leak, 'appliance', $appliance->id, new Spot(appliance: $appliance->id));
            $made->resistor(FaultKind::Short, 'appliance', $appliance->id, new Spot(appliance: $appliance->id));
            if ($appliance->extension === true) {
                $made->resistor(FaultKind::Leak, 'cord', $appliance->id, new Spot(cord: $appliance->id));
            }
        }
        foreach ($house->points as $point) {
            isset($aside[$point->id]) ? $made->borrowed($point, $aside) : $made->atPoint($point);
        }
        array_map($made->inCable(...), array_values(array_filter($house->cables, fn(Cable $cable): bool => $cable->isConnected() && ! isset($aside[$cable->to->point]))));
        foreach ($house->circuits as $circuit) {
            $points = array_merge(...array_map($foresight->feeds->pointsOn(...), $house->fedBy($circuit)));
            if (array_filter($points, fn(Point $point): bool => ! isset($aside[$point->id])) !== [] && ($circuit->breaker()->givesGfci() || $circuit->breaker()->givesAfci())) {
                $made->device('circuit', $circuit->id, new Spot(circuit: $circuit->id), $circuit->breaker()->givesGfci());
            }
        }
        $made->without($foresight);

        return array_values($made->all);
    }

    /** @return Hypothesis both at once */
    public static function pair(Hypothesis $one, Hypothesis $other, int $variant, int $otherVariant, Priors $priors): Hypothesis
    {
        return new Hypothesis("{$one->id} + {$other->id}", Explains::Fault, $one->at, [[...$one->variants[$variant], ...$other->variants[$otherVariant]]], $one->prior * $other->prior * $priors->named('times two at once'));
    }

    /** Causes that are no fault. */
    private function without(Foresight $foresight): void
    {
        $symptom = $this->symptom;
        $popped = match (true) {
            $symptom->isAnswered(Question::Upstream, Answer::PoppedAndWorks) => ['times found popped'],
            $symptom->isAnswered(Question::Upstream, Answer::NonePopped) => ['times none had popped'],
            default => [],
        };
        $zones = new Zones($this->feeds);
        $cables = 0.0;
        foreach (SymptomFit::devices($foresight, $symptom) as $device) {
            $leaks = ZoneLeakage::of(new Guard($this->house->hasPoint($device) ? $this->house->point($device) : $this->house->circuit($device)), $zones, $this->feeds);
            $cables = max($cables, array_sum(array_map(fn($part): float => $part->of instanceof Cable ? $part->capacitiveMa : 0.0, $leaks->parts)));
            if ($symptom->kind === SymptomKind::Dead || $symptom->kind === SymptomKind::WillNotReset || $symptom->kind === SymptomKind::ReadsWrong) {
                $at = $this->house->hasPoint($device) ? new Spot(point: $device) : new Spot(circuit: $device);
                $this->put(new Hypothesis("upstream_tripped:$device", Explains::UpstreamTripped, $at, [[]], $this->priors->named('upstream_tripped') * $this->priors->product($popped), startsOpen: $device, times: $popped));
            }
        }
        $this->put(new Hypothesis('honest_sum', Explains::HonestSum, new Spot(), array_fill(0, count(self::LEAK_SCALES), []), $this->priors->named('honest_sum'), leakScales: self::LEAK_SCALES));
        $this->put(new Hypothesis('long_cable', Explains::LongCable, new Spot(), [[]], $this->priors->named('long_cable') * max(0.05, min(5.0, $cables / Tripping::HOLDS_MA * 2.0))));
        $this->put(new Hypothesis('overload', Explains::Overload, new Spot(), [[]], $this->priors->named('overload')));
        if ($this->house->hasPoint($symptom->at) && $this->feeds->feed($this->house->point($symptom->at))->circuit === null) {
            $this->put(new Hypothesis('no_feed', Explains::NoFeed, new Spot(point: $symptom->at), [[]], $this->priors->named('no_feed')));
        }
        $this->put(new Hypothesis('unknown', Explains::Unknown, new Spot(), [[]], $this->priors->named('unknown')));
    }

    private function atPoint(Point $point): void
    {
        $at = new Spot(point: $point->id);
        $this->resistor(FaultKind::Leak, 'point', $point->id, $at, $point);
        $this->resistor(FaultKind::NeutralGround, 'point', $point->id, $at, $point);
        $this->resistor(FaultKind::Short, 'point', $point->id, $at, $point);
        $this->one(new Fault(FaultKind::Open, $at, conductor: Conductor::Ground), 'point', "open:{$point->id}:ground", $point);
        $this->one(new Fault(FaultKind::Bootleg, $at), 'point', "bootleg:{$point->id}", $point);
        $this->arcs('point', $point->id, $at, $point);
        $this->borrowed($point);
        if ($point->device->feedsThrough()) {
            $this->one(new Fault(FaultKind::ReversedLineLoad, $at), 'point', "reversed_line_load:{$point->id}", $point);
            $this->device('point', $point->id, $at, $point->device->givesGfci());
        }
    }

    private function inCable(Cable $cable): void
    {
        $at = new Spot(cable: $cable->id);
        $to = $this->house->point($cable->to->point);
        $this->resistor(FaultKind::Leak, 'cable', $cable->id, $at, $to);
        $this->resistor(FaultKind::NeutralGround, 'cable', $cable->id, $at, $to);
        $this->resistor(FaultKind::Short, 'cable', $cable->id, $at, $to);
        foreach (Conductor::cases() as $conductor) {
            $this->one(new Fault(FaultKind::Open, $at, conductor: $conductor), 'cable', "open:{$cable->id}:{$conductor->value}", $to, $conductor !== Conductor::Ground);
        }
        foreach ([Conductor::Hot, Conductor::Neutral] as $conductor) {
            $this->variants(
                array_map(fn(float $ohms): array => [new Fault(FaultKind::HighResistance, $at, $ohms, $conductor)], self::JOINT_OHMS),
                'cable',
                "high_resistance:{$cable->id}:{$conductor->value}",
                $to,
            );
        }
        $this->one(new Fault(FaultKind::Swap, $at), 'cable', "swap:{$cable->id}", $to);
        if ($cable->ground !== false) {
            $this->one(new Fault(FaultKind::SwapHotGround, $at), 'cable', "swap_hot_ground:{$cable->id}", $to);
        }
        $this->arcs('cable', $cable->id, $at, $to);
        foreach ([[$cable->fromPoint(), true], [$cable->to->point, false]] as [$end, $atFrom]) {
            if ($end !== null && $this->house->point($end)->device->feedsThrough()) {
                foreach ([[Land::Load, Land::Line], [Land::Line, Land::Load]] as [$hot, $neutral]) {
                    $spot = new Spot(cable: $cable->id, atFrom: $atFrom);
                    $this->one(new Fault(FaultKind::Land, $spot, landing: new Landing($hot, $neutral)), 'cable', "land:{$cable->id}:" . ($atFrom ? 'from' : 'to') . ":{$hot->value}", $this->house->point($end));
                }
            }
        }
    }

    private function device(string $place, string $id, Spot $at, bool $isGfci): void
    {
        $this->one(new Fault(FaultKind::DeadDevice, $at), $place, "dead_device:$id", null);
        $this->one(new Fault(FaultKind::StuckDevice, $at), $place, "stuck_device:$id", null);
        if ($isGfci) {
            $this->variants(array_map(fn(float $ma): array => [new Fault(FaultKind::WeakDevice, $at, tripMa: $ma)], self::WEAK_MA), $place, "weak_device:$id", null);
        }
    }

    private function arcs(string $place, string $id, Spot $at, Point $point): void
    {
        foreach ([FaultKind::SeriesArc, FaultKind::ParallelArc] as $arc) {
            $this->one(new Fault($arc, $at), $place, "{$arc->value}:$place:$id", $point, true);
        }
    }

    /** @param array<bool> $but points that have lent nothing, by id */
    private function borrowed(Point $point, array $but = []): void
    {
        $own = Lenders::way($this->feeds, $point);
        foreach ($this->lenders as $way => $lender) {
            if ($own !== null && $own !== $way && ! isset($but[$lender->id])) {
                $this->one(new Fault(FaultKind::BorrowedNeutral, new Spot(point: $point->id), lender: $lender->id), 'point', "borrowed_neutral:{$point->id}:{$lender->id}", $point);
            }
        }
    }

    private function resistor(FaultKind $kind, string $place, string $id, Spot $at, ?Point $point = null): void
    {
        [$ohms, $plain] = match ($kind) {
            FaultKind::Leak => [self::LEAK_OHMS, self::PLAIN_LEAK_OHMS],
            FaultKind::NeutralGround => [self::NEUTRAL_OHMS, self::PLAIN_NEUTRAL_OHMS],
            default => [self::SHORT_OHMS, self::PLAIN_SHORT_OHMS],
        };
        $of = fn(float $ohms): array => [new Fault($kind, $at, $ohms)];
        $this->variants(array_map($of, $ohms), $place, "{$kind->value}:$place:$id", $point, array_map($of, $plain));
    }

    private function one(Fault $fault, string $place, string $id, ?Point $point, bool $comesAndGoes = false): void
    {
        $this->variants([[$fault]], $place, $id, $point, $comesAndGoes ? [[$fault]] : []);
    }

    /**
     * @param non-empty-list<list<Fault>> $variants each of one fault
     * @param list<list<Fault>> $comingAndGoing as it is when it comes and goes
     */
    private function variants(array $variants, string $place, string $id, ?Point $point, array $comingAndGoing = []): void
    {
        $fault = $variants[0][0];
        $prior = $this->priors->of($fault, $place, $this->house, $point, $this->symptom);
        $times = $this->priors->times($fault, $place, $this->house, $point, $this->symptom);
        $this->put(new Hypothesis($id, Explains::Fault, $fault->at, $variants, $prior, times: $times));
        if ($comingAndGoing !== [] && $this->withIntermittents) {
            $this->put(new Hypothesis($id . Hypothesis::NOW_AND_THEN, Explains::Fault, $fault->at, $comingAndGoing, $prior * $this->priors->named('times comes and goes'), true, times: $times));
        }
    }

    private function put(Hypothesis $hypothesis): void
    {
        $this->all[$hypothesis->id] = $hypothesis;
    }
}
