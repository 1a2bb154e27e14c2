<?php

declare(strict_types=1);

namespace Bouclier\Core\Scope\Adding;

use Bouclier\Core\House\Box;
use Bouclier\Core\House\Cable;
use Bouclier\Core\House\CableEnd;
use Bouclier\Core\House\CableOrigin;
use Bouclier\Core\House\Circuit;
use Bouclier\Core\House\FreeId;
use Bouclier\Core\House\House;
use Bouclier\Core\House\Land;
use Bouclier\Core\House\Landing;
use Bouclier\Core\House\OutletName;
use Bouclier\Core\House\Panel;
use Bouclier\Core\House\Point;
use Bouclier\Core\House\PointKind;
use Bouclier\Core\House\Spot;
use Bouclier\Core\Plan\Applied;
use Bouclier\Core\Plan\Item;
use Bouclier\Core\Plan\PriceTable;
use Bouclier\Core\Plan\Task;
use Bouclier\Core\Plan\WhyPlanned;
use Bouclier\Core\Scope\Bill;
use Bouclier\Core\Scope\CutIn;
use Bouclier\Core\Scope\Inspection;
use Bouclier\Core\Scope\Rearranged;
use Bouclier\Core\Scope\RoomInBox;
use Bouclier\Core\Scope\Step;
use Bouclier\Core\Scope\UsualFeet;

/**
 * From which boxes a new outlet may be fed. Each is tried: the outlet is put into the house, what it asks for arranged as cheaply as can be
 * on its run, and the house judged; what brings an error, is asked and missing, or draws too much is refused, and says why.
 */
final class AddingOutlet
{
    private readonly Inspection $now;

    private readonly PriceTable $prices;

    public function __construct(private readonly House $house, private readonly WantedOutlet $wanted)
    {
        $this->now = new Inspection($house);
        $this->prices = PriceTable::of($house);
    }

    /** @return list<Tap> those that may be tapped first, the cheapest first; then those that may not */
    public function taps(): array
    {
        $taps = [];
        foreach ($this->house->points as $point) {
            $way = match (true) {
                in_array($point->id, $this->wanted->behind, true) => Way::ThroughTheWall,
                $point->area === $this->wanted->area->id => Way::AlongTheWall,
                default => null,
            };
            if ($way !== null && $point->kind !== PointKind::Hardwired) {
                $taps[] = $this->tried($point, $way);
            }
        }
        $taps[] = $this->tried(null, Way::FromThePanel);
        usort($taps, fn(Tap $one, Tap $other): int => [! $one->isAllowed(), $one->bill->cost(), $one->box->code ?? '']
            <=> [! $other->isAllowed(), $other->bill->cost(), $other->box->code ?? '']);

        return $taps;
    }

    /** Fed from a box or the panel, with what protects it arranged as cheaply as can be. */
    private function tried(?Point $box, Way $way): Tap
    {
        $own = $box === null ? $this->ownCircuit() : null;
        $circuit = $box === null ? $own : $this->now->feeds->feed($box)->circuit;
        $house = $own === null ? $this->house : $this->house->with(
            panels: $this->house->panels === [] ? [new Panel($own->panel, 'Main panel')] : $this->house->panels,
            circuits: [...$this->house->circuits, $own],
        );
        $ft = $this->feet($box, $way);
        $point = $this->point($house, $circuit);
        $house = $house->with(points: [...$house->points, $point], cables: [...$house->cables, new Cable(
            id: FreeId::in($house, "to-{$point->id}"),
            from: $box !== null
                ? new CableEnd($box->id, Landing::both(Land::Line))
                : new CableOrigin([$circuit->id ?? '']),
            to: new CableEnd($point->id, Landing::both(Land::Line)),
            lengthFt: $ft,
            added: true,
        )]);
        [$house, $larger] = $this->withRoomInTheBox($house, $box);
        [$house, $protection, $text] = $this->protected($house, $point);
        $point = $house->point($point->id);
        $begun = $own === null
            ? []
            : [Step::atCircuit($own->id, Task::NewCircuit, Item::breaker($house->circuit($own->id)->breaker()))];
        $objections = new TapObjections($this->now, new Inspection($house), $point, $box, $circuit);

        return new Tap(
            $box,
            $circuit,
            $way,
            $ft,
            $objections->refused(),
            $objections->notes(),
            $this->cut($box, $way, $ft, $point),
            new Bill([
                ...$begun,
                ...$larger,
                ...array_filter($protection, fn(Step $step): bool => $own === null || $step->at->circuit !== $own->id),
                ...$this->steps($box, $point, $ft),
            ], $this->prices),
            $house,
            $point->id,
            $text === '' ? "{$point->device->label()} receptacle, nothing else changed." : $text,
        );
    }

