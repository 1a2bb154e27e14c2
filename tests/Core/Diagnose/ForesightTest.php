<?php

declare(strict_types=1);

use Bouclier\Core\Diagnose\Foresight;
use Bouclier\Core\Feed\BreakerHints;
use Bouclier\Core\Feed\FeedMap;
use Bouclier\Core\House\House;
use Bouclier\Core\Network\Condition;
use Bouclier\Core\Network\Fault;
use Bouclier\Core\Network\FaultKind;
use Bouclier\Core\Network\Spot;
use Tests\Core\Build;

/** A GFCI g with p beyond its LOAD, on an AFCI breaker; a heater at p. */
function foreseen(array $more = []): House
{
    return Build::house($more + [
        'circuits' => [Build::circuit('c1', ['breaker' => 'afci']), Build::circuit('c2')],
        'points' => [Build::point('g', ['device' => 'gfci']), Build::point('p')],
        'cables' => [Build::cable('c1', 'g', more: ['id' => 'w1', 'length_ft' => 40]), Build::cable('g', 'p', 'load', more: ['id' => 'w2', 'length_ft' => 20])],
        'appliances' => [['id' => 'heater', 'name' => 'Heater', 'at' => 'p', 'watts' => 1200, 'on' => true]],
    ]);
}

/** @return array<float> */
function chances(array $faults, ?Condition $condition = null, array $more = []): array
{
    $house = foreseen($more);

    return (new Foresight($house, new FeedMap($house)))->trips($condition ?? Condition::of($house), $faults);
}

it('gives the chance that a device opens, rising from 4 to 6 mA', function (float $milliamperes, float $chance): void {
    $leak = new Fault(FaultKind::Leak, new Spot(point: 'p'), 119.2 / ($milliamperes / 1000));
    expect(chances([$leak])['g'] ?? 0.0)->toEqualWithDelta($chance, 0.05);
})->with([[3.5, 0.0], [4.5, 0.25], [5.0, 0.5], [5.5, 0.75], [7.0, 1.0]]);

it('knows what wears in a device, what grounds a neutral, and what arcs', function (): void {
    $leak = new Fault(FaultKind::Leak, new Spot(point: 'p'), 50e3);
    $at = new Spot(point: 'g');
    expect(chances([]))->toBe([])->and(chances([$leak]))->toBe([])
        ->and(chances([$leak, new Fault(FaultKind::WeakDevice, $at, tripMa: 1.0)]))->toHaveKey('g')
        ->and(chances([new Fault(FaultKind::Leak, new Spot(point: 'p'), 5e3), new Fault(FaultKind::StuckDevice, $at)]))->not->toHaveKey('g')
        ->and(chances([new Fault(FaultKind::NeutralGround, new Spot(point: 'p'), 1.0)], more: ['appliances' => []]))->toBe(['g' => 1.0])
        ->and(chances([new Fault(FaultKind::NeutralGround, new Spot(point: 'p'), 30.0)], more: ['appliances' => []]))->toBe([])
        ->and(chances([new Fault(FaultKind::SeriesArc, new Spot(cable: 'w2'))]))->toBe(['c1' => 1.0])
        ->and(chances([new Fault(FaultKind::SeriesArc, new Spot(cable: 'w2'))], more: ['appliances' => []]))->toBe([])
        ->and(chances([new Fault(FaultKind::Short, new Spot(point: 'p'), 0.1)]))->toHaveKey('c1');
});

it('sees nothing of what lies beyond an open device', function (): void {
    $condition = Condition::of(foreseen());
    $condition->open['g'] = true;
    expect(chances([new Fault(FaultKind::Leak, new Spot(point: 'p'), 5e3)], $condition))->toBe([]);
});

it('shows the same of a resistor laid into the solved house as of the house built with it', function (): void {
    $house = foreseen();
    $foresight = new Foresight($house, new FeedMap($house));
    foreach ([FaultKind::Leak, FaultKind::Short, FaultKind::NeutralGround] as $kind) {
        foreach ([new Spot(point: 'p'), new Spot(cable: 'w2'), new Spot(appliance: 'heater')] as $at) {
            $fault = new Fault($kind, $at, 40.0);
            $laid = $foresight->view(Condition::of($house), [$fault]);
            $built = Condition::of($house);
            $built->faults = [$fault];
            $anew = $foresight->tripping->grid($built);
            expect($laid->faceVolts('p'))->toEqualWithDelta($anew->faceVolts('p'), 1e-6)
                ->and($laid->grid->residual('g', $laid->solution))->toEqualWithDelta($anew->residual('g'), 1e-9);
        }
    }
});

it('weighs breakers by what is written, beside and rated, and rules none out', function (): void {
    $house = Build::house([
        'areas' => [Build::area('a', 'laundry', ['name' => 'Laundry'])],
        'circuits' => [Build::circuit('c1', ['label' => 'Laundry']), Build::circuit('c2', ['label' => 'Hall', 'amps' => 15]), Build::circuit('c3', ['volts' => 240, 'poles' => 2])],
        'points' => [Build::point('p', ['amps' => 20]), Build::point('q')],
        'cables' => [Build::cable('c2', 'q')],
    ]);
    $hints = new BreakerHints(new FeedMap($house));
    $weights = array_map(fn($circuit): float => $hints->weight($house->point('p'), $circuit), $house->circuits);
    expect($weights[0])->toBe(6.0)->and($weights[1])->toEqualWithDelta(0.9, 1e-9)->and($weights[2])->toBe(0.01)
        ->and($hints->reasons($house->point('p'), $house->circuits[1]))->toBe(['feeds others in the room', '20 A receptacle on 15 A breaker']);
});
