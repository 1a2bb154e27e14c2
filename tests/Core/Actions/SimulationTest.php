<?php

declare(strict_types=1);

use Bouclier\Core\Actions\Action;
use Bouclier\Core\Actions\Simulation;
use Bouclier\Core\Exchange\ScriptReader;
use Bouclier\Core\House\House;
use Bouclier\Core\Network\Draws;
use Bouclier\Core\Network\TripTime;
use Tests\Core\Build;

/** A GFCI g on c1 with p beyond its LOAD and q beyond p, a heater at p and a lamp at q; r on c2. */
function faulty(array $faults = [], array $parts = []): House
{
    return Build::house($parts + [
        'circuits' => [Build::circuit('c1'), Build::circuit('c2', ['leg' => 'b'])],
        'points' => [
            Build::point('g', ['device' => 'gfci']),
            Build::point('p'),
            Build::point('q', ['exposure' => 'wet']),
            Build::point('r'),
        ],
        'cables' => [
            Build::cable('c1', 'g', more: ['id' => 'w1', 'length_ft' => 40]), Build::cable(
                'g',
                'p',
                'load',
                more: ['id' => 'w2', 'length_ft' => 20],
            ),
            Build::cable('p', 'q', more: ['id' => 'w3', 'length_ft' => 30]), Build::cable(
                'c2',
                'r',
                more: ['id' => 'w4', 'length_ft' => 25],
            ),
        ],
        'appliances' => [
            ['id' => 'heater', 'name' => 'Heater', 'at' => 'p', 'watts' => 1200, 'on' => true],
            ['id' => 'lamp', 'name' => 'Lamp', 'at' => 'q', 'watts' => 60, 'on' => false],
        ],
        'faults' => $faults,
    ]);
}

/** @return list<array<string, mixed>> the readings, exact unless a seed is given */
function acted(House $house, array $actions, ?int $seed = null): array
{
    $house = $house->with(actions: Build::loose(...$actions));
    $script = ScriptReader::of($house);
    $simulation = new Simulation($house, $script->faults, $seed === null ? Draws::exact() : Draws::seeded($seed));

    return array_map(fn(Action $action): array => $simulation->act($action)->toData(), $script->actions);
}

const AT = ['g' => ['point' => 'g'], 'p' => ['point' => 'p'], 'q' => ['point' => 'q'], 'r' => ['point' => 'r']];

it('finds nothing in a healthy house', function (): void {
    $readings = acted(
        faulty(),
        [
            ['do' => 'walk'], ['do' => 'tester', 'at' => AT['q']], ['do' => 'residual', 'at' => AT['g']],
            ['do' => 'clamp', 'cable' => 'w2'], ['do' => 'insulation', 'cable' => 'w3'], ['do' => 'inspect', 'at' => AT['p']],
            ['do' => 'wait', 'minutes' => 60],
        ],
    );
    expect($readings[0])->toBe(['live' => ['g', 'p', 'q', 'r'], 'dead' => []])
        ->and($readings[1])->toBe(['hn' => true, 'hg' => true, 'ng' => false])

            ->and($readings[2]['ma'])
            ->toBeLessThan(0.06)
            ->and($readings[3]['hot_ma'])
            ->toBeGreaterThan(9700.0)
            ->and($readings[3]['ma'])
            ->toBeLessThan(0.06)
        ->and($readings[4])->toBe(['refused' => 'Breaker c1 Circuit c1 is on: turn it off and prove the cable dead first.'])
        ->and($readings[5])->toBe(['seen' => []])->and($readings[6])->toBe(['tripped' => []]);
});

