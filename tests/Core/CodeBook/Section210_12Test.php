<?php

declare(strict_types=1);

use Bouclier\Core\CodeBook\Assess;
use Bouclier\Core\CodeBook\Verdict;
use Bouclier\Core\House\Edition;
use Bouclier\Core\House\House;
use Bouclier\Core\House\Protection;
use Tests\Core\Build;

const LISTED = ['210.12(A)', '210.12(A)', '210.12(A)', '210.12(B)'];

it('binds circuits with an outlet or device in a listed room', function (
    array $area,
    array $point,
    array $clauses,
    array $circuit = [],
): void {
    expect(Build::byEdition(Protection::Afci, $area, $point, ['circuits' => [Build::circuit('c1', $circuit)]]))->toBe($clauses);
})->with(function (): array {
    $none = ['', '', '', ''];
    $rows = [];
    foreach ([
        'kitchen', 'family', 'dining', 'living', 'parlor', 'library', 'den', 'bedroom', 'sunroom', 'recreation', 'closet',
        'hallway', 'laundry', 'similar',
    ] as $kind) {
        $rows[$kind] = [['kind' => $kind], [], LISTED];
    }
    foreach (['bathroom', 'garage', 'outdoors', 'attic', 'crawl_space'] as $kind) {
        $rows[$kind] = [['kind' => $kind], [], $none];
    }

    return $rows + [
        'finished basement' => [['kind' => 'basement'], [], LISTED],
        'unfinished basement' => [['kind' => 'basement', 'finished' => false], [], $none],
        'a light' => [['kind' => 'bedroom'], ['kind' => 'light', 'device' => 'none'], LISTED],
        'a switch' => [['kind' => 'bedroom'], ['kind' => 'switch'], LISTED],
        'a junction box' => [['kind' => 'bedroom'], ['kind' => 'junction', 'device' => 'none'], $none],
        'a fire alarm' => [['kind' => 'hallway'], ['serves' => 'fire_alarm'], $none],
        'a smoke alarm' => [['kind' => 'hallway'], ['serves' => 'smoke_alarm', 'kind' => 'hardwired'], LISTED],
        '15 A' => [['kind' => 'bedroom'], [], LISTED, ['amps' => 15]],
        '10 A' => [['kind' => 'bedroom'], [], ['', '', '', '210.12(B)'], ['amps' => 10]],
        '30 A' => [['kind' => 'bedroom'], [], $none, ['amps' => 30]],
        '240 V' => [['kind' => 'bedroom'], ['volts' => 250], $none, ['volts' => 240, 'poles' => 2]],
    ];
});

function mixedCircuit(array $house = []): House
{
    return Build::house($house + [
        'areas' => [Build::area('a', 'bathroom'), Build::area('b', 'bedroom')],
        'points' => [
            Build::point('p'),
            Build::point('q', ['area' => 'b']),
            Build::point('l', ['kind' => 'light', 'device' => 'none', 'area' => 'b']),
        ],
        'cables' => [Build::cable('c1', 'p'), Build::cable('p', 'q'), Build::cable('q', 'l')],
    ]);
}

/** @return list<string> */
function afciClauses(House $house, string $point, Edition $edition): array
{
    return Build::clauses((new Assess($house, $edition))->point($house->point($point)), Protection::Afci);
}

it('binds every point of the circuit, wherever it stands', function (): void {
    expect(afciClauses(mixedCircuit(), 'p', Edition::Nec2017))->toBe(['210.12(A)']);
});

it('asks of a replacement by circuit in 2014, by the outlet\'s own room since', function (): void {
    $house = mixedCircuit(['work' => 'replace']);
    expect(afciClauses($house, 'p', Edition::Nec2014))->toBe(['210.12(A)', '406.4(D)(4)'])
        ->and(afciClauses($house, 'p', Edition::Nec2017))->toBe([])
        ->and(afciClauses($house, 'q', Edition::Nec2023))->toBe(['210.12(B)', '406.4(D)(4)'])
        ->and(afciClauses($house, 'l', Edition::Nec2023))->toBe([]);
});

it('asks of an extension by its own clause, but for six feet of bare conductor', function (array $added, bool $asked): void {
    $house = Build::house([
        'work' => 'extend', 'areas' => [Build::area('a', 'bedroom')],
        'points' => [Build::point('j', ['kind' => 'junction', 'device' => 'none']), Build::point('p')],
        'cables' => [Build::cable('c1', 'j', null, 'line', $added[0]), Build::cable('j', 'p', null, 'line', $added[1])],
    ]);
    expect(afciClauses($house, 'p', Edition::Nec2014))->toBe($asked ? ['210.12(B)'] : [])
        ->and(afciClauses($house, 'p', Edition::Nec2020))->toBe($asked ? ['210.12(D)'] : [])
        ->and(afciClauses($house, 'p', Edition::Nec2023))->toBe($asked ? ['210.12(E)'] : []);
})->with([
    'nothing marked as added' => [[[], []], true],
    'six feet to a junction' => [[['added' => true, 'length_ft' => 6], []], false],
    'more than six' => [[['added' => true, 'length_ft' => 6.1], []], true],
    'not measured' => [[['added' => true], []], true],
    'an outlet on it' => [[[], ['added' => true, 'length_ft' => 2]], true],
]);

