<?php

declare(strict_types=1);

namespace Bouclier\Core\Diagnose;

use Bouclier\Core\Feed\FeedMap;
use Bouclier\Core\House\Cable;
use Bouclier\Core\House\House;
use Bouclier\Core\House\Land;
use Bouclier\Core\House\Landing;
use Bouclier\Core\House\Point;
use Bouclier\Core\Network\Conductor;
use Bouclier\Core\Network\Fault;
use Bouclier\Core\Network\FaultKind;
use Bouclier\Core\Network\Spot;

/** Everything that may be the cause, at every place where it can be, in the part of the house the symptom can come from. */
final class Hypotheses
{
    /** Ohms of a leak, of a neutral on ground, and of a poor joint: severe, middling, slight. */
    private const LEAK_OHMS = [2500.0, 9000.0, 20000.0];
    private const NEUTRAL_OHMS = [0.3, 2.0, 30.0];
    private const JOINT_OHMS = [1.0, 6.0, 40.0];
    private const SHORT_OHMS = [0.2, 1.5];
    private const WEAK_MA = [0.8, 2.0, 3.3];

    /** How often what comes and goes shows. */
    private const CHANCE = 0.4;

    /** @var list<Hypothesis> */
    private array $all = [];

    private function __construct(
        private readonly House $house,
        private readonly FeedMap $feeds,
        private readonly bool $withIntermittents,
    ) {
    }

    /** @return list<Hypothesis> */
    public static function of(House $house, FeedMap $feeds, Symptom $symptom): array
    {
        $made = new self($house, $feeds, in_array($symptom->kind, [SymptomKind::Trips, SymptomKind::Dead], true));
        foreach ($house->appliances as $appliance) {
            $made->add(FaultKind::Leak, 'appliance', $appliance->id, new Spot(appliance: $appliance->id), self::LEAK_OHMS);
            $made->add(FaultKind::Short, 'appliance', $appliance->id, new Spot(appliance: $appliance->id), self::SHORT_OHMS);
            if ($appliance->extension === true) {
                $made->add(FaultKind::Leak, 'cord', $appliance->id, new Spot(cord: $appliance->id), self::LEAK_OHMS);
            }
        }
        array_map($made->atPoint(...), $house->points);
        array_map($made->inCable(...), array_values(array_filter($house->cables, fn(Cable $cable): bool => $cable->isConnected())));
        foreach ($house->circuits as $circuit) {
            if ($feeds->pointsOn($circuit) === []) {
                continue;
            }
            if ($circuit->breaker()->givesGfci() || $circuit->breaker()->givesAfci()) {
                $made->device('circuit', $circuit->id, new Spot(circuit: $circuit->id), $circuit->breaker()->givesGfci());
            }
        }
        $made->all[] = new Hypothesis('honest_sum', Explains::HonestSum, new Spot(), [[]], Priors::HONEST_SUM, leakScale: 2.0);
        $made->all[] = new Hypothesis('long_cable', Explains::LongCable, new Spot(), [[]], Priors::LONG_CABLE, leakScale: 1.0);
        $made->all[] = new Hypothesis('overload', Explains::Overload, new Spot(), [[]], Priors::OVERLOAD);
        $made->all[] = new Hypothesis('unknown', Explains::Unknown, new Spot(), [[]], Priors::UNKNOWN);

        return $made->all;
    }

    private function atPoint(Point $point): void
    {
        $at = new Spot(point: $point->id);
        $this->add(FaultKind::Leak, 'point', $point->id, $at, self::LEAK_OHMS, $point);
        $this->add(FaultKind::NeutralGround, 'point', $point->id, $at, self::NEUTRAL_OHMS, $point);
        $this->add(FaultKind::Short, 'point', $point->id, $at, self::SHORT_OHMS, $point);
        $this->one(new Fault(FaultKind::Open, $at, conductor: Conductor::Ground), 'point', "open:{$point->id}:ground", $point);
        $this->one(new Fault(FaultKind::Bootleg, $at), 'point', "bootleg:{$point->id}", $point);
        foreach ([FaultKind::SeriesArc, FaultKind::ParallelArc] as $arc) {
            $this->one(new Fault($arc, $at), 'point', "{$arc->value}:{$point->id}", $point, true);
        }
        $lender = $this->lenderFor($point);
        if ($lender !== null) {
            $this->one(new Fault(FaultKind::BorrowedNeutral, $at, lender: $lender->id), 'point', "borrowed_neutral:{$point->id}", $point);
        }
        if ($point->device->feedsThrough()) {
            $this->one(new Fault(FaultKind::ReversedLineLoad, $at), 'point', "reversed_line_load:{$point->id}", $point);
            $this->device('point', $point->id, $at, $point->device->givesGfci());
        }
    }

    private function inCable(Cable $cable): void
    {
        $at = new Spot(cable: $cable->id);
        $to = $this->house->point($cable->to->point);
        $this->add(FaultKind::Leak, 'cable', $cable->id, $at, self::LEAK_OHMS, $to);
        $this->add(FaultKind::NeutralGround, 'cable', $cable->id, $at, self::NEUTRAL_OHMS, $to);
        $this->add(FaultKind::Short, 'cable', $cable->id, $at, self::SHORT_OHMS, $to);
        foreach (Conductor::cases() as $conductor) {
            $this->one(new Fault(FaultKind::Open, $at, conductor: $conductor), 'cable', "open:{$cable->id}:{$conductor->value}", $to);
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
        $this->one(new Fault(FaultKind::SwapHotGround, $at), 'cable', "swap_hot_ground:{$cable->id}", $to);
        foreach ([FaultKind::SeriesArc, FaultKind::ParallelArc] as $arc) {
            $this->one(new Fault($arc, $at), 'cable', "{$arc->value}:{$cable->id}", $to, true);
        }
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

    /** The outlet of another circuit whose neutral one may have been joined to: the nearest in the walk. */
    private function lenderFor(Point $point): ?Point
    {
        $own = $this->feeds->feed($point)->circuit;
        foreach ($this->house->points as $other) {
            $circuit = $this->feeds->feed($other)->circuit;
            if ($own !== null && $circuit !== null && $circuit->id !== $own->id && $circuit->volts() === $own->volts()) {
                return $other;
            }
        }

        return null;
    }

    /** @param non-empty-list<float> $ohms */
    private function add(FaultKind $kind, string $place, string $id, Spot $at, array $ohms, ?Point $point = null): void
    {
        $this->variants(array_map(fn(float $one): array => [new Fault($kind, $at, $one)], $ohms), $place, "{$kind->value}:$place:$id", $point, $kind !== FaultKind::Short);
    }

    private function one(Fault $fault, string $place, string $id, ?Point $point, bool $comesAndGoes = false): void
    {
        $this->variants([[$fault]], $place, $id, $point, $comesAndGoes);
    }

    /** @param non-empty-list<list<Fault>> $variants each of one fault */
    private function variants(array $variants, string $place, string $id, ?Point $point, bool $comesAndGoes = false): void
    {
        $fault = $variants[0][0];
        $prior = Priors::of($fault->kind, $place, $this->house, $point);
        $this->all[] = new Hypothesis($id, Explains::Fault, $fault->at, $variants, $prior);
        if ($comesAndGoes && $this->withIntermittents) {
            $this->all[] = new Hypothesis("$id:intermittent", Explains::Fault, $fault->at, [$variants[0]], $prior * Priors::INTERMITTENT, self::CHANCE);
        }
    }
}
