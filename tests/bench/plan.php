<?php

declare(strict_types=1);

/**
 * php tests/bench/plan.php [houses] [frontier]: `bin/bouclier plan` as a whole process, of houses of 40 circuits and 200 outlets wired at
 * random, as a ratio to `bin/bouclier assess` of the same house; with `frontier` also every plan that no other beats, of the demo house.
 */

use Bouclier\Core\Exchange\HouseReader;
use Bouclier\Core\House\LeakageLibrary;
use Bouclier\Core\Plan\Aim;
use Bouclier\Core\Plan\Planner;
use Bouclier\Core\Plan\Strategy;
use Bouclier\Core\Plan\Terms;

require __DIR__ . '/../../vendor/autoload.php';

/** @return array<string, mixed> */
function wiredAtRandom(int $seed): array
{
    mt_srand($seed);
    $one = fn(array $of): mixed => $of[mt_rand(0, count($of) - 1)];
    $circuits = $points = $cables = $appliances = [];
    for ($c = 0; $c < 40; ++$c) {
        $circuits[] = [
            'id' => "c$c", 'panel' => 'main', 'slot' => (string) $c, 'label' => "Run $c", 'amps' => 20,
            'breaker' => $one(['standard', 'standard', 'gfci', 'afci']),
        ];
        for ($p = 0; $p < 5; ++$p) {
            $id = "k{$c}x$p";
            $points[] = [
                'id' => $id, 'code' => "R$c-$p", 'area' => $one(['a', 'b', 'k']), 'name' => "Outlet $id", 'kind' => 'receptacle',
                'device' => $one(['standard', 'standard', 'gfci']),
            ];
            $cables[] = [
                'id' => "w$id",
                'from' => $p === 0 ? ['circuit' => "c$c"] : ['point' => "k{$c}x" . mt_rand(0, $p - 1), 'land' => $one(['line', 'load'])],
                'to' => ['point' => $id, 'land' => 'line'], 'length_ft' => 20,
            ];
            if ($one([true, false])) {
                $leakage = ['resistive_ma' => $one([0.1, 0.4, 0.9]), 'capacitive_ma' => 0.2];
                $appliances[] = ['id' => "x$id", 'name' => 'Thing', 'at' => $id, 'leakage' => $leakage];
            }
        }
    }

    return [
        'format' => 'bouclier.house', 'version' => 1, 'name' => "Bench $seed", 'work' => 'replace', 'code' => ['edition' => 'nec-2023'],
        'areas' => [
            ['id' => 'a', 'code' => 'A1', 'name' => 'Garage', 'kind' => 'garage'],
            ['id' => 'b', 'code' => 'B1', 'name' => 'Bedroom', 'kind' => 'bedroom'],
            ['id' => 'k', 'code' => 'K1', 'name' => 'Kitchen', 'kind' => 'kitchen'],
        ],
        'panels' => [['id' => 'main', 'name' => 'Main', 'area' => 'a']],
        'circuits' => $circuits, 'points' => $points, 'cables' => $cables, 'appliances' => $appliances,
    ];
}

function seconds(string $command): float
{
    $began = hrtime(true);
    exec($command, $said, $status);

    return $status === 0 ? (hrtime(true) - $began) / 1e9 : throw new RuntimeException($command);
}

$bouclier = escapeshellarg(dirname(__DIR__, 2) . '/bin/bouclier');
$file = (string) tempnam(sys_get_temp_dir(), 'plan');
for ($seed = 1; $seed <= (int) ($argv[1] ?? 3); ++$seed) {
    file_put_contents($file, json_encode(wiredAtRandom($seed), JSON_THROW_ON_ERROR));
    $assess = seconds("$bouclier assess " . escapeshellarg($file));
    foreach (Strategy::cases() as $strategy) {
        $plan = seconds("$bouclier plan " . escapeshellarg($file) . " --strategy {$strategy->value}");
        printf("house %d, %-6s: %.2f of what assess takes (%.2f s)\n", $seed, $strategy->value, $plan / $assess, $plan);
    }
}
unlink($file);
if (in_array('frontier', $argv, true)) {
    $text = (string) file_get_contents(__DIR__ . '/../../database/demo/plover-street-8.house.json');
    $began = hrtime(true);
    $house = LeakageLibrary::judging((new HouseReader())->fromJson($text));
    $read = hrtime(true);
    $plans = (new Planner($house, Terms::of($house, Strategy::Fewest, Aim::EveryTrade)))->all();
    printf(
        "demo house: %d plans in %.1f times what reading it takes (%.2f s)\n",
        count($plans),
        (hrtime(true) - $read) / ($read - $began),
        (hrtime(true) - $read) / 1e9,
    );
}
