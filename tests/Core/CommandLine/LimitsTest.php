<?php

declare(strict_types=1);

use Bouclier\Core\Exchange\BadHouseFile;
use Bouclier\Core\Exchange\HouseReader;
use Bouclier\Core\Exchange\HouseSchema;
use Bouclier\Core\Exchange\OutletCsv;
use Tests\Core\Build;

/** @return list<string> what is wrong with a house file */
function refusalsOf(string $json): array
{
    try {
        (new HouseReader())->fromJson($json);

        return [];
    } catch (BadHouseFile $bad) {
        return array_map(strval(...), $bad->faults);
    }
}

it('says how long a list may be, and takes one just as long', function (): void {
    $points = fn(int $count): string => Build::json(['points' => array_map(fn(int $n): array => Build::point("p$n"), range(1, $count))]);
    expect(refusalsOf($points(HouseSchema::LONGEST['points'] + 1)))->toBe(['/points: has more than 5000 entries'])
        ->and(refusalsOf($points(HouseSchema::LONGEST['points'])))->toBe([]);
});

it('takes no run of more boxes in a row than any house has', function (int $long, bool $isTaken): void {
    $points = array_map(fn(int $n): array => Build::point("p$n"), range(1, $long));
    $cables = array_map(fn(int $n): array => Build::cable($n === 1 ? 'c1' : 'p' . ($n - 1), "p$n", more: ['id' => "w$n"]), range(1, $long));
    shuffle($cables);
    $faults = refusalsOf(Build::json(['points' => $points, 'cables' => $cables]));
    $isTaken ? expect($faults)->toBe([]) : expect($faults)->toHaveCount(1)->and($faults[0])->toContain('more than 250 boxes in a row');
})->with([[250, true], [251, false], [600, false]]);

it('takes no number that no machine can hold', function (string $json, string $pointer): void {
    expect(
        refusalsOf(str_replace('"HERE"', $json, Build::json(['supply_volts' => 'HERE']))),
    )->toContain("$pointer: is too large to be a number");
})->with([
    ['1e999', '/supply_volts'],
    ['-1e999', '/supply_volts'],
    [str_repeat('7', 400), '/supply_volts'],
    ['{"deep": [1, 1e400]}', '/supply_volts/deep/1'],
]);

it('reads no table that would take the memory of the machine', function (string $csv, ?string $why): void {
    $said = OutletCsv::tooLarge($csv);
    $why === null ? expect($said)->toBeNull() : expect($said)->toContain($why);
})->with([
    'a hundred thousand rows' => [str_repeat("a,b\n", 100_000), '100000 rows; 10000 are read at most'],
    'six million commas' => [str_repeat(',', 6_000_000), 'cells; 400000 are read at most'],
    'five thousand outlets' => [str_repeat("K1-01,K1,Name,receptacle,standard\r\n", 5_000), null],
]);

it('marks what a spreadsheet would run, behind whatever it hides', function (string $name, bool $isMarked): void {
    $house = Build::house(['points' => [Build::point('p', ['name' => $name])]]);
    $csv = OutletCsv::write($house);
    expect(str_contains($csv, "'" . str_replace('"', '""', $name)))->toBe($isMarked);
})->with([
    ['=1+1', true], ['+1', true], ['-1', true], ['@SUM', true], ["\t=1", true], [' =1', true], ["\n=1", true], ["\u{00A0}=1", true],
    ["\u{FF1D}1", true], ["\u{FF0B}1", true], ["\u{FF20}x", true],
    ["\u{200B}=1", true], ['Sink = left', false], ['K1-01', false], ['Über dem Herd', false],
]);

it('says in one line that a file asks for too much, and prints no failure of PHP', function (): void {
    $file = (string) tempnam(sys_get_temp_dir(), 'deep');
    file_put_contents($file, Build::json(['points' => array_map(fn(int $n): array => Build::point("p$n"), range(1, 400))]));
    $run = proc_open(
        ['php', '-d', 'memory_limit=512M', __DIR__ . '/../../../bin/bouclier', 'assess', $file],
        [1 => ['pipe', 'w'], 2 => ['pipe', 'w']],
        $pipes,
    );
    expect(stream_get_contents($pipes[1]))->toStartWith('{')->and(stream_get_contents($pipes[2]))->toBe('')->and(proc_close($run))->toBe(0);
    file_put_contents($file, str_repeat('[', 200_000) . str_repeat(' ', 7_000_000));
    $run = proc_open(['php', __DIR__ . '/../../../bin/bouclier', 'assess', $file], [1 => ['pipe', 'w'], 2 => ['pipe', 'w']], $pipes);
    expect(stream_get_contents($pipes[1]))->toBe('')
        ->and(stream_get_contents($pipes[2]))->not->toContain('PHP')->toMatch('/^[^\n]+\n$/')
        ->and(proc_close($run))->toBe(2);
    unlink($file);
});
