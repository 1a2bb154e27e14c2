<?php

declare(strict_types=1);

namespace Tests\Core\Actions;

use Bouclier\Core\Actions\Kinds;

/** Houses with everything the electrical model knows, and faults in them, as parts of a house file; the same for the same seed. */
final class RandomWiring
{
    private const AWG = [15 => 14, 20 => 12, 30 => 10];

    private array $house = [
        'panels' => [['id' => 'main', 'name' => 'Main']],
        'circuits' => [],
        'points' => [],
        'cables' => [],
        'appliances' => [],
    ];

    private function __construct(private readonly int $outlets)
    {
    }

    public static function house(int $seed, int $outlets = 10): array
    {
        mt_srand($seed);
        $made = new self($outlets);
        $made->panels();
        $made->points();
        $made->appliances();
        $made->house['faults'] = array_map(fn(): array => $made->fault(), array_fill(0, mt_rand(0, 3), 0));
        $made->house['supply_volts'] = mt_rand(1140, 1260) / 10;

        return $made->house;
    }

    /**
     * One action of every kind, somewhere in the house, in no order.
     *
     * @param array<string, mixed> $house
     *
     * @return list<array<string, mixed>>
     */
    public static function script(array $house, int $seed): array
    {
        mt_srand($seed);
        $any = fn(string $part, int $but = 0): string => $house[$part][mt_rand(0, count($house[$part]) - 1 - $but)]['id'];
        // The last point hangs on nothing.
        $point = fn(): string => $any('points', 1);
        $actions = array_map(fn(string $kind): array => [
            'do' => $kind::name(),
            'on' => mt_rand(0, 1) === 1,
            'minutes' => 25,
            'days' => 3,
            'between' => ['hn', 'hg', 'ng'][mt_rand(0, 2)],
        ] + match ($kind::name()) {
            'breaker', 'unplug_all' => ['circuit' => 'c' . mt_rand(1, 2)],
            'plug', 'unplug', 'switch_on', 'switch_off', 'without_cord', 'with_cord' => ['appliance' => $any('appliances')],
            'move' => ['appliance' => $any('appliances'), 'to' => $point()],
            'clamp', 'insulation' => ['cable' => $any('cables')],
            'lift' => ['point' => $point(), 'pair' => $any('cables')],
            'non_contact' => ['at' => ['cable' => $any('cables'), 'end' => 'from'], 'conductor' => 'hot'],
            'reset', 'press_test', 'trial' => ['at' => mt_rand(0, 1) === 1 ? ['circuit' => 'c1'] : ['point' => $point()]],
            default => ['at' => ['point' => $point()]],
        }, Kinds::ALL);
        shuffle($actions);

        return $actions;
    }

    private function panels(): void
    {
        foreach (range(1, mt_rand(2, 4)) as $n) {
            $amps = [15, 20, 30][mt_rand(0, 2)];
            $this->house['circuits'][] = [
                'id' => "c$n",
                'panel' => 'main',
                'slot' => "$n",
                'label' => "C$n",
                'amps' => $amps,
                'leg' => ['a', 'b'][$n % 2],
                'breaker' => ['standard', 'gfci', 'dual', 'afci'][mt_rand(0, 3)],
            ];
        }
        if (mt_rand(0, 2) === 0) {
            $this->house['circuits'][0] = ['volts' => 240, 'poles' => 2] + $this->house['circuits'][0];
        } elseif (mt_rand(0, 1) === 0) {
            $this->house['circuits'][0]['multiwire_with'] = 'c2';
            $this->house['circuits'][1]['multiwire_with'] = 'c1';
            if (mt_rand(0, 1) === 0) {
                // One breaker of two poles on both halves.
                $this->house['circuits'][0]['common_trip'] = true;
                $this->house['circuits'][1] = ['breaker' => $this->house['circuits'][0]['breaker'], 'common_trip' => true]
                    + $this->house['circuits'][1];
            }
        }
        if (mt_rand(0, 2) === 0) {
            $this->house['panels'][] = [
                'id' => 'sub',
                'name' => 'Sub',
                'fed_from' => 'feed',
                'feeder' => ['awg' => [10, 8, 6][mt_rand(0, 2)], 'length_ft' => mt_rand(10, 90)],
            ];
            $this->house['circuits'][] = [
                'id' => 'feed',
                'panel' => 'main',
                'slot' => '20',
                'label' => 'Feeder',
                'amps' => 50,
                'volts' => 240,
                'poles' => 2,
                'leg' => ['a', 'b'][mt_rand(0, 1)],
                'breaker' => ['standard', 'gfci'][mt_rand(0, 1)],
            ];
            $this->house['circuits'][] = [
                'id' => 'cs',
                'panel' => 'sub',
                'slot' => '1',
                'label' => 'Sub',
                'amps' => 20,
                'leg' => ['a', 'b'][mt_rand(0, 1)],
                'breaker' => ['standard', 'gfci'][mt_rand(0, 1)],
            ];
        }
    }

