<?php

declare(strict_types=1);

/** php tests/bench/diagnose.php [cases]: hidden faults of every kind in made-up houses, solved in a closed loop; by kind how many settle, how many rightly, and in how many minutes. */

use Tests\Core\Diagnose\ClosedCase;

require __DIR__ . '/../../vendor/autoload.php';

$wanted = (int) ($argv[1] ?? 400);
$verbose = ($argv[2] ?? '') === '-v';
$table = [];
$start = microtime(true);
$answers = 0;
for ($seed = 1, $cases = 0; $cases < $wanted; ++$seed) {
    $case = ClosedCase::of($seed);
    if ($case === null) {
        continue;
    }
    ++$cases;
    $solved = $case->solve();
    $answers += $solved['steps'] + 1;
    foreach ([$case->kind(), 'all'] as $kind) {
        $line = $table[$kind] ?? [0, 0, 0, 0, 0.0];
        $table[$kind] = [$line[0] + 1, $line[1] + (int) $solved['settled'], $line[2] + (int) ($solved['settled'] && $solved['found']), $line[3] + (int) $solved['found'], $line[4] + $solved['minutes']];
    }
    if ($verbose && (! $solved['settled'] || ! $solved['found'])) {
        printf("seed %d hidden %s: %s %.2f after %d steps\n", $seed, $case->hidden->id, $solved['top'], $solved['sure'], $solved['steps']);
        foreach ($solved['tests'] as $test) {
            echo '    ', json_encode($test), "\n";
        }
    }
}
ksort($table);
printf("%-34s %6s %9s %9s %9s %9s\n", 'hidden fault', 'cases', 'settled', 'of them', 'first', 'minutes');
foreach ($table as $kind => [$n, $settled, $right, $found, $minutes]) {
    printf("%-34s %6d %8.0f%% %8.0f%% %8.0f%% %9.1f\n", $kind, $n, 100 * $settled / $n, $settled === 0 ? 0 : 100 * $right / $settled, 100 * $found / $n, $minutes / $n);
}
printf("%.0f ms an answer\n", 1000 * (microtime(true) - $start) / max(1, $answers));