/** A run from the breaker through a junction to p, then q beyond its LOAD. */
function firstOutlet(array $circuit, array $run, array $device = [], string $work = 'new', array $before = []): House
{
    return Build::house([
        'work' => $work, 'areas' => [Build::area('a', 'bedroom')], 'circuits' => [Build::circuit('c1', $circuit)],
        'points' => [
            Build::point('j', $before + ['kind' => 'junction', 'device' => 'none', 'box' => ['material' => 'metal']]),
            Build::point('p', $device + ['device' => 'afci', 'box' => ['material' => 'metal']]),
            Build::point('q'),
        ],
        'cables' => [
            Build::cable('c1', 'j', null, 'line', $run),
            Build::cable('j', 'p', null, 'line', $run + ['length_ft' => 10]),
            Build::cable('p', 'q', 'load'),
        ],
    ]);
}

it('is satisfied the ways the code allows', function (House $house, Verdict $verdict): void {
    expect((new Assess($house, Edition::Nec2023))->verdict($house->point('q'), Protection::Afci))->toBe($verdict);
})->with([
    'AFCI breaker' => [fn() => firstOutlet(['breaker' => 'afci'], [], ['device' => 'standard']), Verdict::Met],
    'dual breaker' => [fn() => firstOutlet(['breaker' => 'dual'], [], ['device' => 'standard']), Verdict::Met],
    'GFCI breaker' => [fn() => firstOutlet(['breaker' => 'gfci'], [], ['device' => 'standard']), Verdict::Missing],
    'branch/feeder breaker alone' => [
        fn() => firstOutlet(['breaker' => 'afci', 'breaker_listing' => 'branch_feeder'], [], ['device' => 'standard']),
        Verdict::Missing,
    ],
    'branch/feeder breaker and first outlet' => [
        fn() => firstOutlet(['breaker' => 'afci', 'breaker_listing' => 'branch_feeder'], ['length_ft' => 200]),
        Verdict::Met,
    ],
    'supplemental arc, 12 AWG, 70 ft in all' => [
        fn() => firstOutlet(['breaker_listing' => 'supplemental_arc'], ['length_ft' => 35, 'awg' => 12]),
        Verdict::Met,
    ],
    'supplemental arc, 12 AWG, over 70 ft' => [
        fn() => firstOutlet(['breaker_listing' => 'supplemental_arc'], ['length_ft' => 35.5, 'awg' => 12]),
        Verdict::Missing,
    ],
    'system, 14 AWG, 50 ft in all' => [
        fn() => firstOutlet(['breaker_listing' => 'system', 'amps' => 15], ['length_ft' => 25]),
        Verdict::Met,
    ],
    'system, 14 AWG, over 50 ft' => [
        fn() => firstOutlet(['breaker_listing' => 'system', 'amps' => 15], ['length_ft' => 25.1]),
        Verdict::Missing,
    ],
    'system, not measured' => [fn() => firstOutlet(['breaker_listing' => 'system'], []), Verdict::Missing],
    'any other breaker' => [fn() => firstOutlet([], ['length_ft' => 5]), Verdict::Missing],
    'metal all the way' => [fn() => firstOutlet([], ['length_ft' => 300, 'method' => 'mc']), Verdict::Met],
    'concrete' => [fn() => firstOutlet([], ['method' => 'concrete'], ['box' => ['material' => 'plastic']]), Verdict::Met],
    'metal into a plastic box' => [fn() => firstOutlet([], ['method' => 'emt'], ['box' => ['material' => 'plastic']]), Verdict::Missing],
    'not the first outlet' => [fn() => firstOutlet([], ['method' => 'mc'], [], 'new', ['kind' => 'receptacle']), Verdict::Missing],
    'a light before it, in metal' => [fn() => firstOutlet([], ['method' => 'mc'], [], 'new', ['kind' => 'light']), Verdict::Met],
    'a light before it, by its breaker' => [
        fn() => firstOutlet(['breaker_listing' => 'system'], ['length_ft' => 9], [], 'new', ['kind' => 'light']),
        Verdict::Missing,
    ],
    'a switch before it, by its breaker' => [
        fn() => firstOutlet(['breaker_listing' => 'system'], ['length_ft' => 9], [], 'new', ['kind' => 'switch']),
        Verdict::Missing,
    ],
    'an extension behind a light' => [fn() => firstOutlet([], [], [], 'extend', ['kind' => 'light']), Verdict::Met],
    'an extension behind a receptacle' => [fn() => firstOutlet([], [], [], 'extend', ['kind' => 'receptacle']), Verdict::Missing],
    'a switch before it counts as run' => [fn() => firstOutlet([], ['method' => 'mc'], [], 'new', ['kind' => 'switch']), Verdict::Met],
    'an extension: any run' => [fn() => firstOutlet([], ['length_ft' => 300], [], 'extend'), Verdict::Met],
    'a replacement: any device upstream' => [fn() => firstOutlet([], [], [], 'replace', ['kind' => 'light']), Verdict::Met],
    'what exists: any device upstream' => [fn() => firstOutlet([], [], [], 'existing', ['kind' => 'light']), Verdict::Met],
]);

it('says at the device why it does not do', function (): void {
    expect(Build::findings(firstOutlet([], ['length_ft' => 5])))->toContain('afci_first_outlet_unmet')
        ->and(Build::findings(firstOutlet([], ['length_ft' => 5, 'method' => 'mc'])))->not->toContain('afci_first_outlet_unmet');
});
