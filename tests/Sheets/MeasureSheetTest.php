<?php

declare(strict_types=1);

use Bouclier\Core\House\House;
use Bouclier\Sheets\MeasureSheet;
use Bouclier\Sheets\SweepSheet;
use Tests\Core\Build;

function measured(array $readings = [], array $more = []): House
{
    return Build::house($more + [
        'supply_volts' => 120,
        'circuits' => [Build::circuit('c1', ['slot' => '7', 'label' => 'Counter'])],
        'points' => [
            Build::point('g', ['device' => 'gfci', 'ground' => 'wire']), Build::point('p', ['ground' => 'wire']),
            Build::point('n', ['ground' => 'none']), Build::point('lost'),
        ],
        'cables' => [
            Build::cable('c1', 'g', null, 'line', ['length_ft' => 50, 'awg' => 12]),
            Build::cable('g', 'p', 'load', 'line', ['length_ft' => 20]), Build::cable('c1', 'n', null, 'line', ['ground' => false]),
        ],
        'appliances' => [
            ['id' => 'x', 'name' => 'Heater', 'at' => 'p', 'watts' => 1500, 'on' => true, 'leakage' => ['resistive_ma' => 1.5]],
            ['id' => 'y', 'name' => 'Lamp', 'at' => 'p', 'watts' => 60, 'leakage' => ['resistive_ma' => 0.2, 'capacitive_ma' => 0.1]],
        ],
        'records' => (object) $readings,
    ]);
}

function measuresOf(House $house, string $point): array
{
    return MeasureSheet::of($house, $house->point($point));
}

it('expects of each outlet what its wiring and its load make of it', function (): void {
    $fed = measuresOf(measured(), 'p');
    $bare = measuresOf(measured(), 'n');
    expect($fed['lamps'])->toBe(['hn' => true, 'hg' => true, 'ng' => false])
        ->and($fed['volts']['hn'])->toBeGreaterThan(115.0)->toBeLessThan(120.0)
        ->and($fed['volts']['ng'])->toBeGreaterThan(0.5)
        ->and($bare['lamps'])->toBe(['hn' => true, 'hg' => false, 'ng' => false])
        ->and($fed['circuit'])->toStartWith('Breaker 7 Counter ');
});

it('expects nothing, not even zero, where nothing is known to feed an outlet', function (): void {
    expect(measuresOf(measured(), 'lost'))->toMatchArray(['isFed' => false, 'lamps' => null, 'volts' => null, 'circuit' => null]);
});

it('draws the volts along the run from the panel on', function (): void {
    $profile = measuresOf(measured(), 'p')['profile'];
    expect(array_column($profile, 'ft'))->toBe([50.0, 70.0])
        ->and($profile[1]['volts'])->toBeLessThan($profile[0]['volts'])->and($profile[0]['volts'])->toBeLessThan(120.0);
});

it('sets each reading beside what was to be expected, the last first, and says what a difference means', function (): void {
    $read = measuresOf(measured(['readings' => [
        ['point' => 'p', 'volts' => 118.4, 'between' => 'hn', 'at_time' => '2026-03-02T09:40:00Z'],
        ['point' => 'p', 'volts' => 61.0, 'between' => 'hg', 'who' => 'Bo'],
        ['point' => 'p', 'volts' => 1.0, 'between' => 'hr'],
        ['point' => 'g', 'volts' => 1.0, 'between' => 'hn'],
        ['point' => 'p', 'ma' => 12500, 'cable' => 'g-p'],
        ['point' => 'p', 'ma' => 5, 'cable' => 'c1-n'],
    ]]), 'p')['read'];
    // Against a lead from outside, at another outlet, on a cable that does not come here: none of this outlet.
    expect($read)->toHaveCount(3)
        ->and($read[1])->toMatchArray(['who' => 'Bo'])->and($read[1]['means'])->not->toBeNull()
        ->and($read[2])->toMatchArray(['at' => '2026-03-02T09:40:00Z', 'means' => null]);
});

it('takes apart what leaks through each device that protects the outlet, the most first', function (): void {
    $budget = measuresOf(measured(), 'p')['budgets'][0];
    expect($budget)->toMatchArray(['id' => 'g', 'tripsMa' => 6.0, 'holdsMa' => 4.0])
        ->and($budget['parts'][0])->toMatchArray(['id' => 'x', 'name' => 'Heater', 'at' => 'X-p', 'isCable' => false, 'ma' => 1.5])
        ->and(array_column($budget['parts'], 'isCable'))->toContain(true)
        ->and($budget['ma'])->toEqualWithDelta(hypot($budget['resistiveMa'], $budget['capacitiveMa']), 0.02)
        ->and(measuresOf(measured(), 'n')['budgets'])->toBe([]);
});

it('shows trip times on the curve of their limit, of a protective device alone', function (): void {
    $house = measured(['device_tests' => [
        ['point' => 'g', 'by' => 'device_button', 'tripped' => true, 'trip_ms' => 25, 'at_time' => '2026-03-02T09:40:00Z'],
        ['point' => 'g', 'by' => 'tester_button', 'tripped' => true],
        ['point' => 'g', 'by' => 'device_button', 'tripped' => true, 'trip_ms' => 9000, 'who' => 'Bo'],
    ]]);
    $trips = measuresOf($house, 'g')['trips'];
    expect(array_column($trips['tests'], 'ms'))->toBe([9000.0, 25.0])
        ->and($trips['tests'][0]['says'])->not->toBe($trips['tests'][1]['says'])
        ->and($trips['limit'][0])->toBe(['ma' => 6.0, 'ms' => 5593.9])
        // (20 / I)^1.43 seconds, and never less than 25 ms.
        ->and($trips['limit'][10]['ms'])->toEqualWithDelta(1000.0 * (20.0 / $trips['limit'][10]['ma']) ** 1.43, 2.0)
        ->and($trips['limit'][40])->toBe(['ma' => 300.0, 'ms' => 25.0])
        ->and(measuresOf($house, 'p')['trips'])->toBeNull();
});

it('keeps the last reading of a tester for each half, with what it means', function (): void {
    $lamps = fn(bool $hn, bool $hg, bool $ng): array => ['hn' => $hn, 'hg' => $hg, 'ng' => $ng];
    $shown = SweepSheet::of(measured(['readings' => [
        ['point' => 'p', 'half' => 'top', 'lamps' => $lamps(true, false, false)],
        ['point' => 'p', 'half' => 'bottom', 'lamps' => $lamps(true, true, false), 'volts' => 104.0],
        ['point' => 'p', 'half' => 'top', 'lamps' => $lamps(true, true, false), 'volts' => 119.0],
        ['point' => 'g', 'volts' => 119.0, 'between' => 'hn'],
    ]]));
    $halves = array_column($shown['p'], null, 'half');
    expect(array_keys($shown))->toBe(['p'])->and($halves['top']['isCorrect'])->toBeTrue()->and($halves['top']['voltsSay'])->toBeNull()
        ->and($halves['bottom']['voltsSay'])->not->toBeNull()
        ->and($halves['top']['cannotShow'])->not->toBeNull();
});
