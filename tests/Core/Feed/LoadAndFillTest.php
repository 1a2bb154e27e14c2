<?php

declare(strict_types=1);

use Bouclier\Core\Feed\BoxFill;
use Bouclier\Core\Feed\Capacitance;
use Bouclier\Core\Feed\FeedMap;
use Bouclier\Core\Feed\Gauge;
use Bouclier\Core\Feed\Guard;
use Bouclier\Core\Feed\Load;
use Bouclier\Core\Feed\ZoneLeakage;
use Bouclier\Core\Feed\Zones;
use Bouclier\Core\House\Edition;
use Bouclier\Core\House\House;
use Tests\Core\Build;

it('knows the breaker of a wire and the wire of a breaker (240.4(D))', function (int $awg, float $amps): void {
    expect(Gauge::for($amps))->toBe($awg)
        ->and(Gauge::for($amps - 1))->toBe($awg);
})->with([
    [14, 15.0],
    [12, 20.0],
    [10, 30.0],
    [8, 40.0],
    [6, 55.0],
]);

/** k is a GFCI; d and e hang beyond its LOAD in a row, f is spliced past it. */
function loaded(array $appliances, array $cable = []): House
{
    return Build::house([
        'points' => [Build::point('k', ['device' => 'gfci']), Build::point('d'), Build::point('e'), Build::point('f')],
        'cables' => [
            Build::cable('c1', 'k', null, 'line', ['length_ft' => 100]),
            Build::cable('k', 'd', 'load', 'line', ['length_ft' => 30] + $cable),
            Build::cable('d', 'e', null, 'line', ['length_ft' => 20]),
            Build::cable('k', 'f', 'splice', 'line', ['length_ft' => 500]),
        ],
        'appliances' => $appliances,
    ]);
}

it('adds what runs at a face and beyond a LOAD', function (): void {
    $house = loaded([
        ['id' => 'x1', 'name' => 'Iron', 'at' => 'k', 'watts' => 1200, 'on' => true],
        ['id' => 'x2', 'name' => 'Kettle', 'at' => 'd', 'watts' => 600, 'on' => true],
        ['id' => 'x3', 'name' => 'Fan', 'at' => 'e', 'watts' => 120, 'on' => true],
        ['id' => 'x4', 'name' => 'Saw', 'at' => 'e', 'watts' => 1800, 'on' => false],
        ['id' => 'x5', 'name' => 'Lamp', 'at' => 'f', 'watts' => 240, 'on' => true],
        ['id' => 'x6', 'name' => 'Oven', 'at' => 'e', 'watts' => 2400, 'volts' => 240, 'on' => true],
        ['id' => 'x7', 'name' => 'Radio', 'at' => null, 'watts' => 60, 'on' => true],
    ]);
    $feeds = new FeedMap($house);
    expect(Load::atFace($house, $house->point('k')))->toBe(10.0)
        ->and(Load::beyondLoad($feeds, $house->point('k')))->toBe(5.0 + 1.0 + 10.0);
});

it('leaks about a milliampere for every thousand feet', function (): void {
    // 120 V × 2π × 60 Hz × 22 pF/ft
    expect(Capacitance::milliamperes(1000))->toEqualWithDelta(0.99526, 1e-4);
});

it('adds leakage at right angles, over the cables beyond the sensor only', function (): void {
    $house = loaded([
        ['id' => 'x1', 'name' => 'Iron', 'at' => 'k', 'leakage' => ['resistive_ma' => 1.0]],
        ['id' => 'x2', 'name' => 'Kettle', 'at' => 'e', 'leakage' => ['resistive_ma' => 2.0, 'capacitive_ma' => 4.0]],
        ['id' => 'x3', 'name' => 'Lamp', 'at' => 'f', 'leakage' => ['resistive_ma' => 50.0]],
    ]);
    $feeds = new FeedMap($house);
    $leakage = ZoneLeakage::of(new Guard($house->point('k')), new Zones($feeds), $feeds);
    expect($leakage->resistiveMa())->toBe(3.0)
        ->and($leakage->capacitiveMa())->toEqualWithDelta(4.0 + Capacitance::milliamperes(50), 1e-12)
        ->and($leakage->milliamperes())->toEqualWithDelta(hypot(3.0, 4.0 + Capacitance::milliamperes(50)), 1e-12);
});

