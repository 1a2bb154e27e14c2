<?php

declare(strict_types=1);

use Bouclier\Core\Actions\Action;
use Bouclier\Core\Actions\Simulation;
use Bouclier\Core\Exchange\ScriptReader;
use Bouclier\Core\Faults\FaultList;
use Bouclier\Core\Feed\FeedMap;
use Bouclier\Core\House\Between;
use Bouclier\Core\House\Spot;
use Bouclier\Core\Network\Condition;
use Bouclier\Core\Network\Draws;
use Bouclier\Core\Network\Expected;
use Bouclier\Core\Network\GridBuilder;
use Bouclier\Core\Network\Instruments;
use Bouclier\Core\Network\Looks;
use Tests\Core\Build;

/** What an electrician's hands and eyes meet: lights, open boxes, floating conductors, raceways, breakers of two poles. */
function handsHouse(array $faults = [], array $device = [], array $parts = []): array
{
    return $parts + [
        'circuits' => [Build::circuit('c1'), Build::circuit('c2', ['leg' => 'b'])],
        'points' => [Build::point('g', $device + ['device' => 'gfci']), Build::point('p'), Build::point('q'), Build::point('r')],
        'cables' => [
            Build::cable('c1', 'g', more: ['id' => 'w1', 'length_ft' => 40]),
            Build::cable('g', 'p', 'load', more: ['id' => 'w2', 'length_ft' => 20]),
            Build::cable('p', 'q', more: ['id' => 'w3', 'length_ft' => 30]),
            Build::cable('c2', 'r', more: ['id' => 'w4', 'length_ft' => 25]),
        ],
        'appliances' => [['id' => 'heater', 'name' => 'Heater', 'at' => 'p', 'watts' => 1200, 'on' => true, 'extension' => true]],
        'faults' => $faults,
    ];
}

/** @return list<array<string, mixed>> the readings, exact unless a seed is given */
function handled(array $parts, array $actions, ?int $seed = null): array
{
    $house = Build::house($parts)->with(actions: Build::loose(...$actions));
    $script = ScriptReader::of($house);
    $simulation = new Simulation($house, $script->faults, $seed === null ? Draws::exact() : Draws::seeded($seed));

    return array_map(fn(Action $action): array => $simulation->act($action)->toData(), $script->actions);
}

const G = ['point' => 'g'];

it('shows an eye what it can see, and where', function (array $fault, Spot $at, string $item, float $chance): void {
    $house = Build::house(handsHouse([$fault]));
    $looks = new Looks($house, Draws::exact());
    $faults = FaultList::of($house)->all;
    $chances = array_filter($looks->chances($at, $faults));
    expect($chances)->toBe($item === '' ? [] : [$item => $chance]);
})->with([
    'a split pair, at that point' => [
        [
            'kind' => 'land',
            'at' => ['cable' => 'w2', 'end' => 'from'],
            'hot' => 'load',
            'neutral' => 'line',
        ], new Spot(point: 'g'), 'pair_split', 0.8,
    ],
    'not at the other end' => [
        ['kind' => 'land', 'at' => ['cable' => 'w2', 'end' => 'from'], 'hot' => 'load', 'neutral' => 'line'], new Spot(point: 'p'), '', 0.0,
    ],
    'a pair landed together' => [
        ['kind' => 'land', 'at' => ['cable' => 'w2', 'end' => 'from'], 'hot' => 'line', 'neutral' => 'line'], new Spot(point: 'g'), '', 0.0,
    ],
    'hot and neutral swapped, at the far end' => [
        ['kind' => 'swap', 'at' => ['cable' => 'w3']],
        new Spot(point: 'q'),
        'colours_swapped',
        0.8,
    ],
    'not at the near end' => [['kind' => 'swap', 'at' => ['cable' => 'w3']], new Spot(point: 'p'), '', 0.0],
    'hot and ground swapped' => [['kind' => 'swap_hot_ground', 'at' => ['cable' => 'w3']], new Spot(point: 'q'), 'colours_swapped', 0.8],
    'a bootleg' => [['kind' => 'bootleg', 'at' => ['point' => 'p']], new Spot(point: 'p'), 'jumper', 0.9],
    'a pigtail off' => [
        ['kind' => 'open', 'at' => ['point' => 'p'], 'conductor' => 'ground'], new Spot(point: 'p'), 'ground_missing', 0.9,
    ],
    'an open conductor, at its near end' => [
        ['kind' => 'open', 'at' => ['cable' => 'w3'], 'conductor' => 'neutral'], new Spot(point: 'p'), 'loose', 0.5,
    ],
    'a borrowed neutral, where it is missed' => [
        ['kind' => 'borrowed_neutral', 'at' => ['point' => 'p'], 'lender' => ['point' => 'r']], new Spot(point: 'p'), 'lone_neutral', 0.5,
    ],
    'and where it was taken' => [
        ['kind' => 'borrowed_neutral', 'at' => ['point' => 'p'], 'lender' => ['point' => 'r']], new Spot(point: 'r'), 'lone_neutral', 0.5,
    ],
    'a reversed device looks like any' => [['kind' => 'reversed_line_load', 'at' => ['point' => 'g']], new Spot(point: 'g'), '', 0.0],
]);

