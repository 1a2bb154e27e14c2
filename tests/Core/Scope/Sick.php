<?php

declare(strict_types=1);

namespace Tests\Core\Scope;

use Tests\Core\Build;

/** Houses that have one thing wrong, by the id of the finding: those that houses made at random hardly ever show cured. */
final class Sick
{
    /** @return array<string, array<string, mixed>> parts of the house file */
    public static function houses(): array
    {
        $room = fn(string $kind): array => ['areas' => [Build::area('a', $kind), Build::area('b', 'living')]];
        $outlet = fn(string $id, array $more = []): array => $more + [
            'id' => $id, 'code' => strtoupper($id), 'area' => 'a', 'name' => "Outlet $id", 'kind' => 'receptacle', 'device' => 'standard',
            'tr' => true,
        ];
        $run = fn(string ...$ids): array => array_map(fn(int $at): array => [
            'id' => "w$at",
            'from' => $at === 0 ? ['circuit' => 'c1'] : ['point' => $ids[$at - 1], 'land' => 'load'],
            'to' => ['point' => $ids[$at], 'land' => 'line'], 'length_ft' => 20,
        ], array_keys($ids));
        $circuit = fn(array $more = []): array => ['circuits' => [Build::circuit('c1', $more), Build::circuit('c2')]];
        $leaks = fn(string ...$at): array => ['appliances' => array_map(fn(string $id): array => [
            'id' => "x$id", 'name' => "Thing at $id", 'at' => $id, 'leakage' => ['resistive_ma' => 1.6, 'capacitive_ma' => 0.2],
        ], $at)];
        $old = ['work' => 'existing'];

        return [
            'bathroom_circuit_15a' => $room('bathroom') + $circuit(['amps' => 15]) + [
                'points' => [$outlet('k1', ['serves' => 'countertop', 'device' => 'gfci'])], 'cables' => $run('k1'),
            ],
            'bathroom_circuit_shared' => $room('bathroom') + $old + [
                'points' => [$outlet('k1', ['serves' => 'countertop', 'device' => 'gfci']), $outlet('k2', ['area' => 'b'])],
                'cables' => $run('k1', 'k2'),
            ],
            'countertop_circuit_15a' => $room('kitchen') + $old + $circuit(['amps' => 15]) + [
                'points' => [$outlet('k1', ['serves' => 'countertop', 'device' => 'gfci'])], 'cables' => $run('k1'),
            ],
            'countertop_circuit_shared' => $room('kitchen') + $old + [
                'points' => [$outlet('k1', ['serves' => 'countertop', 'device' => 'gfci']), $outlet('k2', ['area' => 'b'])],
                'cables' => $run('k1', 'k2'),
            ],
            'small_appliance_shared' => $room('kitchen') + $old + [
                'points' => [$outlet('k1', ['serves' => 'countertop', 'device' => 'gfci']), $outlet('k2', ['serves' => 'dishwasher'])],
                'cables' => $run('k1', 'k2'),
            ],
            'laundry_circuit_15a' => $room('laundry') + $old + $circuit(['amps' => 15]) + [
                'points' => [$outlet('k1', ['device' => 'gfci'])], 'cables' => $run('k1'),
            ],
            'laundry_circuit_shared' => $room('laundry') + $old + [
                'points' => [$outlet('k1', ['device' => 'gfci']), $outlet('k2', ['area' => 'b'])], 'cables' => $run('k1', 'k2'),
            ],
            'garage_circuit_15a' => $room('garage') + $old + $circuit(['amps' => 15]) + [
                'points' => [$outlet('k1', ['device' => 'gfci'])], 'cables' => $run('k1'),
            ],
            'garage_circuit_shared' => $room('garage') + $old + [
                'points' => [$outlet('k1', ['device' => 'gfci']), $outlet('k2', ['area' => 'b'])], 'cables' => $run('k1', 'k2'),
            ],
            'hydromassage_shared' => $room('bathroom') + $old + $circuit(['breaker' => 'gfci']) + [
                'points' => [$outlet('k1', ['serves' => 'hydromassage']), $outlet('k2', ['area' => 'b'])], 'cables' => $run('k1', 'k2'),
            ],
            'ten_amp_circuit' => $room('living') + $old + $circuit(['amps' => 10]) + ['points' => [$outlet('k1')], 'cables' => $run('k1')],
            'leakage_over_budget' => $room('garage') + $old + $leaks('k1', 'k2') + [
                'points' => [$outlet('k1', ['device' => 'gfci']), $outlet('k2')], 'cables' => $run('k1', 'k2'),
            ],
            'not_accessible' => $room('garage') + $old + [
                'points' => [$outlet('k1', ['device' => 'gfci', 'accessible' => false]), $outlet('k2')], 'cables' => $run('k1', 'k2'),
            ],
            'lights_beyond_load' => $room('garage') + $old + [
                'points' => [
                    $outlet('k1', ['device' => 'gfci']),
                    ['id' => 'k2', 'code' => 'K2', 'area' => 'a', 'name' => 'Light', 'kind' => 'light', 'device' => 'none'],
                ],
                'cables' => $run('k1', 'k2'),
            ],
            'critical_keep_off' => ['code' => ['edition' => 'nec-2017']] + $room('living') + $old + [
                'points' => [$outlet('k1', ['device' => 'gfci']), $outlet('k2', ['serves' => 'freezer'])], 'cables' => $run('k1', 'k2'),
            ],
            'critical_shared' => $room('garage') + $old + [
                'points' => [$outlet('k1', ['device' => 'gfci']), $outlet('k2', ['serves' => 'freezer'])], 'cables' => $run('k1', 'k2'),
            ],
            'critical_own_device' => $room('garage') + $old + [
                'points' => [$outlet('k1', ['device' => 'gfci']), $outlet('k2', ['serves' => 'freezer'])], 'cables' => $run('k1', 'k2'),
            ],
            'alone_shared' => $room('garage') + $old + [
                'points' => [$outlet('k1', ['device' => 'gfci']), $outlet('k2', ['alone' => true])], 'cables' => $run('k1', 'k2'),
            ],
            'alarm_on_protection' => $room('living') + $old + [
                'points' => [
                    $outlet('k1', ['device' => 'gfci']),
                    ['id' => 'k2', 'code' => 'K2', 'area' => 'a', 'name' => 'Alarm', 'kind' => 'hardwired', 'device' => 'none',
                        'serves' => 'fire_alarm'],
                ],
                'cables' => $run('k1', 'k2'),
            ],
            'redundant_gfci' => $room('garage') + $old + [
                'points' => [$outlet('k1', ['device' => 'gfci']), $outlet('k2', ['device' => 'gfci'])], 'cables' => $run('k1', 'k2'),
            ],
            'room_partly_protected' => $room('garage') + $old + [
                'points' => [$outlet('k0'), $outlet('k1', ['device' => 'gfci'])], 'cables' => $run('k0', 'k1'),
            ],
            'afci_first_outlet_unmet' => $room('living') + [
                'points' => [$outlet('k1', ['device' => 'afci']), $outlet('k2')], 'cables' => $run('k1', 'k2'),
            ],
            'afci_box_crowded' => $room('living') + $old + [
                'points' => [$outlet('k1', ['device' => 'afci']), $outlet('k2'), $outlet('k3')],
                'cables' => [...$run('k1', 'k2'), ['id' => 'w9', 'from' => ['point' => 'k1', 'land' => 'load'], 'to' => ['point' => 'k3']]],
            ],
            'first_outlet_unmarked' => $room('living') + $circuit(['breaker' => 'afci', 'breaker_listing' => 'branch_feeder']) + [
                'points' => [$outlet('k1', ['device' => 'afci'])], 'cables' => $run('k1'),
            ],
            'tub_zone' => [
                'areas' => [Build::area('a', 'bathroom', ['fixtures' => [['id' => 'tub', 'kind' => 'bathtub']]]), Build::area('b')],
                'points' => [$outlet('k1', [
                    'device' => 'gfci', 'height_ft' => 3, 'distances' => [['fixture' => 'tub', 'ft' => 2, 'crosses' => 'none']],
                ])],
                'cables' => $run('k1'),
            ] + $old,
            'no_ground_unlabelled' => $room('garage') + ['work' => 'replace'] + [
                'points' => [$outlet('k1', ['device' => 'gfci', 'ground' => 'none'])], 'cables' => $run('k1'),
            ],
            'overloaded' => $room('garage') + $old + [
                'points' => [$outlet('k1', ['device' => 'gfci']), $outlet('k2')], 'cables' => $run('k1', 'k2'),
                'appliances' => [
                    ['id' => 'x1', 'name' => 'Heater', 'at' => 'k1', 'watts' => 1500, 'on' => true],
                    ['id' => 'x2', 'name' => 'Press', 'at' => 'k2', 'watts' => 1400, 'on' => true],
                ],
            ],
        ];
    }

