<?php

declare(strict_types=1);

use Bouclier\Core\Feed\Trace\Trace;
use Tests\Core\Feed\Trace\ClosedLoop;
use Tests\Core\Feed\Trace\HiddenTree;

it('ends with the true tree, landings and protection, and is never wrong on the way', function (int $circuits, int $devices): void {
    for ($seed = 0; $seed < 14; ++$seed) {
        $hidden = HiddenTree::random(1000 * $circuits + 100 * $devices + $seed, 3 + $seed, $circuits, $devices);
        $truth = $hidden->parents;
        ksort($truth);
        $trace = ClosedLoop::run($hidden, function (Trace $trace) use ($truth): void {
            expect(array_diff_assoc(ClosedLoop::parents($trace), $truth))->toBe([])->and($trace->conflicts)->toBe([]);
        });
        expect($trace->resolved)->toBeTrue("seed $seed")->and(ClosedLoop::parents($trace))->toBe($truth);
        foreach ($trace->edges as $edge) {
            expect($edge->onLoad)->toBe(isset($hidden->devices[$edge->from]) ? $hidden->onLoad[$edge->to] : null);
        }
        foreach ($trace->places as $place) {
            expect($place->protectedBy)->toBe($hidden->guards($place->point))
                ->and($place->circuit)->toBe($hidden->circuitOf($place->point));
        }
    }
})->with([[1, 0], [1, 1], [1, 2], [2, 0], [2, 1], [2, 2], [3, 0], [3, 1], [3, 3]]);

it('opens hardly more boxes on a chain than any policy must', function (): void {
    $over = [];
    for ($seed = 0; $seed < 84; ++$seed) {
        $outlets = 3 + $seed % 14;
        $hidden = HiddenTree::random($seed, $outlets, 1, 0, chain: true);
        ClosedLoop::run($hidden);
        $over[] = ($hidden->boxesOpened - (2 * ($outlets + 1) / 3 - 1)) / $outlets;
    }
    // The mean over all lengths, as a share of the outlets; chance alone moves it by one to two hundredths here.
    expect(array_sum($over) / count($over))->toBeLessThan(0.03);
});

it('opens fewer with a GFCI that has something on LOAD', function (): void {
    $bound = $opened = 0;
    for ($seed = 0; $seed < 60; ++$seed) {
        $outlets = 8 + $seed % 8;
        $hidden = HiddenTree::random($seed, $outlets, 1, 1, chain: true);
        if (in_array(true, $hidden->onLoad, true)) {
            ClosedLoop::run($hidden);
            $opened += $hidden->boxesOpened;
            $bound += 2 * ($outlets + 1) / 3 - 1;
        }
    }
    expect($opened)->toBeLessThan($bound);
});