it('lights as its maker means it', function (?string $light, array $faults, array $before, string $shows, array $device = []): void {
    $readings = handled(
        handsHouse($faults, ($light === null ? [] : ['light' => $light]) + $device),
        [...$before, ['do' => 'indicator', 'at' => G]],
    );
    expect(end($readings)['shows'])->toBe($shows);
})->with(function (): array {
    $off = [['do' => 'breaker', 'circuit' => 'c1', 'on' => false]];
    $trip = [['do' => 'press_test', 'at' => G]];
    $dead = [['kind' => 'dead_device', 'at' => G]];

    return [
        'none, live' => ['none', [], [], 'nothing'],
        'none, tripped' => ['none', [], $trip, 'nothing'],
        'power, live' => ['power', [], [], 'power'],
        'power, tripped' => ['power', [], $trip, 'nothing'],
        'power, no power' => ['power', [], $off, 'nothing'],
        'power, dead' => ['power', $dead, [], 'nothing'],
        'tripped, live' => ['tripped', [], [], 'nothing'],
        'tripped, tripped' => ['tripped', [], $trip, 'tripped'],
        'tripped, no power' => ['tripped', [], [...$trip, ...$off], 'nothing'],
        'tripped, dead' => ['tripped', $dead, [], 'nothing'],
        'tripped, dead and testing itself' => ['tripped', $dead, [], 'failed', ['self_test' => true]],
        'both, live' => ['both', [], [], 'power'],
        'both, tripped' => ['both', [], $trip, 'tripped'],
        'both, dead' => ['both', $dead, [], 'failed'],
        'not said: as both' => [null, [], $trip, 'tripped'],
    ];
});

it('stays open where a new device is fed on LOAD, and lets an old one feed its face', function (array $device, bool $isNew): void {
    $reversed = [['kind' => 'reversed_line_load', 'at' => G]];
    $actions = [['do' => 'walk'], ['do' => 'reset', 'at' => G], ['do' => 'press_test', 'at' => G]];
    [$walk, $reset, $test] = handled(handsHouse($reversed, $device), $actions);
    expect($walk['dead'])->toBe($isNew ? ['g', 'p', 'q'] : [])
        ->and($reset['holds'])->toBe(! $isNew)->and($reset['no_power'])->toBe($isNew)
        ->and($test['tripped'])->toBe($isNew ? [] : ['g']);
    // An old one darkens what hangs on LINE, and not its own face.
    expect($test['dead'])->toBe($isNew ? ['g', 'p', 'q'] : ['p', 'q']);
})->with([
    'tests itself' => [['self_test' => true], true],
    'made from mid-2015' => [['made_between' => ['2015-07', '2016-03']], true],
    'made in a later year' => [['made_between' => [2016, null]], true],
    'made before' => [['made_between' => ['2014-01', '2015-06']], false],
    'not known' => [[], false],
]);

it('takes a feed that is drawn on LOAD as a fault would be', function (): void {
    $drawn = fn(array $device): array => [
        'cables' => [Build::cable('c1', 'g', null, 'load', ['id' => 'w1']), Build::cable('g', 'p', 'line')],
    ]
        + handsHouse([], $device);
    expect(handled($drawn(['self_test' => true]), [['do' => 'walk']])[0]['dead'])->toBe(['g', 'p', 'q', 'r'])
        ->and(handled($drawn([]), [['do' => 'walk']])[0]['dead'])->toBe(['q', 'r']);
});