    private function points(): void
    {
        $branch = array_values(array_filter($this->house['circuits'], fn(array $c): bool => $c['id'] !== 'feed'));
        $on = [];
        for ($n = 0; $n < $this->outlets; ++$n) {
            $circuit = $branch[mt_rand(0, count($branch) - 1)];
            $shared = isset($circuit['multiwire_with']) ? 'c1' : $circuit['id'];
            $is240 = ($circuit['volts'] ?? 120) === 240;
            $this->house['points'][] = [
                'id' => "p$n",
                'kind' => 'receptacle',
                'device' => $is240 ? 'standard' : ['standard', 'standard', 'gfci', 'dual', 'afci'][mt_rand(0, 4)],
            ]
                + (isset($circuit['multiwire_with']) ? ['circuit' => $circuit['id']] : []) + ($is240 ? ['volts' => 250] : [])
                + [[], [], ['self_test' => true], ['made_between' => ['2016', null]], ['light' => 'power']][mt_rand(0, 4)];
            $above = $on[$shared] ?? [];
            $land = fn(): mixed => [
                ['line', 'load', 'splice'][mt_rand(0, 2)],
                ['hot' => ['line', 'load'][mt_rand(0, 1)], 'neutral' => ['line', 'load', 'cap'][mt_rand(0, 2)]],
                'cap',
            ][min(2, intdiv(mt_rand(0, 19), 9))];
            $isShared = isset($circuit['multiwire_with']);
            $from = $above === []
                ? ($isShared ? ['circuits' => ['c1', 'c2']] : ['circuit' => $circuit['id']])
                : ['point' => $above[mt_rand(0, count($above) - 1)], 'land' => $land()];
            $this->house['cables'][] = [
                'id' => "w$n",
                'from' => $from,
                'to' => ['point' => "p$n", 'land' => mt_rand(0, 9) === 0 ? $land() : 'line'],
                'awg' => self::AWG[$circuit['amps']] ?? 12,
                'ground' => mt_rand(0, 9) > 1,
            ]
                + (mt_rand(0, 3) === 0 ? ['method' => ['emt', 'rmc', 'ac', 'mc', 'nm', 'pvc'][mt_rand(0, 5)]] : [])
                + (mt_rand(0, 7) === 0 ? [] : ['length_ft' => mt_rand(3, 120)]) + ($isShared ? ['conductors' => 3] : []);
            $on[$shared][] = "p$n";
        }
        $this->house['points'][] = ['id' => 'loose', 'kind' => 'receptacle', 'device' => 'standard'];
    }

    private function appliances(): void
    {
        foreach (range(1, mt_rand(1, 6)) as $n) {
            $this->house['appliances'][] = [
                'id' => "a$n", 'name' => "A$n", 'at' => mt_rand(0, 6) === 0 ? null : 'p' . mt_rand(0, $this->outlets - 1),
                'watts' => mt_rand(0, 5) === 0 ? 0 : mt_rand(5, 1800), 'volts' => 120,
                'on' => mt_rand(0, 2) > 0, 'extension' => mt_rand(0, 1) === 1, 'leakage' => [
                    'resistive_ma' => mt_rand(0, 90) / 100,
                    'capacitive_ma' => mt_rand(0, 90) / 100,
                ],
            ];
        }
    }

    private function fault(): array
    {
        $point = 'p' . mt_rand(0, $this->outlets - 1);
        $cable = 'w' . mt_rand(0, $this->outlets - 1);
        $appliance = 'a' . mt_rand(1, count($this->house['appliances']));
        $ohms = [0.5, 15.0, 900.0, 20e3, 1e6][mt_rand(0, 4)];
        $any = [['point' => $point], ['cable' => $cable], ['appliance' => $appliance], ['cord' => $appliance]];
        $conductor = ['hot', 'neutral', 'ground'][mt_rand(0, 2)];

        return [
            ['kind' => 'leak', 'at' => $any[mt_rand(0, 3)], 'ohms' => $ohms],
            ['kind' => 'neutral_ground', 'at' => $any[mt_rand(0, 1)], 'ohms' => $ohms],
            ['kind' => 'open', 'at' => ['cable' => $cable], 'conductor' => $conductor],
            ['kind' => 'open', 'at' => ['point' => $point], 'conductor' => 'ground'],
            ['kind' => 'short', 'at' => $any[mt_rand(0, 2)], 'ohms' => 2 + $ohms],
            ['kind' => 'high_resistance', 'at' => ['cable' => $cable], 'conductor' => $conductor, 'ohms' => $ohms],
            ['kind' => 'swap', 'at' => ['cable' => $cable]],
            ['kind' => 'swap_hot_ground', 'at' => ['cable' => $cable]],
            ['kind' => 'reversed_line_load', 'at' => ['point' => $point]],
            [
                'kind' => 'land',
                'at' => ['cable' => $cable, 'end' => 'to'],
                'hot' => ['line', 'load'][mt_rand(0, 1)],
                'neutral' => ['line', 'load'][mt_rand(0, 1)],
            ],
            ['kind' => 'bootleg', 'at' => ['point' => $point]],
            ['kind' => 'borrowed_neutral', 'at' => ['point' => $point], 'lender' => ['point' => 'p' . mt_rand(0, $this->outlets - 1)]],
        ][mt_rand(0, 11)];
    }
}
