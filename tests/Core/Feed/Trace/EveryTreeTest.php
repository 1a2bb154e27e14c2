<?php

declare(strict_types=1);

use Bouclier\Core\Exchange\TraceWriter;
use Bouclier\Core\Feed\Trace\Trace;
use Tests\Core\Feed\Trace\ClosedLoop;
use Tests\Core\Feed\Trace\EveryTree;
use Tests\Core\Feed\Trace\HiddenTree;

it('knows exactly what every fitting tree has, and asks for nothing that is implied', function (
    int $outlets,
    int $circuits,
    int $devices,
    int $houses,
): void {
    for ($seed = 0; $seed < $houses; ++$seed) {
        $hidden = HiddenTree::random(50 + $seed, $outlets, $circuits, $devices);
        $points = array_keys($hidden->parents);
        sort($points);
        $trees = new EveryTree($points, $hidden->circuits, $hidden->devices);
        $known = 0;
        ClosedLoop::run($hidden, function (Trace $trace) use ($hidden, $trees, &$known, $seed): void {
            foreach (array_slice($hidden->observations, $known) as $seen) {
                $trees->keep($seen);
                ++$known;
            }
            $unknown = $trace->unknownPairs;
            sort($unknown);
            expect(ClosedLoop::parents($trace))->toBe($trees->certainParents(), "seed $seed after $known")
                ->and($unknown)->toBe($trees->unknownPairs(), "seed $seed after $known");
            if ($trace->next !== null) {
                expect($trees->answers(TraceWriter::next($trace->next)))->toBeGreaterThan(
                    1,
                    "seed $seed after $known: {$trace->next->why}",
                );
            }
        });
    }
})->with([
    'three outlets, a device' => [3, 1, 1, 8],
    'four, two circuits, two devices' => [4, 2, 2, 8],
    'four, three circuits' => [4, 3, 0, 6],
    'five, no device' => [5, 1, 0, 8],
    'five, two circuits, a device' => [5, 2, 1, 4],
    'six, no device' => [6, 1, 0, 3],
    'six, a device' => [6, 1, 1, 1],
]);