it('shows the patterns every plug-in tester is sold with', function (array $faults, array $lamps, array $more = []): void {
    $shown = acted(faulty($faults), [...$more, ['do' => 'tester', 'at' => AT['r']]]);
    expect(array_values(end($shown)))->toBe($lamps);
})->with([
    'correct' => [[], [true, true, false]],
    'open ground' => [[['kind' => 'open', 'at' => ['cable' => 'w4'], 'conductor' => 'ground']], [true, false, false]],
    'open neutral' => [[['kind' => 'open', 'at' => ['cable' => 'w4'], 'conductor' => 'neutral']], [false, true, false]],
    'open neutral, a load plugged in' => [
        [['kind' => 'open', 'at' => ['cable' => 'w4'], 'conductor' => 'neutral']],
        [false, true, true],
        [['do' => 'move', 'appliance' => 'heater', 'to' => 'r']],
    ],
    'open hot' => [[['kind' => 'open', 'at' => ['cable' => 'w4'], 'conductor' => 'hot']], [false, false, false]],
    'hot and neutral reversed' => [[['kind' => 'swap', 'at' => ['cable' => 'w4']]], [true, false, true]],
    'hot and ground reversed' => [[['kind' => 'swap_hot_ground', 'at' => ['cable' => 'w4']]], [false, true, true]],
    'a bootleg ground, which it cannot see' => [[['kind' => 'bootleg', 'at' => AT['r']]], [true, true, false]],
]);

it('trips on the sum of leakages at right angles', function (float $resistive, float $capacitive, bool $trips): void {
    $house = faulty(
        [],
        [
            'appliances' => [
                ['id' => 'x', 'name' => 'X', 'at' => 'p', 'leakage' => ['resistive_ma' => $resistive, 'capacitive_ma' => $capacitive]],
            ],
        ],
    );
    [$walk, $residual] = acted($house, [['do' => 'walk'], ['do' => 'residual', 'at' => AT['g']]]);
    expect($walk['dead'])->toBe($trips ? ['g', 'p', 'q'] : [])
        ->and($residual['ma'])->toEqualWithDelta($trips ? 0.0 : hypot($resistive, $capacitive + 0.05), 0.02);
})->with([[3.0, 3.0, false], [3.6, 3.6, true], [4.9, 0.0, false], [0.0, 5.1, true]]);

it('trips without a load on a neutral that touches ground, and holds when it is cleared', function (): void {
    $fault = ['kind' => 'neutral_ground', 'at' => AT['q'], 'ohms' => 1.5];
    $readings = acted(
        faulty([$fault]),
        [
            ['do' => 'walk'],
            ['do' => 'reset', 'at' => AT['g']],
            ['do' => 'lift', 'point' => 'p', 'pair' => 'w3', 'on' => false],
            ['do' => 'reset', 'at' => AT['g']],
            ['do' => 'tester', 'at' => AT['q']],
        ],
    );
    expect($readings[0]['dead'])->toBe(['g', 'p', 'q'])
        ->and($readings[1])->toBe(['holds' => false, 'tripped' => ['g'], 'no_power' => false])
        ->and($readings[2]['dead'])->toBe(['g', 'p', 'q'])->and($readings[3])->toBe(['holds' => true, 'tripped' => [], 'no_power' => false])
        ->and(acted(faulty([['ohms' => 9.0] + $fault], ['appliances' => []]), [['do' => 'walk']])[0]['dead'])->toBe([]);
});

it('does not trip on a neutral grounded on its line side', function (): void {
    expect(
        acted(faulty([['kind' => 'neutral_ground', 'at' => ['cable' => 'w1'], 'ohms' => 0.5]]), [['do' => 'walk']])[0]['dead'],
    )->toBe([]);
});

it('is blind where a device is stuck, trips early where it is weak, and stays open where it is dead', function (): void {
    $leak = ['kind' => 'leak', 'at' => AT['p'], 'ohms' => 60e3];
    $walk = fn(array ...$faults): array => acted(faulty($faults), [['do' => 'walk']])[0]['dead'];
    expect($walk($leak))->toBe([])->and($walk($leak, ['kind' => 'weak_device', 'at' => AT['g'], 'trip_ma' => 1.5]))->toBe(['g', 'p', 'q'])

            ->and($walk(['ohms' => 10e3] + $leak))
            ->toBe(['g', 'p', 'q'])
            ->and($walk(['ohms' => 10e3] + $leak, ['kind' => 'stuck_device', 'at' => AT['g']]))
            ->toBe([]);
    $dead = acted(
        faulty([['kind' => 'dead_device', 'at' => AT['g']]]),
        [
            ['do' => 'reset', 'at' => AT['g']],
            ['do' => 'indicator', 'at' => AT['g']],
            ['do' => 'swap_device', 'at' => AT['g']],
            ['do' => 'indicator', 'at' => AT['g']],
        ],
    );
    expect($dead)->toBe([
        ['holds' => false, 'tripped' => [], 'no_power' => false],
        ['shows' => 'failed'],
        ['holds' => true, 'tripped' => []],
        ['shows' => 'power'],
    ]);
});

