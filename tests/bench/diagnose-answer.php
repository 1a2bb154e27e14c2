<?php

declare(strict_types=1);

/**
 * php tests/bench/diagnose-answer.php: one answer of `bin/bouclier diagnose` as a whole process, with none and with eight tests behind it:
 * a circuit of 12 outlets and 6 appliances, and a house of 40 outlets on four circuits. Beside the time of a process that does nothing but
 * read the file (`assess`).
 */

use Tests\Core\Build;

require __DIR__ . '/../../vendor/autoload.php';

/** @return array<string, mixed> */
function benchHouse(int $circuits, int $outlets, int $appliances, array $tests): array
{
    mt_srand(5);
    $points = $cables = $things = [];
    for ($c = 1; $c <= $circuits; ++$c) {
        for ($k = 0; $k < $outlets; ++$k) {
            $points[] = Build::point("c{$c}p$k", ['device' => $k === 0 ? 'gfci' : 'standard']);
            $from = $k === 0 ? ['circuit' => "c$c"] : ['point' => "c{$c}p" . ($k % 4 === 0 ? intdiv($k, 2) : $k - 1), 'land' => 'load'];
            $cables[] = [
                'id' => "c{$c}w$k",
                'from' => $from,
                'to' => ['point' => "c{$c}p$k", 'land' => 'line'],
                'length_ft' => mt_rand(8, 40),
            ];
        }
        for ($a = 0; $a < $appliances; ++$a) {
            $things[] = [
                'id' => "c{$c}a$a",
                'name' => "Thing $c $a",
                'at' => "c{$c}p" . mt_rand(0, $outlets - 1),
                'watts' => mt_rand(40, 900),
                'on' => true,
                'extension' => $a % 3 === 0,
                'leakage' => ['resistive_ma' => 0.2, 'capacitive_ma' => 0.1],
            ];
        }
    }

    return [
        'circuits' => array_map(
            fn(int $c): array => Build::circuit("c$c"),
            range(1, max(2, $circuits)),
        ), 'points' => $points, 'cables' => $cables, 'appliances' => $things,
        'symptom' => ['kind' => 'trips', 'at' => 'c1p0', 'when' => 'at_once'], 'tests' => $tests,
    ];
}

$reset = [
    'action' => ['do' => 'reset', 'at' => ['point' => 'c1p0']],
    'reading' => ['holds' => false, 'tripped' => ['c1p0'], 'no_power' => false],
];
$unplug = fn(int $a): array => ['action' => ['do' => 'unplug', 'appliance' => "c1a$a"], 'reading' => ['tripped' => []]];
$tests = [$unplug(0), $reset, $unplug(1), $reset, $unplug(2), $reset, $unplug(3), $reset];
$file = tempnam(sys_get_temp_dir(), 'house');
foreach ([
    '12 outlets, 6 appliances' => [1, 12, 6],
    '40 outlets on four circuits' => [4, 10, 4],
] as $name => [$circuits, $outlets, $appliances]) {
    foreach (['no tests' => [], 'eight tests' => $tests] as $with => $list) {
        file_put_contents((string) $file, Build::json(benchHouse($circuits, $outlets, $appliances, $list)));
        foreach (['assess', 'diagnose'] as $command) {
            $times = [];
            for ($run = 0; $run < 5; ++$run) {
                $start = hrtime(true);
                exec(
                    '/usr/bin/env bash -c ' . escapeshellarg(
                        'ulimit -v 400000; ' . __DIR__ . "/../../bin/bouclier $command $file > /dev/null",
                    ),
                    $said,
                    $status,
                );
                $times[] = (hrtime(true) - $start) / 1e6;
                assert($status === 0);
            }
            sort($times);
            printf("%-30s %-12s %-9s %6.0f ms\n", $name, $with, $command, $times[2]);
        }
    }
}
unlink((string) $file);
