<?php

declare(strict_types=1);

use Bouclier\Core\CodeBook\Assess;
use Bouclier\Core\CodeBook\Finding;
use Bouclier\Core\CodeBook\Severity;
use Tests\Core\Build;

/**
 * A GFCI and a plain outlet on its LOAD, on one breaker, with what was read there.
 *
 * @return array<string, string> severity of each finding from a reading, by its id, at a point of it
 */
function readHere(array $records, string $at = 'k1', array $point = [], array $more = []): array
{
    $house = Build::house($more + [
        'points' => [Build::point('k1', ['device' => 'gfci', ...$point]), Build::point('k2', $at === 'k2' ? $point : [])],
        'cables' => [Build::cable('c1', 'k1'), Build::cable('k1', 'k2', 'load')],
        ...(array_is_list($records) ? ['tests' => $records] : ['records' => $records]),
    ]);
    $found = (new Assess($house))->point($house->point($at))->findings;
    $read = array_filter($found, fn(Finding $one): bool => in_array($one->id, ['test_failed', 'reads_wrong', 'trip_slow'], true));

    return array_map(fn(Severity $one): string => $one->value, array_column($read, 'severity', 'id'));
}

it('finds what the buttons showed, until a later press of the same button there passes', function (
    array $records,
    array $found,
    string $at = 'k1',
    array $point = [],
): void {
    expect(readHere($records, $at, $point))->toBe($found);
})->with(function (): array {
    $test = fn(array $said): array => ['device_tests' => [$said + ['point' => 'k1', 'by' => 'device_button']]];
    $own = ['point' => 'k1', 'by' => 'device_button'];
    $tester = ['by' => 'tester_button'];
    $press = fn(array $reading, array $at = ['point' => 'k1']): array => [
        'action' => ['do' => 'press_test', 'at' => $at], 'reading' => $reading + ['tripped' => [], 'dead' => []],
    ];
    $reset = [
        'action' => ['do' => 'reset', 'at' => ['point' => 'k1']],
        'reading' => ['holds' => false, 'tripped' => [], 'no_power' => true],
    ];

    return [
        'TEST that does nothing' => [$test(['tripped' => false]), ['test_failed' => 'error']],
        'TEST that opens it' => [$test(['tripped' => true]), []],
        'a later one that passes' => [['device_tests' => [$own + ['tripped' => false], $own + ['tripped' => true]]], []],
        'an earlier one that passed, by its time' => [['device_tests' => [
            $own + ['tripped' => false, 'at_time' => '2026-05-02T10:00:00Z'],
            $own + ['tripped' => true, 'at_time' => '2026-05-01T10:00:00Z'],
        ]], ['test_failed' => 'error']],
        'another button passes' => [['device_tests' => [
            $own + ['tripped' => false], $tester + $own + ['tripped' => true],
        ]], ['test_failed' => 'error']],
        'the device was changed since' => [$test(['tripped' => false, 'at_time' => '2026-05-01T10:00:00Z']) + ['device_history' => [
            ['event' => 'replaced', 'point' => 'k1', 'at_time' => '2026-05-01T11:00:00Z'],
        ]], []],
        'the device was changed before' => [$test(['tripped' => false, 'at_time' => '2026-05-01T10:00:00Z']) + ['device_history' => [
            ['event' => 'replaced', 'point' => 'k1', 'at_time' => '2026-05-01T09:00:00Z'],
        ]], ['test_failed' => 'error']],
        'it does not come back' => [$test(['tripped' => true, 'reset_held' => false]), ['test_failed' => 'error']],
        'a tester beyond it opens nothing' => [
            $test($tester + ['point' => 'k2', 'tripped' => false]), ['test_failed' => 'error'], 'k2',
        ],
        'a tester without a ground' => [$test($tester + ['point' => 'k2', 'tripped' => false]), [], 'k2', ['ground' => 'none']],
        'in a call' => [[$press([])], ['test_failed' => 'error']],
        'in a call, without power' => [[$reset, $press([])], []],
        'in a call, passed' => [[$press([]), $press(['tripped' => ['k1'], 'dead' => ['k1', 'k2']])], []],
        'fast' => [$test($tester + ['tripped' => true, 'trip_ms' => 60]), []],
        'over half the limit' => [$test($tester + ['tripped' => true, 'trip_ms' => 2000]), ['trip_slow' => 'warning']],
        'over the limit' => [$test($tester + ['tripped' => true, 'trip_ms' => 8000]), ['trip_slow' => 'error']],
        'twice as long as at first' => [['device_tests' => [
            $tester + $own + ['tripped' => true, 'trip_ms' => 40], $tester + $own + ['tripped' => true, 'trip_ms' => 82],
        ]], ['trip_slow' => 'advice']],
        'a little longer than at first' => [['device_tests' => [
            $tester + $own + ['tripped' => true, 'trip_ms' => 40], $tester + $own + ['tripped' => true, 'trip_ms' => 70],
        ]], []],
        'longer than that of the device before' => [['device_tests' => [
            $tester + $own + ['tripped' => true, 'trip_ms' => 40, 'at_time' => '2026-05-01T09:00:00Z'],
            $tester + $own + ['tripped' => true, 'trip_ms' => 82, 'at_time' => '2026-05-01T12:00:00Z'],
        ], 'device_history' => [['event' => 'replaced', 'point' => 'k1', 'at_time' => '2026-05-01T11:00:00Z']]], []],
        'a reading of a tester' => [['readings' => [['point' => 'k1', 'trip_ms' => 8000]]], ['trip_slow' => 'error']],
        'an AFCI has no such limit' => [$test(['tripped' => true, 'trip_ms' => 8000]), [], 'k1', ['device' => 'afci']],
    ];
});

