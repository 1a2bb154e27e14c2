<?php

declare(strict_types=1);

namespace Tests\Core\Plan;

/** Small houses of every sort a plan has to deal with, by a number. */
final class SmallHouse
{
    /** @return array<string, mixed> */
    public static function of(int $seed): array
    {
        mt_srand($seed);
        $one = fn(array $of): mixed => $of[mt_rand(0, count($of) - 1)];
        $in = fn(int $of): bool => mt_rand(1, $of) === 1;
        $isShared = $in(6);
        $circuits = [];
        $circuitCount = $isShared ? 2 : mt_rand(1, 2);
        foreach (range(1, $circuitCount) as $number) {
            $breaker = $one(['standard', 'standard', 'standard', 'gfci', 'afci', 'dual', 'fuse']);
            $circuits[] = array_filter([
                'id' => "c$number", 'panel' => 'main', 'slot' => "$number", 'label' => "Circuit $number", 'amps' => $one([15, 20]),
                'breaker' => $isShared ? 'standard' : $breaker, 'leg' => $number === 1 ? 'a' : 'b',
                'multiwire_with' => $isShared ? 'c' . (3 - $number) : null,
                'breaker_listing' => $in(3) && ! $isShared ? $one(['branch_feeder', 'supplemental_arc', 'system', 'combination']) : null,
            ], fn(mixed $value): bool => $value !== null);
        }
        if ($isShared && $in(3)) {
            $type = $one(['gfci', 'afci', 'dual']);
            foreach ($circuits as &$circuit) {
                $circuit['breaker'] = $type;
                $circuit['common_trip'] = true;
            }
            unset($circuit);
        }
        $points = $cables = $appliances = [];
        $receptacles = 0;
        $count = mt_rand(1, 5);
        $protective = 0;
        for ($number = 0; $number < $count; ++$number) {
            $kind = $receptacles >= ($circuitCount === 2 ? 3 : 4)
                ? $one(['light', 'hardwired', 'switch', 'junction'])
                : $one(['receptacle', 'receptacle', 'receptacle', 'receptacle', 'light', 'hardwired', 'switch', 'junction']);
            $receptacles += $kind === 'receptacle' ? 1 : 0;
            $device = $kind === 'receptacle' ? $one(['standard', 'standard', 'standard', 'gfci', 'afci', 'dual']) : 'none';
            $big = $kind === 'receptacle' && $device === 'standard' && $in(10);
            $points[] = array_filter([
                'id' => "k$number", 'code' => "K-$number", 'area' => $one(['a', 'a', 'b']), 'name' => "Outlet $number", 'kind' => $kind,
                'device' => $device, 'amps' => $big ? 30 : 15, 'accessible' => $in(7) ? false : null,
                'alone' => $kind === 'receptacle' && $in(8) ? true : null,
                'work' => $in(3) ? $one(['new', 'extend', 'replace', 'existing']) : null,
                'serves' => $in(12) ? 'fire_alarm' : null, 'box' => $in(3) ? ['material' => 'metal'] : null,
            ], fn(mixed $value): bool => $value !== null);
            $hangs = $number > 0 && ! $in(3) ? mt_rand(0, $number - 1) : null;
            $first = ! $isShared || $number === 0;
            $from = $hangs === null && $first
                ? ($isShared ? ['circuits' => ['c1', 'c2']] : ['circuit' => $one(array_column($circuits, 'id'))])
                : ['point' => 'k' . ($hangs ?? 0), 'land' => $one(['line', 'load', 'load', 'splice'])];
            $land = $in(8) ? 'load' : 'line';
            $cables[] = array_filter([
                'id' => "w$number", 'from' => $from, 'to' => ['point' => "k$number", 'land' => $land],
                'length_ft' => $in(5) ? null : $one([8, 20, 45, 60, 400]), 'awg' => $in(2) ? $one([14, 12]) : null,
                'method' => $in(4) ? $one(['mc', 'emt', 'concrete', 'nm']) : null, 'ground' => $in(5) ? false : null,
            ], fn(mixed $value): bool => $value !== null);
            if ($isShared) {
                $points[$number]['circuit'] = $one(['c1', 'c2']);
            }
            if ($kind === 'receptacle' && $in(2)) {
                $appliances[] = [
                    'id' => "x$number", 'name' => "Appliance $number", 'at' => "k$number",
                    'leakage' => ['resistive_ma' => $one([0.1, 0.4, 1.1]), 'capacitive_ma' => $one([0.0, 0.3, 1.4])],
                ];
            }
        }
        $demand = [];
        foreach ($points as $point) {
            $asks = array_values(array_filter(['gfci', 'afci'], fn(): bool => $in(2)));
            if ($asks !== [] && ! in_array($point['kind'], ['switch', 'junction'], true)) {
                $demand[$point['id']] = $asks;
            }
        }

        return [
            'format' => 'bouclier.house', 'version' => 1, 'name' => "Small house $seed",
            'work' => $one(['new', 'extend', 'replace', 'existing']),
            'code' => ['edition' => $one(['nec-2017', 'nec-2020', 'nec-2023'])],
            'areas' => [
                ['id' => 'a', 'code' => 'A1', 'name' => 'Kitchen', 'kind' => 'kitchen'],
                ['id' => 'b', 'code' => 'B1', 'name' => 'Living', 'kind' => 'living'],
            ],
            'panels' => [['id' => 'main', 'name' => 'Main'] + ($in(2) ? ['area' => 'a'] : [])],
            'circuits' => $circuits, 'points' => $points, 'cables' => $cables, 'appliances' => $appliances,
            ...($in(4) ? [] : ['demand' => (object) $demand]),
            ...($in(2) ? [] : ['budget_ma' => $one([0.5, 1.2, 2.5, 4.0])]),
            ...($in(2) ? [] : ['prices' => ['gfci_receptacle' => $one([9.5, 24, 61.75]), 'dual_receptacle' => $one([20, 45, 99.99]),
                'gfci_breaker' => $one([20.2, 62, 140]), 'dual_breaker' => $one([30, 68]), 'standard_receptacle' => $one([0, 4])]]),
            ...($in(2) ? [] : ['minutes' => ['swap' => $one([5, 20, 33]), 'rewire' => $one([2, 10, 25]), 'breaker' => $one([7, 15])]]),
            ...($in(3) ? ['rate_per_hour' => $one([0, 61.3, 95, 140])] : []),
        ];
    }
}
