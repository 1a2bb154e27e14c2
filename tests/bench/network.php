<?php

declare(strict_types=1);

/** php tests/bench/network.php: a cold solve, a solve with one branch changed, and a large house, each beside the plain dense solver. */

use Bouclier\Core\Exchange\HouseReader;
use Bouclier\Core\Feed\FeedMap;
use Bouclier\Core\Network\Condition;
use Bouclier\Core\Network\GridBuilder;
use Tests\Core\Network\Dense;

require __DIR__ . '/../../vendor/autoload.php';
require __DIR__ . '/houses.php';

/** @return float milliseconds, the median of several rounds */
function timed(int $times, callable $what): float
{
    $rounds = [];
    for ($round = 0; $round < 9; ++$round) {
        $start = hrtime(true);
        for ($n = 0; $n < $times; ++$n) {
            $what($n);
        }
        $rounds[] = (hrtime(true) - $start) / 1e6 / $times;
    }
    sort($rounds);

    return $rounds[4];
}

printf("%-8s %6s %12s %12s %12s %12s %8s\n", 'outlets', 'nodes', 'build ms', 'cold ms', 'changed ms', 'dense ms', 'x');
foreach ([12, 50, 100, 200] as $outlets) {
    $parts = benchHouse($outlets);
    $parts['appliances'] = array_map(
        fn(int $n): array => [
            'id' => "x$n",
            'name' => "X$n",
            'at' => 'p' . (2 * $n),
            'watts' => 300,
            'on' => true,
            'leakage' => ['resistive_ma' => 0.2, 'capacitive_ma' => 0.1],
        ],
        range(0, min(5, $outlets - 1)),
    );
    $house = (new HouseReader())->fromJson(json_encode($parts, JSON_THROW_ON_ERROR));
    $builder = new GridBuilder($house, new FeedMap($house));
    $condition = Condition::of($house);
    $built = $builder->build($condition);
    $built->grid->count();
    $build = timed(20, fn() => $builder->build($condition));
    $cold = timed(40, fn() => $built->grid->solve());
    $solution = $built->solution();
    [$hot, $neutral, $ground] = $built->faces['p' . ($outlets - 1)];
    $changed = timed(400, fn(int $n) => $solution->with($hot, $ground, 1e-5 + $n * 1e-9));
    $dense = $outlets > 100 ? NAN : timed(1, fn() => Dense::solve($built->grid));
    printf(
        "%-8d %6d %12.3f %12.3f %12.4f %12.1f %8.0f\n",
        $outlets,
        $built->grid->count(),
        $build,
        $cold,
        $changed,
        $dense,
        $dense / $cold,
    );
}