it('leaves out a cable without a ground', function (): void {
    $house = loaded([], ['ground' => false]);
    $feeds = new FeedMap($house);
    expect(
        ZoneLeakage::of(new Guard($house->point('k')), new Zones($feeds), $feeds)->capacitiveMa(),
    )->toEqualWithDelta(Capacitance::milliamperes(20), 1e-12);
});

it('counts all cables of a circuit behind a breaker', function (): void {
    $house = loaded([]);
    $house = $house->withCircuit($house->circuit('c1')->with(breaker: Bouclier\Core\House\BreakerType::Gfci));
    $feeds = new FeedMap($house);
    expect(
        ZoneLeakage::of(new Guard($house->circuit('c1')), new Zones($feeds), $feeds)->capacitiveMa(),
    )->toEqualWithDelta(Capacitance::milliamperes(650), 1e-12);
});

it('fills boxes as 314.16(B) does, by hand', function (array $point, array $cables, Edition $edition, ?float $needed): void {
    $points = [Build::point('p', $point)];
    $run = [];
    foreach ($cables as $i => $cable) {
        $points[] = Build::point("q$i");
        $run[] = $i === 0 ? Build::cable('c1', 'p', null, 'line', $cable) : Build::cable('p', "q$i", 'line', 'line', $cable);
    }
    $house = Build::house(['points' => $points, 'cables' => $run]);
    expect(BoxFill::neededIn3(new FeedMap($house), $house->point('p'), $edition))->toBe($needed);
})->with([
    // one cable: 2 conductors, a device of 2, a ground of 1, all 12 AWG: 5 × 2.25
    'one 12 AWG cable and a device' => [[], [[]], Edition::Nec2023, 11.25],
    'one 14 AWG cable and a device' => [[], [['awg' => 14]], Edition::Nec2023, 10.0],
    // 4 × 2.25 + 2 × 2.25 + 2.25
    'two 12 AWG cables' => [[], [[], []], Edition::Nec2023, 15.75],
    // 2 × 2.25 + 2 × 2.00 + device by the largest + ground by the largest
    'a 12 and a 14 AWG cable' => [[], [[], ['awg' => 14]], Edition::Nec2023, 2 * 2.25 + 2 * 2.0 + 4.5 + 2.25],
    'with clamps' => [['box' => ['clamps' => 1]], [[], []], Edition::Nec2023, 18.0],
    'clamps said to be none' => [['box' => ['clamps' => 0]], [[], []], Edition::Nec2023, 15.75],
    'no device' => [['kind' => 'junction', 'device' => 'none'], [[], []], Edition::Nec2023, 11.25],
    'a three-conductor cable' => [[], [['conductors' => 3]], Edition::Nec2023, 13.5],
    'no ground in the cable' => [[], [['ground' => false]], Edition::Nec2023, 9.0],
    'five grounds, 2017' => [[], [[], [], [], [], []], Edition::Nec2017, 10 * 2.25 + 4.5 + 2.25],
    'five grounds, 2020' => [[], [[], [], [], [], []], Edition::Nec2020, 10 * 2.25 + 4.5 + 2.25 * 1.25],
    // the ground in an 8 AWG cable is 10 AWG
    'an 8 AWG cable' => [[], [['awg' => 8]], Edition::Nec2023, 2 * 3.0 + 2 * 3.0 + 2.5],
    'heavier than the table' => [[], [['awg' => 4]], Edition::Nec2023, null],
    'no cable' => [[], [], Edition::Nec2023, null],
]);
