<?php

declare(strict_types=1);

/**
 * Made-up houses of any size for the benches: rooms of every kind in turn, circuits of a dozen outlets, a GFCI at the head of every other.
 */
function benchHouse(int $outlets): array
{
    $kinds = ['kitchen', 'bathroom', 'bedroom', 'garage', 'living', 'laundry', 'outdoors', 'hallway', 'basement', 'den'];
    $areas = [];
    $circuits = [];
    $points = [];
    $cables = [];
    foreach (array_keys(array_fill(0, max(1, intdiv($outlets, 5)), 0)) as $a) {
        $areas[] = [
            'id' => "a$a",
            'code' => "A$a",
            'name' => "Room $a",
            'kind' => $kinds[$a % 10],
            'fixtures' => $a % 3 === 0 ? [['id' => "f$a", 'kind' => 'sink']] : [],
        ];
    }
    for ($i = 0; $i < $outlets; ++$i) {
        $circuit = 'c' . intdiv($i, 12);
        if ($i % 12 === 0) {
            $circuits[] = ['id' => $circuit, 'panel' => 'main', 'slot' => (string) ($i / 12 + 1), 'label' => "Run $circuit", 'amps' => 20];
        }
        $area = intdiv($i, 5) % count($areas);
        $points[] = [
            'id' => "p$i", 'code' => "A$area-$i", 'area' => "a$area", 'name' => "Outlet $i", 'kind' => 'receptacle',
            'device' => $i % 24 === 0 ? 'gfci' : 'standard', 'amps' => 20, 'volts' => 125,
            'serves' => $i % 7 === 0 ? 'countertop' : 'general', 'exposure' => 'dry', 'height_ft' => 1.5,
            'box' => ['material' => 'plastic', 'volume_in3' => 20.3],
            'distances' => $area % 3 === 0 ? [['fixture' => "f$area", 'ft' => 1 + $i % 9, 'crosses' => 'none']] : [],
        ];
        $cables[] = [
            'id' => "w$i",
            'from' => $i % 12 === 0 ? ['circuit' => $circuit] : ['point' => 'p' . ($i - 1), 'land' => 'load'],
            'to' => ['point' => "p$i", 'land' => 'line'],
            'awg' => 12,
            'length_ft' => 9.5,
        ];
    }

    return [
        'format' => 'bouclier.house', 'version' => 1, 'name' => "Bench $outlets", 'work' => 'new', 'code' => [
            'edition' => 'nec-2023',
            'amendments' => [],
        ],
        'areas' => $areas, 'panels' => [
            ['id' => 'main', 'name' => 'Main'],
        ], 'circuits' => $circuits, 'points' => $points, 'cables' => $cables, 'appliances' => [],
    ];
}
