<?php

declare(strict_types=1);

// php tests/bench/assess.php: whole-process time of `bouclier assess`, as a ratio to starting PHP with nothing to do.

require __DIR__ . '/houses.php';

const RUNS = 9;

/** @return array{float, float} median seconds and peak megabytes of the largest process */
function timed(array $command): array
{
    $seconds = [];
    $peak = 0.0;
    for ($run = 0; $run <= RUNS; ++$run) {
        $start = hrtime(true);
        $process = proc_open(['/usr/bin/env', 'bash', '-c', 'exec "$@" >/dev/null', 'bash', ...$command], [2 => ['pipe', 'w']], $pipes);
        $said = stream_get_contents($pipes[2]);
        if (proc_close($process) !== 0) {
            exit($said);
        }
        if ($run > 0) {
            $seconds[] = (hrtime(true) - $start) / 1e9;
        }
    }
    sort($seconds);
    $status = getrusage(1);
    $peak = $status['ru_maxrss'] / 1024;

    return [$seconds[intdiv(RUNS, 2)], $peak];
}

$root = dirname(__DIR__, 2);
$start = timed(['php', '-r', '']);
printf("%-44s %7.0f ms\n", 'php -r \'\'', $start[0] * 1000);
$report = function (string $name, array $command) use ($start): void {
    [$seconds, $peak] = timed($command);
    printf("%-44s %7.0f ms   %5.1f x   largest process so far %5.1f MB\n", $name, $seconds * 1000, $seconds / $start[0], $peak);
};
foreach (['nec-2014', 'nec-2017', 'nec-2020', 'nec-2023', 'all'] as $edition) {
    $report(
        "demo house, $edition",
        ["$root/bin/bouclier", 'assess', "$root/database/demo/plover-street-8.house.json", '--edition', $edition],
    );
}
foreach ([100, 200, 500] as $outlets) {
    $file = (string) tempnam(sys_get_temp_dir(), 'bench');
    file_put_contents($file, json_encode(benchHouse($outlets), JSON_THROW_ON_ERROR));
    foreach (['nec-2023', 'all'] as $edition) {
        $report("$outlets outlets, $edition", ["$root/bin/bouclier", 'assess', $file, '--edition', $edition]);
    }
    unlink($file);
}