it('reads anything where a conductor floats, and nothing by low impedance', function (): void {
    $open = [['kind' => 'open', 'at' => ['point' => 'p'], 'conductor' => 'ground']];
    $volts = fn(bool $low, ?int $seed): float => handled(
        handsHouse($open),
        [['do' => 'volts', 'at' => ['point' => 'p'], 'between' => 'hg', 'low_z' => $low]],
        $seed,
    )[0]['volts'];
    $exact = $volts(false, null);
    $read = array_map(fn(int $seed): float => $volts(false, $seed), range(1, 40));
    expect($exact)->toBeGreaterThan(1.0)->toBeLessThan(20.0)
        // A factor between 0.2 and 5, at most 90 V, with the noise of the meter.
        ->and(min($read))->toBeGreaterThanOrEqual(max(0.0, $exact * 0.2 - 3.0))->toBeLessThan($exact)
        ->and(max($read))->toBeLessThanOrEqual(min(90.0, $exact * 5.0) + 3.0)->toBeGreaterThan($exact)
        ->and(count(array_unique(array_map(intval(...), $read))))->toBeGreaterThan(8)
        ->and($volts(true, null))->toBeLessThan(0.1);
});

it('reads what is there where nothing floats', function (): void {
    foreach (range(1, 20) as $seed) {
        $house = handsHouse();
        [$hn, $hg] = handled($house, [
            ['do' => 'volts', 'at' => ['point' => 'p'], 'between' => 'hn'], ['do' => 'volts', 'at' => ['point' => 'p'], 'between' => 'hg'],
        ], $seed);
        expect($hn['volts'])->toEqualWithDelta(119.0, 5.0)->and($hg['volts'])->toEqualWithDelta(119.5, 5.0);
    }
});

it('grounds an outlet by the metal its conductors run in', function (string $method, bool $grounds): void {
    $house = fn(array $faults = []): array => ['cables' => [
        Build::cable('c1', 'g', more: ['id' => 'w1', 'length_ft' => 40, 'ground' => false, 'method' => $method]),
    ], 'points' => [Build::point('g', ['device' => 'gfci', 'ground' => 'raceway'])], 'appliances' => []] + handsHouse($faults);
    [$tester] = handled($house(), [['do' => 'tester', 'at' => G]]);
    expect($tester)->toBe(['hn' => true, 'hg' => $grounds, 'ng' => false]);
    [$broken] = handled($house([['kind' => 'open', 'at' => ['cable' => 'w1'], 'conductor' => 'ground']]), [['do' => 'tester', 'at' => G]]);
    expect($broken['hg'])->toBeFalse();
    $built = Build::house($house());
    expect((new Expected($built, new FeedMap($built)))->lampsAt($built->point('g'))->hg)->toBe($grounds);
})->with([['emt', true], ['rmc', true], ['ac', true], ['mc', true], ['nm', false], ['pvc', false]]);

/** Two halves of a multiwire run, p on the one and q on the other, so many watts on each. */
function halves(array $breakers, float $onP, float $onQ, array $faults = []): array
{
    return [
        'circuits' => [
            Build::circuit('c1', $breakers[0] + ['multiwire_with' => 'c2']),
            Build::circuit('c2', $breakers[1] + ['multiwire_with' => 'c1', 'leg' => 'b']),
        ],
        'points' => [Build::point('p', ['circuit' => 'c1']), Build::point('q', ['circuit' => 'c2'])],
        'cables' => [
            [
                'id' => 'w1',
                'from' => ['circuits' => ['c1', 'c2']],
                'to' => ['point' => 'p', 'land' => 'line'],
                'length_ft' => 30,
                'conductors' => 3,
            ],
            Build::cable('p', 'q', ['hot' => 'splice', 'neutral' => 'splice'], more: ['length_ft' => 10, 'conductors' => 3]),
        ],
        'appliances' => [
            ['id' => 'x', 'name' => 'X', 'at' => 'p', 'watts' => $onP, 'on' => $onP > 0.0],
            ['id' => 'y', 'name' => 'Y', 'at' => 'q', 'watts' => $onQ, 'on' => $onQ > 0.0],
        ],
        'faults' => $faults,
    ];
}