it('opens the lowest threshold first, and equal ones together', function (): void {
    $both = faulty(
        [['kind' => 'leak', 'at' => AT['p'], 'ohms' => 12e3]],
        [
            'circuits' => [Build::circuit('c1', ['breaker' => 'gfci'])],
            'points' => [Build::point('g', ['device' => 'gfci']), Build::point('p'), Build::point('q')],
            'cables' => [
                Build::cable('c1', 'g', more: ['id' => 'w1', 'length_ft' => 9]),
                Build::cable('g', 'p', 'load'),
                Build::cable('p', 'q'),
            ],
        ],
    );
    $start = fn(House $house): array => acted(
        $house,
        [
            ['do' => 'indicator', 'at' => ['circuit' => 'c1']],
            ['do' => 'breaker', 'circuit' => 'c1', 'on' => true],
            ['do' => 'reset', 'at' => AT['g']],
        ],
    );
    expect($start($both))->toBe([
        ['shows' => 'tripped'],
        ['tripped' => []],
        ['holds' => false, 'tripped' => ['g', 'c1'], 'no_power' => false],
    ]);
    $worn = Build::loose(['kind' => 'weak_device', 'at' => AT['g'], 'trip_ma' => 2.0]);
    $weak = $both->with(faults: [...$both->faults ?? [], ...$worn]);
    expect($start($weak))->toBe([['shows' => 'power'], ['tripped' => []], ['holds' => false, 'tripped' => ['g'], 'no_power' => false]]);
});

it('presses TEST, and says what is dead; without power nothing trips', function (): void {
    $readings = acted(
        faulty(),
        [
            ['do' => 'press_test', 'at' => AT['g']],
            ['do' => 'indicator', 'at' => AT['g']],
            ['do' => 'reset', 'at' => AT['g']],
            ['do' => 'breaker', 'circuit' => 'c1', 'on' => false],
            ['do' => 'press_test', 'at' => AT['g']],
            ['do' => 'indicator', 'at' => AT['g']],
        ],
    );
    expect($readings[0])->toBe(['tripped' => ['g'], 'dead' => ['g', 'p', 'q']])
        ->and($readings[1])->toBe(['shows' => 'tripped'])
        ->and($readings[2]['holds'])->toBeTrue()
        ->and($readings[4])->toBe(['tripped' => [], 'dead' => ['g', 'p', 'q']])->and($readings[5])->toBe(['shows' => 'nothing']);
});

it('trips by the tester\'s button where there is a ground, and not where there is none', function (): void {
    $button = ['do' => 'tester_button', 'at' => AT['q']];
    [$with] = acted(faulty(), [$button]);
    expect($with['tripped'])->toBe(['g'])->and($with['after_ms'])->toBe(40.0)->and($with['residual_ma']->g)->toEqualWithDelta(7.96, 0.05);
    [$without] = acted(faulty([['kind' => 'open', 'at' => AT['q'], 'conductor' => 'ground']]), [$button]);
    expect($without['tripped'])->toBe([])->and($without['after_ms'])->toBeNull();
});

