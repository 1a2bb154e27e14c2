<?php

declare(strict_types=1);

// php tests/bench/trace.php [houses]: boxes opened when the tracer is followed to the end, beside the fewest any policy can average
// on a chain without a GFCI, 2(n + 1)/3 - 1; and the time of one answer, as a ratio to reading the house file.

require __DIR__ . '/../../vendor/autoload.php';

use Bouclier\Core\Exchange\TraceWriter;
use Tests\Core\Feed\Trace\ClosedLoop;
use Tests\Core\Feed\Trace\HiddenTree;

$houses = (int) ($argv[1] ?? 20);
printf("%-8s %28s %34s\n", 'outlets', 'chain: boxes, fewest, over', 'any tree, up to 2 devices: boxes');
$reading = $tracing = $answers = 0.0;
foreach (range(3, 16) as $outlets) {
    $boxes = ['chain' => 0, 'tree' => 0];
    for ($seed = 0; $seed < $houses; ++$seed) {
        $chain = HiddenTree::random(10_000 + $seed, $outlets, 1, 0, chain: true);
        $tree = HiddenTree::random(20_000 + $seed, $outlets, 1 + $seed % min(3, $outlets), $seed % 3);
        foreach (['chain' => $chain, 'tree' => $tree] as $kind => $hidden) {
            do {
                $start = hrtime(true);
                ClosedLoop::house($hidden);
                $read = hrtime(true);
                $trace = ClosedLoop::trace($hidden);
                $reading += $read - $start;
                $tracing += hrtime(true) - $read - ($read - $start);
                ++$answers;
                if ($trace->next !== null) {
                    $hidden->answer(TraceWriter::next($trace->next));
                }
            } while ($trace->next !== null);
            $boxes[$kind] += $hidden->boxesOpened;
        }
    }
    $fewest = 2 * ($outlets + 1) / 3 - 1;
    printf(
        "%-8d %14.2f %6.2f %5.1f %% %34.2f\n",
        $outlets,
        $boxes['chain'] / $houses,
        $fewest,
        100 * ($boxes['chain'] / $houses - $fewest) / $outlets,
        $boxes['tree'] / $houses,
    );
}
printf("one answer %.1f ms, %.0f x reading the house\n", $tracing / $answers / 1e6, $tracing / $reading);
