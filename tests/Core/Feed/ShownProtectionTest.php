<?php

declare(strict_types=1);

use Bouclier\Core\CodeBook\Assess;
use Bouclier\Core\Exchange\AssessmentWriter;
use Bouclier\Core\House\Protection;
use Tests\Core\Build;

/** @return array{has: list<string>, shown: list<string>, verdict: string} of k2, beside a sink */
function protectionOfK2(array $parts, string $device = 'gfci', Protection $protection = Protection::Gfci): array
{
    $house = Build::house($parts + [
        'areas' => [Build::area('a', 'kitchen')],
        'circuits' => [Build::circuit('c1'), Build::circuit('c2', ['breaker' => 'gfci'])],
        'points' => [Build::point('k1', ['device' => $device]), Build::point('k2', ['serves' => 'countertop'])],
    ]);
    $data = AssessmentWriter::point((new Assess($house))->point($house->point('k2')));

    return ['has' => $data['has'][$protection->value], 'shown' => $data['shown'][$protection->value],
        'verdict' => $data['verdict'][$protection->value]];
}

it('counts protection that was shown, until the wiring on the way was changed', function (
    array $parts,
    bool $counts,
    string $by = 'k1',
): void {
    expect(protectionOfK2($parts))->toBe($counts
        ? ['has' => [$by], 'shown' => [$by], 'verdict' => 'met']
        : ['has' => [], 'shown' => [], 'verdict' => 'missing']);
})->with(function (): array {
    $trip = ['kind' => 'trip', 'at' => 'k1', 'dead' => ['k1', 'k2'], 'live' => []];
    $at = fn(string $hour): array => ['at_time' => "2026-05-01T$hour:00:00Z"];
    $apart = fn(string $hour, string $point = 'k2'): array => ['records' => ['boxes' => [
        ['point' => $point, 'state' => 'apart', ...$at($hour)],
    ]]];
    $press = ['action' => ['do' => 'press_test', 'at' => ['point' => 'k1']], 'reading' => ['tripped' => ['k1'], 'dead' => ['k1', 'k2']]];
    $button = ['action' => ['do' => 'tester_button', 'at' => ['point' => 'k2']], 'reading' => ['tripped' => ['c2'], 'after_ms' => 40]];

    return [
        'nothing was tried' => [[], false],
        'TEST took it along' => [['observations' => [$trip]], true],
        'it was dead before' => [['observations' => [$trip + ['already_dead' => ['k2']]]], false],
        'it stayed live' => [['observations' => [['dead' => ['k1'], 'live' => ['k2']] + $trip]], false],
        'TEST of a breaker' => [['observations' => [['at' => 'c2', 'dead' => ['k2']] + $trip]], true, 'c2'],
        'TEST of a breaker that protects from nothing' => [['observations' => [['at' => 'c1', 'dead' => ['k2']] + $trip]], false],
        "a tester's button" => [['observations' => [['kind' => 'button', 'point' => 'k2', 'tripped' => ['k1']]]], true],
        "a tester's button and a breaker" => [['observations' => [['kind' => 'button', 'point' => 'k2', 'tripped' => ['c2']]]], true, 'c2'],
        'TEST in a call' => [['tests' => [$press]], true],
        'TEST in a call about its being dead' => [
            ['tests' => [$press], 'symptom' => ['kind' => 'dead', 'at' => 'k2', 'when' => 'at_once']],
            false,
        ],
        "a tester's button in a call" => [['tests' => [$button]], true, 'c2'],
        'its box was taken apart since' => [['observations' => [$trip + $at('10')]] + $apart('11'), false],
        "the device's box was taken apart since" => [['observations' => [$trip + $at('10')]] + $apart('11', 'k1'), false],
        'its box was taken apart before' => [['observations' => [$trip + $at('10')]] + $apart('09'), true],
        'drawn by half: landing not said' => [['observations' => [$trip], 'cables' => [
            Build::cable('c1', 'k1'), ['id' => 'w', 'from' => ['point' => 'k1'], 'to' => ['point' => 'k2']],
        ]], true],
        'drawn on LINE' => [['observations' => [$trip], 'cables' => [Build::cable('c1', 'k1'), Build::cable('k1', 'k2', 'line')]], false],
        'drawn on another run' => [['observations' => [$trip], 'cables' => [Build::cable('c1', 'k1'), Build::cable('c1', 'k2')]], false],
    ];
});

it('ends what was shown when the same test shows otherwise later, in whatever order it is filed', function (
    array $entries,
    bool $counts,
): void {
    expect(protectionOfK2($entries)['shown'] !== [])->toBe($counts);
})->with(function (): array {
    $at = fn(string $hour): array => ['at_time' => "2026-05-01T$hour:00:00Z"];
    $trip = fn(bool $killed, array $more): array => [
        'kind' => 'trip', 'at' => 'k1', 'dead' => $killed ? ['k1', 'k2'] : ['k1'], 'live' => $killed ? [] : ['k2'], ...$more,
    ];
    $button = fn(array $tripped, array $more): array => ['kind' => 'button', 'point' => 'k2', 'tripped' => $tripped, ...$more];
    $press = fn(array $dead): array => [
        'action' => ['do' => 'press_test', 'at' => ['point' => 'k1']], 'reading' => ['tripped' => ['k1'], 'dead' => $dead],
    ];
    $breaker = fn(bool $on): array => [
        'action' => ['do' => 'breaker', 'at' => ['circuit' => 'c1'], 'on' => $on], 'reading' => ['tripped' => []],
    ];

    return [
        'TEST left it live later' => [['observations' => [$trip(true, $at('10')), $trip(false, $at('11'))]], false],
        'filed before it, done after it' => [['observations' => [$trip(false, $at('11')), $trip(true, $at('10'))]], false],
        'TEST left it live before' => [['observations' => [$trip(true, $at('11')), $trip(false, $at('10'))]], true],
        'without times the order of the file counts' => [['observations' => [$trip(true, []), $trip(false, [])]], false],
        'the button opened another later' => [['observations' => [$button(['k1'], $at('10')), $button([], $at('11'))]], false],
        'the button says nothing of a TEST' => [['observations' => [$trip(true, $at('10')), $button([], $at('11'))]], true],
        'a later TEST in a call' => [['observations' => [$trip(true, [])], 'tests' => [$press(['k1'])]], false],
        'dead in a call with a breaker off before' => [['tests' => [$breaker(false), $press(['k1', 'k2'])]], false],
        'dead in a call with the breaker on again' => [['tests' => [$breaker(false), $breaker(true), $press(['k1', 'k2'])]], true],
    ];
});

it('says nothing of it where the drawing does', function (): void {
    $trip = ['kind' => 'trip', 'at' => 'k1', 'dead' => ['k1', 'k2'], 'live' => []];
    expect(protectionOfK2(['observations' => [$trip], 'cables' => [Build::cable('c1', 'k1'), Build::cable('k1', 'k2', 'load')]]))
        ->toBe(['has' => ['k1'], 'shown' => [], 'verdict' => 'met']);
});

it('counts it for what the device gives', function (string $device, array $gfci, array $afci): void {
    $parts = ['observations' => [['kind' => 'trip', 'at' => 'k1', 'dead' => ['k1', 'k2'], 'live' => []]]];
    expect(protectionOfK2($parts, $device)['shown'])->toBe($gfci)
        ->and(protectionOfK2($parts, $device, Protection::Afci)['shown'])->toBe($afci);
})->with([['gfci', ['k1'], []], ['afci', [], ['k1']], ['dual', ['k1'], ['k1']]]);