it('opens a breaker on a short at once, and on an overload in a while', function (): void {
    expect(
        acted(
            faulty([['kind' => 'short', 'at' => AT['r'], 'ohms' => 0.1]]),
            [['do' => 'walk'], ['do' => 'breaker', 'circuit' => 'c2', 'on' => true]],
        ),
    )->toBe([['live' => ['g', 'p', 'q'], 'dead' => ['r']], ['tripped' => ['c2']]]);
    $heavy = faulty([], ['appliances' => [['id' => 'x', 'name' => 'X', 'at' => 'r', 'watts' => 2900, 'on' => true]]]);
    expect(
        acted($heavy, [['do' => 'wait', 'minutes' => 0.5], ['do' => 'wait', 'minutes' => 15]]),
    )->toBe([['tripped' => []], ['tripped' => ['c2']]]);
});

it('trips an AFCI on arcs beyond it: in series under load, in parallel always', function (array $fault, bool $on, array $dead): void {
    $house = faulty([$fault], ['circuits' => [Build::circuit('c1', ['breaker' => 'afci']), Build::circuit('c2')]]);
    expect(
        acted(
            $house,
            [
                ['do' => $on ? 'switch_on' : 'switch_off', 'appliance' => 'heater'],
                ['do' => 'breaker', 'circuit' => 'c1', 'on' => true],
                ['do' => 'walk'],
            ],
        )[2]['dead'],
    )->toBe($dead);
})->with([
    'in series, loaded' => [['kind' => 'series_arc', 'at' => ['cable' => 'w2']], true, ['g', 'p', 'q']],
    'in series, idle' => [['kind' => 'series_arc', 'at' => ['cable' => 'w2']], false, []],
    'in series, before the load' => [['kind' => 'series_arc', 'at' => ['cable' => 'w3']], true, []],
    'in parallel' => [['kind' => 'parallel_arc', 'at' => AT['q']], false, ['g', 'p', 'q']],
    'on another circuit' => [['kind' => 'parallel_arc', 'at' => AT['r']], false, []],
]);

it('leaves an arc on a device\'s own feed to what lies before it', function (
    array $fault,
    array $dead,
    string $breaker = 'standard',
): void {
    $house = faulty([$fault], [
        'circuits' => [Build::circuit('c1', ['breaker' => $breaker]), Build::circuit('c2')],
        'points' => [Build::point('g', ['device' => 'afci']), Build::point('p'), Build::point('q'), Build::point('r')],
    ]);
    expect(acted($house, [['do' => 'breaker', 'circuit' => 'c1', 'on' => true], ['do' => 'walk']])[1]['dead'])->toBe($dead);
})->with([
    'on the feed' => [['kind' => 'parallel_arc', 'at' => ['cable' => 'w1']], []],
    'on the feed, the breaker watches too' => [['kind' => 'parallel_arc', 'at' => ['cable' => 'w1']], ['g', 'p', 'q'], 'afci'],
    'in the device\'s own box' => [['kind' => 'parallel_arc', 'at' => AT['g']], ['g', 'p', 'q']],
    'on what goes on from it' => [['kind' => 'parallel_arc', 'at' => ['cable' => 'w2']], ['g', 'p', 'q']],
]);

it('measures insulation of a cable that is off and bare', function (): void {
    $house = faulty([
        ['kind' => 'leak', 'at' => ['cable' => 'w3'], 'ohms' => 40e3],
        ['kind' => 'neutral_ground', 'at' => ['cable' => 'w3'], 'ohms' => 200.0],
    ]);
    $readings = acted(
        $house,
        [
            ['do' => 'breaker', 'circuit' => 'c1', 'on' => false],
            ['do' => 'insulation', 'cable' => 'w3'],
            ['do' => 'unplug_all', 'circuit' => 'c1'],
            ['do' => 'insulation', 'cable' => 'w3'],
            ['do' => 'insulation', 'cable' => 'w2'],
        ],
    );
    expect($readings[1])->toBe(['refused' => 'Something is plugged in on the circuit: unplug it all first.'])

            ->and($readings[3]['hg_ohms'])
            ->toEqualWithDelta(40e3, 1e-6)
            ->and($readings[3]['ng_ohms'])
            ->toEqualWithDelta(200.0, 1e-9)
            ->and($readings[4])
            ->toBe(['hg_ohms' => null, 'ng_ohms' => null]);
});