    /** @return array<string, array{string, string, bool, array<string, mixed>}> finding, words of its cure, whether it is to be proved */
    public static function ways(): array
    {
        $outlet = fn(string $id, array $more = []): array => $more + [
            'id' => $id, 'code' => strtoupper($id), 'area' => 'a', 'name' => "Outlet $id", 'kind' => 'receptacle', 'device' => 'standard',
            'tr' => true,
        ];
        $to = fn(string $id, array $from, array $more = []): array => $more + [
            'id' => "to-$id", 'from' => $from, 'to' => ['point' => $id, 'land' => 'line'], 'length_ft' => 20,
        ];
        $garage = ['areas' => [Build::area('a', 'garage')], 'work' => 'existing'];
        $fused = ['circuits' => [Build::circuit('c1', ['breaker' => 'fuse'])]];
        $halves = ['circuits' => [
            Build::circuit('c1', ['breaker' => 'gfci', 'multiwire_with' => 'c2', 'handle_tie' => true]),
            Build::circuit('c2', ['leg' => 'b', 'breaker' => 'gfci', 'multiwire_with' => 'c1', 'handle_tie' => true]),
        ]];

        return [
            'a device out of reach, and a plain one can stand before it' => ['not_accessible', 'K0', false, $garage + $fused + [
                'points' => [$outlet('k0'), $outlet('k1', ['device' => 'gfci', 'accessible' => false])],
                'cables' => [$to('k0', ['circuit' => 'c1']), $to('k1', ['point' => 'k0', 'land' => 'line'])],
            ]],
            'a device out of reach, and nothing before it' => ['not_accessible', 'in a new box ahead of K1', false, $garage + $fused + [
                'points' => [$outlet('k1', ['device' => 'gfci', 'accessible' => false])],
                'cables' => [$to('k1', ['circuit' => 'c1'])],
            ]],
            'a device out of reach that nobody traced' => ['not_accessible', 'Trace what feeds K1', true, $garage + [
                'points' => [$outlet('k1', ['device' => 'gfci', 'accessible' => false])],
            ]],
            'a device out of reach that nothing asks for' => [
                'not_accessible', 'Receptacle at K1', false, ['areas' => [Build::area('a', 'living')], 'work' => 'existing'] + $fused + [
                    'points' => [$outlet('k1', ['device' => 'gfci', 'accessible' => false])],
                    'cables' => [$to('k1', ['circuit' => 'c1'])],
                ],
            ],
            'one-pole breakers on one neutral' => ['shared_neutral_protection', 'GFCI breaker at c1 and c2', false, $garage + $halves + [
                'points' => [
                    $outlet('k1', ['kind' => 'hardwired', 'device' => 'none']), $outlet('k2', ['kind' => 'hardwired', 'device' => 'none']),
                ],
                'cables' => [$to('k1', ['circuits' => ['c1', 'c2']], ['conductors' => 3]), $to('k2', ['point' => 'k1'])],
            ]],
            'one thing that leaks more than any device holds' => ['leakage_over_budget', 'clamp it', true, $garage + [
                'points' => [$outlet('k1', ['device' => 'gfci'])],
                'cables' => [$to('k1', ['circuit' => 'c1'])],
                'appliances' => [['id' => 'x', 'name' => 'Old battery charger', 'at' => 'k1', 'leakage' => ['resistive_ma' => 9]]],
            ]],
            'two on one device, and another device beside it' => ['leakage_over_budget', 'at K2 and not at K1', false, $garage + [
                'points' => [$outlet('k1', ['device' => 'gfci']), $outlet('k2', ['device' => 'gfci'])],
                'cables' => [$to('k1', ['circuit' => 'c1']), $to('k2', ['circuit' => 'c2'])],
                'circuits' => [Build::circuit('c1'), Build::circuit('c2')],
                'appliances' => [
                    ['id' => 'x', 'name' => 'Charger', 'at' => 'k1', 'leakage' => ['resistive_ma' => 1.6]],
                    ['id' => 'y', 'name' => 'Pump', 'at' => 'k1', 'leakage' => ['resistive_ma' => 1.6]],
                ],
            ]],
            'a light on LOAD' => ['lights_beyond_load', 'to L1 to LINE at K1', false, $garage + [
                'points' => [$outlet('k1', ['device' => 'gfci']), $outlet('l1', ['kind' => 'light', 'device' => 'none'])],
                'cables' => [$to('k1', ['circuit' => 'c1']), $to('l1', ['point' => 'k1', 'land' => 'load'])],
            ]],
        ];
    }
}