describe('a multiwire circuit', function (): void {
    $two = ['breaker' => 'gfci', 'common_trip' => true];

    it('opens one-pole protective breakers on the current of the other half, balanced or not', function (
        float $p,
        float $q,
        array $dead,
    ): void {
        $one = ['breaker' => 'gfci'];
        expect(handled(halves([$one, []], $p, $q), [['do' => 'walk']])[0]['dead'])->toBe($dead);
    })->with([
        'the other half runs' => [0.0, 600.0, ['p']],
        'its own half runs' => [600.0, 0.0, []],
        'both, balanced' => [600.0, 600.0, ['p']],
        'the other half leaks too little' => [0.0, 0.4, []],
    ]);

    it('holds on one two-pole breaker, whatever runs on either half', function (float $p, float $q) use ($two): void {
        expect(handled(halves([$two, $two], $p, $q), [['do' => 'walk']])[0]['dead'])->toBe([]);
    })->with([[600.0, 0.0], [0.0, 600.0], [600.0, 600.0], [1500.0, 60.0]]);

    it('opens both poles of it on a fault on either half, once', function (string $at) use ($two): void {
        $house = halves([$two, $two], 60.0, 60.0, [['kind' => 'leak', 'at' => ['point' => $at], 'ohms' => 12e3]]);
        $house['circuits'] = array_map(fn(array $circuit): array => $circuit, $house['circuits']);
        $readings = handled($house, [
            ['do' => 'walk'], ['do' => 'reset', 'at' => ['circuit' => 'c2']], ['do' => 'breaker', 'circuit' => 'c1', 'on' => false],
        ]);
        expect($readings[0]['dead'])->toBe(['p', 'q'])
            ->and($readings[1])->toBe(['holds' => false, 'tripped' => ['c1', 'c2'], 'no_power' => false]);
    })->with(['p', 'q']);

    it('opens by the button of either half, and is turned by either handle', function (string $circuit) use ($two): void {
        [$test, $reset, $off] = handled(halves([$two, $two], 0.0, 0.0), [
            ['do' => 'press_test', 'at' => ['circuit' => $circuit]], ['do' => 'reset', 'at' => ['circuit' => 'c1']],
            ['do' => 'breaker', 'circuit' => $circuit, 'on' => false], ['do' => 'walk'],
        ]);
        expect($test['dead'])->toBe(['p', 'q'])->and($test['tripped'])->toEqualCanonicalizing(['c1', 'c2'])
            ->and($reset['holds'])->toBeTrue();
        [, , , $walk] = handled(halves([$two, $two], 0.0, 0.0), [
            ['do' => 'walk'], ['do' => 'walk'], ['do' => 'breaker', 'circuit' => $circuit, 'on' => false], ['do' => 'walk'],
        ]);
        expect($walk['dead'])->toBe(['p', 'q']);
    })->with(['c1', 'c2']);

    it('senses a neutral that touches ground beyond either half', function (array $breakers): void {
        $house = halves($breakers, 0.0, 0.0, [['kind' => 'neutral_ground', 'at' => ['point' => 'q'], 'ohms' => 0.5]]);
        expect(handled($house, [['do' => 'walk']])[0]['dead'])->toContain('q');
    })->with([[[$two, $two]], [[[], ['breaker' => 'gfci']]]]);
});

it('puts an appliance back on its cord set, with what is wrong in that', function (): void {
    $readings = handled(handsHouse([['kind' => 'leak', 'at' => ['cord' => 'heater'], 'ohms' => 15e3]]), [
        ['do' => 'walk'], ['do' => 'without_cord', 'appliance' => 'heater'], ['do' => 'reset', 'at' => G],
        ['do' => 'with_cord', 'appliance' => 'heater'],
    ]);
    expect($readings[0]['dead'])->toBe(['g', 'p', 'q'])->and($readings[2]['holds'])->toBeTrue()->and($readings[3]['tripped'])->toBe(['g']);
});

it('knows what floats by what the meter looks into', function (array $faults, Between $between, bool $floats): void {
    $house = Build::house(handsHouse($faults));
    $condition = Condition::of($house);
    $condition->faults = FaultList::of($house)->all;
    $grid = (new GridBuilder($house, new FeedMap($house)))->build($condition);
    expect((new Instruments($house))->floats($grid, new Spot(point: 'r'), $between))->toBe($floats);
})->with([
    'sound, hot to neutral' => [[], Between::HotNeutral, false],
    'sound, hot to ground' => [[], Between::HotGround, false],
    'ground open, hot to ground' => [[['kind' => 'open', 'at' => ['cable' => 'w4'], 'conductor' => 'ground']], Between::HotGround, true],
    'ground open, hot to neutral' => [[['kind' => 'open', 'at' => ['cable' => 'w4'], 'conductor' => 'ground']], Between::HotNeutral, false],
    'hot open' => [[['kind' => 'open', 'at' => ['cable' => 'w4'], 'conductor' => 'hot']], Between::HotNeutral, true],
]);