it('reads volts at a face and at the end of a cable, and glows where it should', function (): void {
    [$face, $lifted, $low, $hot, $neutral] = acted(faulty(), [
        ['do' => 'volts', 'at' => AT['p'], 'between' => 'hn'], ['do' => 'lift', 'point' => 'p', 'pair' => 'w3', 'on' => false], [
            'do' => 'volts',
            'at' => ['cable' => 'w3', 'end' => 'to'],
            'between' => 'hn',
            'low_z' => true,
        ],
        ['do' => 'non_contact', 'at' => ['cable' => 'w2', 'end' => 'to'], 'conductor' => 'hot'], [
            'do' => 'non_contact',
            'at' => ['cable' => 'w2', 'end' => 'to'],
            'conductor' => 'neutral',
        ],
    ]);
    // 10 A through 60 ft of 12 AWG and back, and through contacts.
    expect($face['volts'])->toEqualWithDelta(120.0 - 10.0 * (2 * 60 * 1.93e-3 + 0.006), 0.05)
        ->and($lifted['dead'])->toBe(['q'])
        ->and($low['volts'])->toBeLessThan(0.01)
        ->and($hot['glows'])->toBeTrue()->and($neutral['glows'])->toBeFalse();
});

it('follows an appliance and its cord set from outlet to outlet', function (): void {
    $house = faulty(
        [['kind' => 'leak', 'at' => ['cord' => 'x'], 'ohms' => 10e3]],
        ['appliances' => [['id' => 'x', 'name' => 'X', 'at' => 'p', 'extension' => true]]],
    );
    $readings = acted(
        $house,
        [
            ['do' => 'move', 'appliance' => 'x', 'to' => 'r'],
            ['do' => 'reset', 'at' => AT['g']],
            ['do' => 'plug', 'appliance' => 'x'],
            ['do' => 'without_cord', 'appliance' => 'x'],
            ['do' => 'reset', 'at' => AT['g']],
        ],
    );
    expect($readings[1]['holds'])->toBeTrue()
        ->and($readings[2])->toBe(['tripped' => ['g'], 'after_ms' => 40.0])
        ->and($readings[4]['holds'])->toBeTrue();
});

it('draws what comes and goes from the seed alone, and one more action changes nothing before it', function (): void {
    $house = faulty([
        ['kind' => 'intermittent', 'of' => ['kind' => 'leak', 'at' => AT['q'], 'ohms' => 8e3], 'chance' => 0.5],
        ['kind' => 'high_resistance', 'at' => ['cable' => 'w3'], 'conductor' => 'hot', 'ohms' => 2.0],
    ]);
    $actions = [
        ['do' => 'volts', 'at' => AT['p'], 'between' => 'hn'],
        ['do' => 'reset', 'at' => AT['g']],
        ['do' => 'trial', 'at' => AT['g'], 'days' => 20],
        ['do' => 'inspect', 'at' => AT['p']],
        ['do' => 'tighten', 'at' => AT['p']],
        ['do' => 'wiggle', 'at' => AT['q']],
    ];
    $trips = [];
    foreach (range(1, 30) as $seed) {
        $readings = acted($house, $actions, $seed);
        expect(acted($house, $actions, $seed))->toEqual($readings)

                ->and(acted($house, [...$actions, ['do' => 'walk']], $seed))
                ->toEqual([...$readings, acted($house, [...$actions, ['do' => 'walk']], $seed)[6]]);
        $trips[] = $readings[2]['trips'];
    }
    expect(array_sum($trips) / count($trips))->toBeGreaterThan(8.0)->toBeLessThan(12.0)->and(acted($house, $actions)[2]['trips'])->toBe(20);
});

it('reads with the noise a meter has', function (): void {
    $read = array_map(
        fn(int $seed): float => acted(faulty(), [['do' => 'volts', 'at' => AT['r'], 'between' => 'hn']], $seed)[0]['volts'],
        range(1, 300),
    );
    $mean = array_sum($read) / 300;
    $deviation = sqrt(array_sum(array_map(fn(float $one): float => ($one - $mean) ** 2, $read)) / 299);
    expect($mean)->toEqualWithDelta(120.0, 0.3)->and($deviation)->toEqualWithDelta(0.005 * 120 + 0.5, 0.15);
});