it('finds what the lamps showed where it is not what the house as recorded should', function (
    array $lamps,
    bool $found,
    array $point = [],
    array $more = [],
): void {
    [$hn, $hg, $ng] = $lamps;
    $records = ['readings' => [
        ...$more['before'] ?? [],
        ['point' => 'k2', 'lamps' => ['hn' => $hn === 1, 'hg' => $hg === 1, 'ng' => $ng === 1], ...$more['read'] ?? []],
    ]];
    expect(readHere($records + ($more['records'] ?? []), 'k2', $point, $more['house'] ?? []))
        ->toBe($found ? ['reads_wrong' => 'error'] : []);
})->with(fn(): array => [
    'correct' => [[1, 1, 0], false],
    'open ground' => [[1, 0, 0], true],
    'reversed' => [[0, 1, 1], true],
    'open neutral' => [[0, 1, 0], true],
    'dark' => [[0, 0, 0], true],
    'dark with its breaker off' => [[0, 0, 0], false, [], [
        'read' => ['at_time' => '2026-05-01T10:05:00Z'],
        'records' => ['switched' => [['circuit' => 'c1', 'on' => false, 'at_time' => '2026-05-01T10:00:00Z']]],
    ]],
    'dark with its breaker on again' => [[0, 0, 0], true, [], [
        'read' => ['at_time' => '2026-05-01T10:05:00Z'],
        'records' => ['switched' => [
            ['circuit' => 'c1', 'on' => false, 'at_time' => '2026-05-01T10:00:00Z'],
            ['circuit' => 'c1', 'on' => true, 'at_time' => '2026-05-01T10:03:00Z'],
        ]],
    ]],
    'no ground, and none is recorded' => [[1, 0, 0], false, ['ground' => 'none']],
    'no ground, in a cable without one' => [[1, 0, 0], false, [], [
        'house' => ['cables' => [Build::cable('c1', 'k1'), Build::cable('k1', 'k2', 'load', more: ['ground' => false])]],
    ]],
    'no ground, found broken' => [[1, 0, 0], false, ['ground' => 'broken']],
    'a ground where none is recorded' => [[1, 1, 0], true, ['ground' => 'none']],
    'not drawn, open ground' => [[1, 0, 0], true, [], ['house' => ['cables' => []]]],
    'not drawn, correct' => [[1, 1, 0], false, [], ['house' => ['cables' => []]]],
    'the half a switch turns' => [[0, 0, 0], false, ['halves' => ['switched' => 'top']], ['read' => ['half' => 'top']]],
    'the other half' => [[0, 0, 0], true, ['halves' => ['switched' => 'top']], ['read' => ['half' => 'bottom']]],
    'passed since' => [[1, 1, 0], false, [], ['before' => [['point' => 'k2', 'lamps' => ['hn' => true, 'hg' => false, 'ng' => false]]]]],
    'in the other half it still stands' => [[1, 1, 0], true, [], [
        'before' => [['point' => 'k2', 'half' => 'top', 'lamps' => ['hn' => true, 'hg' => false, 'ng' => false]]],
        'read' => ['half' => 'bottom'],
    ]],
]);

it('reads the lamps of a call too, and says what the pattern may be', function (): void {
    $house = Build::house(['points' => [Build::point('k2')], 'tests' => [
        ['action' => ['do' => 'tester', 'at' => ['point' => 'k2']], 'reading' => ['hn' => true, 'hg' => false, 'ng' => false]],
    ]]);
    $found = array_column((new Assess($house))->point($house->point('k2'))->findings, 'why', 'id');
    expect($found['reads_wrong'])->toContain('read hot to neutral lit')->toContain('Open ground');
});

it('finds a breaker whose TEST does nothing', function (): void {
    $house = Build::house(['circuits' => [Build::circuit('c1', ['breaker' => 'gfci']), Build::circuit('c2')], 'records' => [
        'device_tests' => [['circuit' => 'c1', 'by' => 'device_button', 'tripped' => false]],
    ]]);
    $found = array_filter((new Assess($house))->house()->findings, fn(Finding $one): bool => $one->id === 'test_failed');
    expect(array_column($found, 'circuit'))->toBe(['c1']);
});
