<?php

declare(strict_types=1);

use Bouclier\Core\CommandLine\CommandLine;
use Tests\Core\Build;

/** @return array{int, string, string} status, standard output, standard error of the real command */
function bouclier(string ...$arguments): array
{
    $process = proc_open([__DIR__ . '/../../../bin/bouclier', ...$arguments], [1 => ['pipe', 'w'], 2 => ['pipe', 'w']], $pipes);
    $out = (string) stream_get_contents($pipes[1]);
    $err = (string) stream_get_contents($pipes[2]);

    return [proc_close($process), $out, $err];
}

function houseFile(string $json): string
{
    $file = (string) tempnam(sys_get_temp_dir(), 'house');
    file_put_contents($file, $json);

    return $file;
}

const DEMO = __DIR__ . '/../../../database/demo/plover-street-8.house.json';

it('judges a house by its own edition, another, or all', function (): void {
    [$status, $out, $err] = bouclier('assess', DEMO);
    $answer = json_decode($out, true);
    expect($status)->toBe(0)->and($err)->toBe('')->and($answer['edition'])->toBe('nec-2023')
        ->and($answer['points']['g4']['verdict']['gfci'])->toBe('missing')
        ->and($answer['points']['g4']['requires']['gfci'][0]['clause'])->toBe('210.8(A)(2)')
        ->and($answer['points']['k2']['has']['gfci'])->toBe(['k1']);
    [, $all] = bouclier('assess', DEMO, '--edition', 'all');
    $editions = json_decode($all, true)['editions'];
    expect(array_keys($editions))->toBe(['nec-2014', 'nec-2017', 'nec-2020', 'nec-2023', 'cec-2021'])
        ->and($editions['nec-2017']['points']['v1']['verdict']['gfci'])->toBe('not_asked')
        ->and($editions['nec-2014']['points']['v1']['verdict']['gfci'])->toBe('missing');
    [, $as] = bouclier('assess', DEMO, '--edition=nec-2020', '--as=existing');
    expect(json_decode($as, true)['points']['g4']['verdict']['gfci'])->toBe('advised');
});

it('refuses with one line a fault, status 2, and nothing on standard output', function (array $arguments, string $said): void {
    [$status, $out, $err] = bouclier(...$arguments);
    expect($status)->toBe(2)->and($out)->toBe('')->and($err)->toContain($said);
})->with([
    'no command' => [[], 'usage: bouclier'],
    'an unknown command' => [['guess'], 'there is no command "guess"'],
    'no file' => [['assess'], 'name the house file'],
    'two files' => [['assess', DEMO, DEMO], 'one house file at a time'],
    'a file that is not there' => [['assess', '/nowhere.json'], '/nowhere.json: cannot be read'],
    'a folder' => [['assess', '/'], '/: cannot be read'],
    'an unknown edition' => [['assess', DEMO, '--edition', 'nec-2026'], '--edition must be one of'],
    'an unknown kind of work' => [['assess', DEMO, '--as', 'maybe'], '--as must be one of'],
    'an unknown option' => [['assess', DEMO, '--fast'], '--fast is not an option'],
    'an option without its value' => [['assess', DEMO, '--as'], '--as needs a value'],
    'a seed that is no number' => [['simulate', DEMO, '--seed', 'x'], '--seed must be a whole number'],
    'a fault at a place that is not there' => [
        fn(): array => ['simulate', houseFile(Build::json(['faults' => [['kind' => 'swap', 'at' => ['cable' => 'w']]]]))],
        '/faults/0/at/cable: there is no cable "w"',
    ],
    'an option of another command' => [['schema', '--edition', 'all'], '--edition is not an option'],
    'a bad house' => [
        fn(): array => ['assess', houseFile(Build::json(['points' => [Build::point('k', ['amps' => 'x'])]]))],
        '/points/0/amps: must be number, not "x"',
    ],
]);

it('prints the schema and the rules', function (): void {
    expect(json_decode(bouclier('schema')[1], true)['title'])->toBe('HouseFile');
    $editions = json_decode(bouclier('editions')[1], true)['editions'];
    $rules = fn(int $i): array => array_column($editions[$i]['rules'], 'clause', 'id');
    expect(array_column($editions, 'id'))->toBe(['nec-2014', 'nec-2017', 'nec-2020', 'nec-2023', 'cec-2021'])
        ->and($rules(0)['nec-210.8(A)-sinks'])->toBe('210.8(A)(7)')
        ->and($rules(3)['nec-210.8(A)-sinks'])->toBe('210.8(A)(8)')
        ->and($rules(0))->not->toHaveKey('nec-210.8(A)-food-preparation');
});

it('judges a bare house and points whose ids look like numbers', function (): void {
    $read = fn(): string => Build::json([
        'points' => [Build::point('7'), Build::point('007', ['device' => 'gfci'])],
        'cables' => [Build::cable('c1', '007'), Build::cable('007', '7', 'load')],
    ]);
    $answer = json_decode((new CommandLine($read))->run(['assess', 'x'])->output, true);
    expect($answer['points']['7']['has']['gfci'])->toBe(['007']);
    expect((new CommandLine(fn(): string => Build::json()))->run(['assess', 'x'])->output)->toContain('"points": {}');
});

it('simulates the actions of a house file, exact or by a seed', function (): void {
    $demo = json_decode((string) file_get_contents(DEMO), true);
    $file = houseFile(
        (string) json_encode([
            'actions' => [
                ['do' => 'walk'],
                ['do' => 'volts', 'at' => ['point' => 'k2'], 'between' => 'hn'],
                ['do' => 'volts', 'at' => ['point' => 'e1'], 'between' => 'hn'],
            ],
            'faults' => [['kind' => 'neutral_ground', 'at' => ['point' => 'k3'], 'ohms' => 0.8]],
        ] + $demo),
    );
    [$status, $out, $err] = bouclier('simulate', $file, '--exact');
    [$walk, $volts] = json_decode($out, true)['readings'];
    expect($status)->toBe(0)
        ->and($err)->toBe('')
        ->and(array_slice($walk['dead'], 0, 3))->toBe(['k1', 'k2', 'k3'])
        ->and($volts['volts'])->toBeLessThan(1.0);
    expect(
        bouclier('simulate', $file, '--seed', '7'),
    )->toBe(bouclier('simulate', $file, '--seed=7'))->not->toBe(bouclier('simulate', $file, '--seed', '8'));
});