it('gives clear answers where there is nothing to solve', function (): void {
    $bare = Build::house([
        'points' => [Build::point('p'), Build::point('q', ['device' => 'gfci'])],
        'appliances' => [['id' => 'x', 'name' => 'X', 'at' => 'p', 'watts' => 0, 'on' => true]],
    ]);
    $readings = acted(
        $bare,
        [
            ['do' => 'walk'],
            ['do' => 'tester', 'at' => AT['p']],
            ['do' => 'volts', 'at' => AT['p'], 'between' => 'hg'],
            ['do' => 'reset', 'at' => AT['q']],
            ['do' => 'residual', 'at' => AT['q']],
        ],
    );
    expect($readings[0]['live'])->toBe([])
        ->and($readings[1])->toBe(['hn' => false, 'hg' => false, 'ng' => false])
        ->and($readings[2]['volts'])->toBe(0.0)
        ->and($readings[3]['no_power'])->toBeTrue()
        ->and($readings[4]['ma'])->toBe(0.0);
    foreach ([1e-9, 1e9] as $ohms) {
        foreach (['leak', 'neutral_ground', 'short', 'high_resistance'] as $kind) {
            $fault = [
                'kind' => $kind,
                'at' => ['cable' => 'w3'],
                'ohms' => $ohms,
            ] + ($kind === 'high_resistance' ? ['conductor' => 'hot'] : []);
            $said = json_encode(
                acted(
                    faulty([$fault]),
                    [['do' => 'walk'], ['do' => 'clamp', 'cable' => 'w2'], ['do' => 'volts', 'at' => AT['q'], 'between' => 'hg']],
                ),
                JSON_THROW_ON_ERROR,
            );
            expect($said)->not->toContain('null')->not->toContain('INF');
        }
    }
});

it('says what is wrong with a fault or an action, and where', function (array $faults, array $actions, string $said): void {
    $house = faulty($faults);
    expect(fn() => acted($house, $actions))->toThrow(Bouclier\Core\Exchange\BadHouseFile::class, $said);
})->with([
    [[['kind' => 'leak', 'at' => ['point' => 'x'], 'ohms' => 5]], [], '/faults/0/at/point: there is no point "x"'],
    [[['kind' => 'swap', 'at' => ['point' => 'p']]], [], '/faults/0/at/point: this is at cable, not at a point'],
    [[['kind' => 'leak', 'at' => ['point' => 'p']]], [], '/faults/0/ohms: resistance has to be said'],
    [[['kind' => 'open', 'at' => ['cable' => 'w1']]], [], '/faults/0/conductor: which conductor'],
    [[['kind' => 'land', 'at' => ['cable' => 'w1']]], [], '/faults/0: where hot and neutral land'],
    [[['kind' => 'borrowed_neutral', 'at' => ['point' => 'p']]], [], '/faults/0/lender: a place is missing'],
    [
        [['kind' => 'intermittent', 'of' => [['kind' => 'leak', 'at' => ['cable' => 'x'], 'ohms' => 5]]]],
        [],
        '/faults/0/of/0/at/cable: there is no cable "x"',
    ],
    [[], [['do' => 'clamp', 'cable' => 'x']], '/actions/0/cable: there is no cable "x"'],
    [[], [['do' => 'reset', 'at' => ['point' => 'x']]], '/actions/0/at/point: there is no point "x"'],
    [[], [['do' => 'move', 'appliance' => 'lamp', 'to' => 'x']], '/actions/0/to: there is no point "x"'],
    [[], [['do' => 'tester']], '/actions/0/at: a place is missing'],
]);

it('allows a GFCI the time its standard does', function (float $milliamperes, ?float $seconds): void {
    expect(TripTime::limitSeconds($milliamperes))->toEqualWithDelta($seconds, 0.0005);
})->with([[6.0, 5.5936], [20.0, 1.0], [264.0, 0.02498], [400.0, 0.025]]);
