<?php

declare(strict_types=1);

use Bouclier\Core\House\House;
use Bouclier\Core\Live\Asker;
use Bouclier\Sheets\RunsSheet;
use Tests\Core\Build;

/** A GFCI with two behind it, one before it, one that hangs on its circuit in no known order, and one nobody knows the breaker of. */
function runHouse(array $more = []): House
{
    return Build::house($more + [
        'circuits' => [
            Build::circuit('c1', ['slot' => '1', 'breaker' => 'afci']),
            Build::circuit('c2', ['slot' => '2', 'breaker' => 'gfci', 'multiwire_with' => 'c1']),
        ],
        'points' => [
            Build::point('f'), Build::point('g', ['device' => 'gfci']), Build::point('p'), Build::point('q'),
            Build::point('loose', ['circuit' => 'c1']), Build::point('lost'), Build::point('l', ['kind' => 'light']),
        ],
        'cables' => [
            Build::cable('c1', 'f'), Build::cable('f', 'g', null, 'line', ['awg' => 12, 'length_ft' => 9]),
            Build::cable('g', 'p', 'load'), Build::cable('p', 'q'), Build::cable('c2', 'l'),
        ],
    ]);
}

function runsOf(House $house): array
{
    return RunsSheet::of($house, new Asker('2026-03-02T10:00:00Z', 'Ada'));
}

it('draws each run from its breaker on, outlet after outlet, with how it leaves a device', function (): void {
    $sheet = runsOf(runHouse());
    $first = $sheet['circuits'][0]['runs'][0];
    $device = $first['children'][0];
    expect($first)->toMatchArray(['id' => 'f', 'leaves' => null, 'certain' => true, 'wiring' => 'right'])
        ->and($device)->toMatchArray(['id' => 'g', 'leaves' => null, 'cable' => ['id' => 'f-g', 'ft' => 9.0, 'awg' => 12]])
        ->and($device['children'][0])->toMatchArray(['id' => 'p', 'leaves' => 'load'])
        ->and($device['children'][0]['children'][0]['id'])->toBe('q');
});

it('says of a device whether it is wired right, reversed or split', function (string $wiring, string|array $feed, string|array $on): void {
    $house = runHouse(['cables' => [Build::cable('c1', 'g', null, $feed), Build::cable('g', 'p', $on)]]);
    $node = runsOf($house)['circuits'][0]['runs'][0];
    expect($node['wiring'])->toBe($wiring)
        ->and($node['children'][0]['leaves'])->toBe(is_array($on) ? 'mixed' : $on)
        ->and(runsOf($house)['outlets']->all['g']['protects'])->toBe($wiring === 'right');
})->with([
    ['right', 'line', 'load'],
    ['reversed', 'load', 'line'],
    ['split', ['hot' => 'line', 'neutral' => 'load'], ['hot' => 'load', 'neutral' => 'line']],
]);

it('puts beside the drawing what hangs on a breaker in no known order, and what hangs on none', function (): void {
    $sheet = runsOf(runHouse());
    expect($sheet['circuits'][0]['loose'])->toBe(['loose'])->and($sheet['circuits'][1]['loose'])->toBe([])
        ->and($sheet['unplaced'])->toBe(['lost']);
});

it('says of each breaker what it is, and whose neutral it shares', function (): void {
    [$first, $second] = runsOf(runHouse())['circuits'];
    expect($first)->toMatchArray(['gfci' => false, 'hasTest' => true, 'leakage' => null, 'shared' => null])
        ->and($second)->toMatchArray([
            'gfci' => true, 'hasTest' => true, 'shared' => ['with' => '1', 'by' => 'one_pole'], 'panel' => 'Main',
        ]);
});

it('weighs what leaks through a device against its budget, and against what trips it', function (float $milliamperes, string $level): void {
    $house = runHouse(['appliances' => [
        ['id' => 'x', 'name' => 'Heater', 'at' => 'p', 'leakage' => ['resistive_ma' => $milliamperes], 'measured' => true],
    ]]);
    expect(runsOf($house)['outlets']->all['g']['leakage']['level'])->toBe($level);
})->with([[0.2, 'fine'], [3.4, 'near'], [4.6, 'over']]);

it('knows a device inside another one\'s stretch, and what protects each outlet but itself', function (): void {
    $house = runHouse([
        'points' => [Build::point('g', ['device' => 'gfci']), Build::point('i', ['device' => 'gfci']), Build::point('q')],
        'cables' => [Build::cable('c1', 'g'), Build::cable('g', 'i', 'load'), Build::cable('i', 'q', 'load')],
    ]);
    $outlets = runsOf($house)['outlets']->all;
    expect($outlets['i']['nested'])->toBeTrue()->and($outlets['g']['nested'])->toBeFalse()
        ->and($outlets['i']['protectedBy'])->toBe(['g'])->and($outlets['q']['protectedBy'])->toContain('g', 'i')
        ->and($outlets['g']['hasTest'])->toBeTrue()->and($outlets['q']['hasTest'])->toBeFalse();
});

it('keeps a fact that speaks of something that is gone, and says so', function (): void {
    $house = runHouse(['observations' => [
        ['id' => 'a', 'kind' => 'off', 'circuit' => 'c1', 'dead' => ['p'], 'live' => [], 'who' => 'Bo'],
        ['id' => 'b', 'kind' => 'off', 'circuit' => 'c1', 'dead' => ['gone'], 'live' => []],
    ]]);
    [$stands, $fell] = runsOf($house)['facts'];
    expect($stands)->toMatchArray(['id' => 'a', 'kind' => 'off', 'who' => 'Bo'])->and($stands['spoken'])->toContain('X-p')
        ->and($fell['spoken'])->toBe('Speaks of something that is not in the house any more');
});

it('sets facts that cannot all be true side by side, with the cable they speak against', function (): void {
    $house = runHouse(['observations' => [['kind' => 'trip', 'at' => 'g', 'dead' => [], 'live' => ['p', 'q']]]]);
    $conflict = runsOf($house)['conflicts'][0];
    expect($conflict['facts'])->not->toBe([])->and($conflict['cables'][0]['spoken'])->toContain('The house has a cable from');
});

it('proposes the next step with how it is done, and offers hands only where they are meant', function (): void {
    $house = runHouse(['cables' => [], 'observations' => [
        ['kind' => 'off', 'circuit' => 'c1', 'dead' => ['f', 'g', 'p', 'q', 'loose', 'lost'], 'live' => ['l']],
    ]]);
    $next = runsOf($house)['next'];
    expect($next['steps'])->not->toBe([])->and($next['title'])->not->toBe('')
        ->and($next['handsOn'])->toBe(in_array($next['kind'], ['open', 'lift'], true))
        ->and(runsOf($house)['resolved'])->toBeFalse()->and(runsOf($house)['unknown'])->toBeGreaterThan(0);
});

it('offers to keep what is certain and not in the house yet', function (): void {
    $house = Build::house([
        'circuits' => [Build::circuit('c1')],
        'points' => [Build::point('g', ['device' => 'gfci']), Build::point('p')],
        'cables' => [Build::cable('c1', 'g')],
        'observations' => [['kind' => 'trip', 'at' => 'g', 'dead' => ['g', 'p'], 'live' => []]],
    ]);
    $keep = runsOf($house)['keep'];
    expect($keep)->toHaveCount(1)->and($keep[0]['to'])->toBe('p')->and($keep[0]['spoken'])->toContain('X-g')->toContain('on LOAD');
});
