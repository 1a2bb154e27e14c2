<?php

declare(strict_types=1);

/*
 * Two hundred houses of 5 to 60 outlets as their pages have them, one line of JSON each: rooms of like and of long names, long codes, runs
 * with branches, devices the wrong way round, lights that go dark, shared neutrals, runs whose order nobody knows.
 */

use Bouclier\Core\Exchange\HouseReader;
use Bouclier\Core\Live\Asker;
use Bouclier\Sheets\HouseSheet;
use Bouclier\Sheets\RunsSheet;

require __DIR__ . '/../../../vendor/autoload.php';

const NAMES = [
    'Kitchen', 'Bathroom', 'Bathroom', 'Upper bath', 'Bedroom', 'Bedroom', 'Living room', 'Hall', 'Laundry and sewing room', 'Garage',
    'Workshop behind the garage', 'Den', 'Terrace', 'Crawl space', 'Pantry bar', 'Guest apartment, north side', 'WC',
];
const KINDS = [
    'kitchen',
    'bathroom',
    'bedroom',
    'living',
    'hallway',
    'laundry',
    'garage',
    'accessory_building',
    'den',
    'outdoors',
    'crawl_space',
];

function any(array $of): mixed
{
    return $of[mt_rand(0, count($of) - 1)];
}

function house(int $seed): array
{
    mt_srand($seed);
    $outlets = mt_rand(5, 60);
    $areas = [];
    for ($n = 0; $n < max(2, intdiv($outlets, 4)); ++$n) {
        $code = any(['K', 'B', 'E', 'GAR', 'W']) . ($n + 1);
        $water = mt_rand(0, 1) === 1 ? [['id' => "f$n", 'kind' => any(['sink', 'bathtub', 'shower'])]] : [];
        if ($water !== [] && mt_rand(0, 2) === 0) {
            $water[] = ['id' => "g$n", 'kind' => 'sink'];
        }
        $areas[] = ['id' => "a$n", 'code' => $code, 'name' => any(NAMES), 'kind' => any(KINDS), 'fixtures' => $water];
    }
    $circuits = [];
    for ($n = 0; $n < max(2, intdiv($outlets, 5)); ++$n) {
        $circuits[] = [
            'id' => "c$n", 'panel' => 'main', 'slot' => any([(string) ($n + 1), ($n + 20) . '/' . ($n + 22)]),
            'label' => any(
                ['Kitchen left', 'Lights and outlets upstairs', 'Range', 'W', 'LAUNDRY & BATH GFCI'],
            ), 'amps' => any([15, 20, 50]),
            'breaker' => any(['standard', 'standard', 'gfci', 'afci', 'dual']),
        ];
    }
    for ($n = 0; $n + 1 < count($circuits); $n += 5) {
        $shared = ['handle_tie' => (bool) mt_rand(0, 1)] + (mt_rand(0, 1) === 1 ? ['common_trip' => true, 'breaker' => 'gfci'] : []);
        $circuits[$n] = ['multiwire_with' => 'c' . ($n + 1), 'leg' => 'a'] + $shared + $circuits[$n];
        $circuits[$n + 1] = ['multiwire_with' => "c$n", 'leg' => 'b'] + $shared + $circuits[$n + 1];
    }
    [$points, $cables, $appliances, $on] = [[], [], [], []];
    for ($n = 0; $n < $outlets; ++$n) {
        $area = any($areas);
        $kind = any(['receptacle', 'receptacle', 'receptacle', 'receptacle', 'light', 'hardwired']);
        $ways = array_map(
            fn(array $water): array => [
                'fixture' => $water['id'],
                'ft' => mt_rand(0, 60) / 4,
                'crosses' => any(['none', 'none', 'door', 'barrier']),
            ],
            mt_rand(0, 1) === 1 ? $area['fixtures'] : [],
        );
        $circuit = any($circuits);
        $fed = mt_rand(0, 9);
        $points[] = [
            'id' => "p$n", 'code' => $area['code'] . sprintf('-%02d', $n + 1), 'area' => $area['id'],
            'name' => "Outlet $n", 'kind' => $kind,
            'device' => $kind === 'receptacle' ? any(['standard', 'standard', 'gfci', 'dual']) : 'none',
            'amps' => any([15, 20]), 'distances' => $ways,
        ] + ($fed > 7 ? ['circuit' => $circuit['id']] : []);
        if ($fed <= 7) {
            $parent = $on[$circuit['id']] ?? [];
            $from = $parent === [] || mt_rand(0, 7) === 0
                ? ['circuit' => $circuit['id']]
                : [
                    'point' => any(mt_rand(0, 2) === 0 ? $parent : array_slice($parent, -1)),
                    'land' => any(['line', 'load', 'load', ['hot' => 'load', 'neutral' => 'line']]),
                ];
            $cables[] = [
                'id' => "w$n", 'from' => $from, 'to' => ['point' => "p$n", 'land' => any(['line', 'line', 'line', 'load'])],
                'awg' => any([10, 12, 14]), 'length_ft' => mt_rand(3, 140),
            ];
            $on[$circuit['id']][] = "p$n";
        }
        if (mt_rand(0, 2) === 0) {
            $leakage = ['resistive_ma' => mt_rand(0, 30) / 10, 'capacitive_ma' => 0.1];
            $appliances[] = ['id' => "x$n", 'name' => "Thing $n", 'at' => "p$n", 'watts' => 100, 'leakage' => $leakage];
        }
    }

    return [
        'format' => 'bouclier.house', 'version' => 1, 'name' => "House $seed", 'work' => any(['new', 'existing', 'replace']),
        'code' => ['edition' => any(['nec-2017', 'nec-2023', 'cec-2021'])], 'areas' => $areas,
        'panels' => [['id' => 'main', 'name' => 'Main']], 'circuits' => $circuits, 'points' => $points, 'cables' => $cables,
        'appliances' => $appliances,
    ];
}

$reader = new HouseReader();
foreach (range(1, (int) ($argv[1] ?? 200)) as $seed) {
    $house = $reader->fromJson(json_encode(house($seed), JSON_THROW_ON_ERROR));
    $asker = new Asker('2026-03-02T09:00:00+00:00', 'somebody');
    echo json_encode([
        'rooms' => HouseSheet::of($house, '2026-03-02')['rooms'],
        'runs' => RunsSheet::of($house, $asker),
        'unit' => $house->code->unit()->value,
    ], JSON_THROW_ON_ERROR), "\n";
}