    /**
     * What the new outlet asks for, from wherever on its run it costs least; what is protected as asked stays so.
     *
     * @return array{House, list<Step>, string} the house with it, what is done for it beside the outlet itself, and in words
     */
    private function protected(House $house, Point $point): array
    {
        $plan = Rearranged::around($house, [$point->id]);
        if ($plan === null) {
            return [$house, [], ''];
        }

        return [
            (new Applied($house, $plan))->house(),
            array_values(array_filter(Step::ofPlan($plan), fn(Step $step): bool => $step->at->point !== $point->id)),
            WhyPlanned::changes($plan),
        ];
    }

    private function ownCircuit(): Circuit
    {
        return new Circuit(
            id: FreeId::in($this->house, 'new-circuit'),
            panel: $this->house->panels[0]->id ?? FreeId::in($this->house, 'main'),
            slot: 'new',
            label: OutletName::of(PointKind::Receptacle, $this->wanted->serves),
            amps: 20.0,
        );
    }

    private function point(House $house, ?Circuit $circuit): Point
    {
        return CutIn::in($house, $this->wanted->area, $this->wanted->serves)->with(
            amps: $circuit !== null && $circuit->amps > 15.0 && $this->wanted->serves->isHeavy() ? 20.0 : Point::USUAL_AMPS,
            distances: $this->wanted->distance === null ? null : [$this->wanted->distance],
        );
    }

    private function feet(?Point $box, Way $way): float
    {
        if ($box === null) {
            return UsualFeet::HOME_RUN;
        }
        if ($way === Way::ThroughTheWall) {
            return UsualFeet::THROUGH_A_WALL;
        }
        foreach ($box->distances() as $distance) {
            if ($this->wanted->distance !== null && $distance->fixture === $this->wanted->distance->fixture) {
                return round(abs($distance->ft - $this->wanted->distance->ft) + UsualFeet::UP_AND_DOWN, 1);
            }
        }

        return ($this->wanted->wallFt ?? UsualFeet::ALONG_A_WALL) + UsualFeet::UP_AND_DOWN;
    }

    /**
     * The box that is tapped takes one cable more: where it has no room for it a larger one goes in.
     *
     * @return array{House, list<Step>}
     */
    private function withRoomInTheBox(House $house, ?Point $box): array
    {
        if ($box?->box?->volumeIn3 === null) {
            return [$house, []];
        }
        $then = RoomInBox::made($house, $box);

        return [$then, $then === $house ? [] : [Step::atPoint($box->id, Task::ReplaceBox, Item::LargerBox)]];
    }

    /** @return list<Step> */
    private function steps(?Point $box, Point $point, float $ft): array
    {
        return [
            ...($box === null ? [] : [Step::atPoint($box->id, Task::InTheBox, Item::Pigtail)]),
            Step::atPoint($point->id, Task::PullCable, Item::CableFoot, $ft),
            Step::atPoint($point->id, Task::NewOutlet, Item::Box),
            Step::atPoint($point->id, Task::Rewire, Item::receptacle($point)),
            ...($point->cover === null ? [] : [new Step(Task::Cover, Item::InUseCover, new Spot(point: $point->id))]),
        ];
    }

    /** @return list<string> */
    private function cut(?Point $box, Way $way, float $ft, Point $point): array
    {
        $feet = rtrim(rtrim(sprintf('%.1f', $ft), '0'), '.');

        return [
            $box === null
                ? 'Main off, or the panel handled as live: the breaker goes in last.'
                : "Breaker off, {$box->code} proved dead, every pair in its box.",
            "Cut the box in for {$point->code}" . ($this->wanted->distance === null
                ? '.'
                : sprintf(
                    ', %s ft from the %s.',
                    $this->wanted->distance->ft,
                    $this->house->fixture($this->wanted->distance->fixture)->kind->value,
                )),
            "$feet ft of cable, " . $way->label() . ($way === Way::AlongTheWall ? ': up, over and down, or through the studs.' : '.'),
            "Make up {$point->code} with a ground pigtail; leave 6 in of free conductor in both boxes.",
        ];
    }
}
