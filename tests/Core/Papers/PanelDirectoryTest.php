<?php

declare(strict_types=1);

use Bouclier\Core\CommandLine\CommandLine;
use Tests\Core\Build;

/** @return array<string, mixed> the answer of `bouclier directory` */
function directoryOf(array $house): array
{
    $printed = (new CommandLine(fn(): string => Build::json($house)))->run(['directory', 'house.json']);
    assert($printed->status === 0, $printed->errors);

    return json_decode($printed->output, true, flags: JSON_THROW_ON_ERROR);
}

it('has the breakers of each panel in the order of its slots, with what each feeds in walking order', function (): void {
    $answer = directoryOf([
        'areas' => [Build::area('hall'), Build::area('kit')],
        'panels' => [['id' => 'main', 'name' => 'Main'], ['id' => 'sub', 'name' => 'Garage', 'fed_from' => 'f']],
        'circuits' => [
            Build::circuit('c10', ['slot' => '10', 'label' => 'Kitchen', 'amps' => 20, 'breaker' => 'dual']),
            Build::circuit('f', ['slot' => '9', 'label' => 'To the garage', 'amps' => 50, 'volts' => 240, 'poles' => 2]),
            Build::circuit('s1', ['slot' => '1', 'panel' => 'sub']),
        ],
        'points' => [
            Build::point('k1', ['area' => 'kit', 'code' => 'K1', 'device' => 'gfci']),
            Build::point('h1', ['area' => 'hall', 'code' => 'H1']),
            Build::point('k2', ['area' => 'kit', 'code' => 'K2']),
            Build::point('k3', ['area' => 'kit', 'code' => 'K3', 'circuit' => 's1']),
            Build::point('k4', ['area' => 'kit', 'code' => 'K4']),
        ],
        'cables' => [
            ['id' => 'w1', 'from' => ['circuit' => 'c10'], 'to' => ['point' => 'k2', 'land' => 'line']],
            ['id' => 'w2', 'from' => ['point' => 'k2', 'land' => 'load'], 'to' => ['point' => 'k1', 'land' => 'line']],
            ['id' => 'w3', 'from' => ['point' => 'k1', 'land' => 'load'], 'to' => ['point' => 'h1', 'land' => 'line']],
        ],
    ]);
    [$feeder, $kitchen] = $answer['panels']['main'];

    expect(array_column($answer['panels']['main'], 'slot'))->toBe(['9', '10'])
        ->and($kitchen['feeds'])->toBe(['H1', 'K1', 'K2'])->and($kitchen['uncertain'])->toBe([])
        ->and($kitchen['amps'])->toEqual(20)->and($kitchen['protection'])->toBe('Dual-function breaker; GFCI at K1')
        ->and($feeder['panels'])->toBe(['sub'])->and($feeder['poles'])->toBe(2)->and($feeder['protection'])->toBe('none')
        // Believed, and by nothing shown; and where it may be is no more than a guess.
        ->and($answer['panels']['sub'][0]['feeds'])->toContain('K3')->and($answer['panels']['sub'][0]['uncertain'])->toContain('K3')
        ->and(array_merge($answer['unplaced'], ...array_column($answer['panels']['main'], 'uncertain'), ...array_column(
            $answer['panels']['sub'],
            'uncertain',
        )))->toContain('K4');
});

it('believes what went dead with a breaker more than what was written down', function (): void {
    $house = [
        'points' => array_map(fn(string $id): array => Build::point($id, ['circuit' => 'c1']), ['a1', 'a2', 'a3']),
        'observations' => [
            ['kind' => 'off', 'circuit' => 'c1', 'dead' => ['a1'], 'live' => ['a2']],
            ['kind' => 'off', 'circuit' => 'c2', 'dead' => ['a2'], 'live' => ['a1']],
        ],
    ];
    [$one, $two] = directoryOf($house)['panels']['main'];

    expect($one['feeds'])->toBe(['X-a1', 'X-a3'])->and($one['uncertain'])->toBe(['X-a3'])
        ->and($two['feeds'])->toBe(['X-a2'])->and($two['uncertain'])->toBe([]);
});

it('says which breakers go off together', function (): void {
    $pair = fn(string $id, string $with, array $more): array => Build::circuit($id, ['multiwire_with' => $with, 'slot' => $id] + $more);
    $tied = fn(array $more): array => array_column(directoryOf(['circuits' => [
        $pair('c1', 'c2', $more),
        $pair('c2', 'c1', ['leg' => 'b'] + $more),
    ]])['panels']['main'], 'tied_to');

    expect($tied(['handle_tie' => true]))->toBe(['c2', 'c1'])->and($tied(['handle_tie' => false]))->toBe([null, null])
        ->and($tied(['breaker' => 'gfci', 'common_trip' => true]))->toBe(['c2', 'c1']);
});

it('agrees with the trace on houses that are half traced, and with the truth on what it is sure of', function (int $seed): void {
    mt_srand($seed);
    [$points, $true, $seen] = [[], [], []];
    $circuits = array_map(fn(int $n): array => Build::circuit("c$n", ['slot' => (string) $n]), range(1, 4));
    for ($n = 0; $n < 12; ++$n) {
        $true["p$n"] = 'c' . mt_rand(1, 4);
        $points[] = Build::point("p$n", mt_rand(0, 2) === 0 ? [] : ['circuit' => mt_rand(0, 3) > 0 ? $true["p$n"] : 'c1']);
    }
    foreach (array_slice($circuits, 0, mt_rand(1, 4)) as $circuit) {
        $looked = array_filter(array_keys($true), fn(string $id): bool => mt_rand(0, 3) > 0);
        $dead = array_values(array_filter($looked, fn(string $id): bool => $true[$id] === $circuit['id']));
        $seen[] = ['kind' => 'off', 'circuit' => $circuit['id'], 'dead' => $dead, 'live' => array_values(array_diff($looked, $dead))];
    }
    $house = ['circuits' => $circuits, 'points' => $points, 'observations' => $seen];
    $trace = json_decode((new CommandLine(fn(): string => Build::json($house)))->run(['trace', 'house.json'])->output, true);
    $answer = directoryOf($house);
    $sure = $listed = [];
    foreach ($answer['panels']['main'] as $line) {
        $sure += array_fill_keys(array_diff($line['feeds'], $line['uncertain']), $line['circuit']);
        array_push($listed, ...$line['feeds']);
    }

    expect($sure)->toEqual(array_filter(array_combine(
        array_map(fn(string $id): string => "X-$id", array_keys($trace['points'])),
        array_column($trace['points'], 'circuit'),
    )));
    foreach ($sure as $code => $circuit) {
        expect($true[substr($code, 2)])->toBe($circuit);
    }
    $all = [...$listed, ...$answer['unplaced']];
    sort($all);
    $codes = array_column($points, 'code');
    sort($codes);
    expect($all)->toBe($codes);
})->with(range(1, 12));
