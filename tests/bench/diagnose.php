<?php

declare(strict_types=1);

/**
 * php tests/bench/diagnose.php [cases of each kind] [--from SEED] [--in-part] [-v] [kind…]: hidden faults of every kind in made-up houses,
 * solved in a closed loop; with `--in-part` nobody has drawn what hangs beyond one of the outlets.
 * By kind: how many settle, how many of those rightly, in how many minutes, and in how many the fixed checklist is through; and how often
 * what is given 80 to 90 % is true.
 */

use Tests\Core\Diagnose\Checklist;
use Tests\Core\Diagnose\ClosedLoop;
use Tests\Core\Diagnose\HiddenFault;

require __DIR__ . '/../../vendor/autoload.php';

$each = (int) ($argv[1] ?? 14);
$verbose = in_array('-v', $argv, true);
$option = array_search('--from', $argv, true);
$from = is_int($option) ? (int) ($argv[$option + 1] ?? 1) : 1;
$inPart = in_array('--in-part', $argv, true);
$only = array_values(array_filter(array_slice($argv, 2), fn(string $word): bool => in_array($word, HiddenFault::KINDS, true)));
$table = $times = $given = [];
foreach ($only === [] ? HiddenFault::KINDS : $only as $kind) {
    for ($seed = $from, $cases = 0; $cases < $each && $seed < $from + 60 * $each; ++$seed) {
        $hidden = HiddenFault::of($kind, $seed);
        $hidden = $inPart ? $hidden?->drawnInPart() : $hidden;
        if ($hidden === null) {
            continue;
        }
        ++$cases;
        $solved = ClosedLoop::solve($hidden);
        $list = Checklist::of($hidden);
        array_push($times, ...$solved['answers']);
        array_push($given, ...$solved['given']);
        foreach ([$kind, 'all'] as $line) {
            $so = $table[$line] ?? [0, 0, 0, 0.0, 0.0, 0];
            $table[$line] = [
                $so[0] + 1,
                $so[1] + (int) $solved['settled'],
                $so[2] + (int) ($solved['settled'] && $solved['found']),
                $so[3] + $solved['minutes'],
                $so[4] + $list['minutes'],
                $so[5] + (int) $list['found'],
            ];
        }
        if ($verbose && (! $solved['settled'] || ! $solved['found'])) {
            printf(
                "%s seed %d hidden %s called %s: %s\n",
                $kind,
                $seed,
                json_encode($hidden->faults),
                json_encode($hidden->symptom),
                $solved['settled'] ? 'SETTLED WRONG' : 'open',
            );
            foreach ($solved['tests'] as $test) {
                echo '    ', json_encode($test), "\n";
            }
            foreach (array_slice($solved['causes'], 0, 5) as $cause) {
                printf("      %.3f %s  same %s\n", $cause['probability'], $cause['id'], implode(' ', $cause['same_as']));
            }
        }
    }
    if ($verbose) {
        fprintf(STDERR, "%s: %s\n", $kind, json_encode($table[$kind] ?? null));
    }
}
printf("%-28s %6s %9s %9s %9s %12s\n", 'hidden fault', 'cases', 'settled', 'of them', 'minutes', 'by the list');
uksort($table, fn(string $one, string $other): int => [$one === 'all', $one] <=> [$other === 'all', $other]);
foreach ($table as $kind => [$n, $settled, $right, $minutes, $list, $found]) {
    printf(
        "%-28s %6d %8.0f%% %8.0f%% %9.1f %12s\n",
        $kind,
        $n,
        100 * $settled / $n,
        100 * $right / max(1, $settled),
        $minutes / $n,
        sprintf('%.1f, %d found', $list / $n, $found),
    );
}
$true = count(array_filter($given));
printf("given 0.8 to 0.9: %d, true %.0f%%\n", count($given), 100 * $true / max(1, count($given)));
sort($times);
printf(
    "an answer: median %.0f ms, 95 in 100 within %.0f ms\n",
    1000 * $times[intdiv(count($times), 2)],
    1000 * $times[(int) (0.95 * count($times))],
);
