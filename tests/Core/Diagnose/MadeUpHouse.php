<?php

declare(strict_types=1);

namespace Tests\Core\Diagnose;

use Bouclier\Core\House\ApplianceClass;
use Tests\Core\Build;

/**
 * A made-up house of 3 to 16 outlets, as parts of a house file: a circuit under test with its appliances, one beside it, and around them a
 * neutral shared by the two, a sub-panel, or a circuit of 240 V. What its appliances truly leak is known to the model alone.
 */
final class MadeUpHouse
{
    private const STYLES = ['plain', 'plain', 'plain', 'plain', 'shared neutral', 'shared neutral', 'sub-panel', 'sub-panel', '240 V'];

    /** What is likely to be plugged into one circuit and leaks most. */
    private const LEAKY = [
        ApplianceClass::HeatingElement, ApplianceClass::Motor, ApplianceClass::Electronic, ApplianceClass::WaterHandling,
        ApplianceClass::Charger, ApplianceClass::Refrigeration,
    ];

    /** @var list<array<string, mixed>> */
    private array $points = [];

    /** @var list<array<string, mixed>> */
    private array $cables = [];

    private readonly string $style;

    private readonly int $amps;

    private function __construct(private readonly string $kind)
    {
        $this->style = self::STYLES[mt_rand(0, count(self::STYLES) - 1)];
        $this->amps = [15, 20][mt_rand(0, 1)];
    }

    /**
     * What is recorded, and the same with what its appliances truly leak. Of `mt_rand()`, which is seeded by who asks.
     *
     * @return array{array<string, mixed>, array<string, mixed>}
     */
    public static function of(string $kind): array
    {
        $made = new self($kind);
        $circuits = $made->circuits();
        $made->run(mt_rand(3, 16), $circuits[0]);
        $made->beside();
        [$recorded, $true] = $made->appliances();
        $house = [
            'panels' => $made->style === 'sub-panel'
                ? [['id' => 'main', 'name' => 'Main'], [
                    'id' => 'sub', 'name' => 'Sub', 'fed_from' => 'feed', 'feeder' => ['awg' => 8, 'length_ft' => mt_rand(15, 80)],
                ]]
                : [['id' => 'main', 'name' => 'Main']],
            'circuits' => $circuits, 'points' => $made->points, 'cables' => $made->cables, 'appliances' => $recorded,
            'supply_volts' => mt_rand(1150, 1250) / 10,
        ];

        return [$house, ['appliances' => $true] + $house];
    }

    /** @return non-empty-list<array<string, mixed>> */
    private function circuits(): array
    {
        $breaker = str_contains($this->kind, 'arc')
            ? ['afci', 'dual'][mt_rand(0, 1)]
            : ['standard', 'standard', 'standard', 'gfci', 'dual'][mt_rand(0, 4)];
        $one = Build::circuit('c1', ['breaker' => $breaker, 'amps' => $this->amps]);
        $other = Build::circuit('c2', ['leg' => 'b']);

        return match ($this->style) {
            'shared neutral' => [
                ['multiwire_with' => 'c2', 'common_trip' => true] + $one,
                ['multiwire_with' => 'c1', 'common_trip' => true, 'breaker' => $breaker, 'amps' => $this->amps] + $other,
            ],
            'sub-panel' => [['panel' => 'sub'] + $one, ['panel' => 'sub'] + $other, Build::circuit(
                'feed',
                ['amps' => 50, 'volts' => 240, 'poles' => 2],
            )],
            '240 V' => [$one, $other, Build::circuit('c3', ['volts' => 240, 'poles' => 2, 'amps' => 30])],
            default => [$one, $other],
        };
    }

    /** @param array<string, mixed> $circuit */
    private function run(int $outlets, array $circuit): void
    {
        $isPlain = $circuit['breaker'] === 'standard';
        $device = $isPlain || mt_rand(0, 2) === 0 ? ['gfci', 'gfci', 'dual'][mt_rand(0, 2)] : 'standard';
        $first = mt_rand(0, 1);
        $isShared = $this->style === 'shared neutral';
        for ($k = 0; $k < $outlets; ++$k) {
            $above = mt_rand(0, 3) === 0 ? mt_rand(0, max(0, $k - 1)) : $k - 1;
            $this->points[] = Build::point("k$k", [
                'device' => $k === $first ? $device : ($k === $outlets - 1 && mt_rand(0, 6) === 0 ? 'gfci' : 'standard'),
                'exposure' => ['dry', 'dry', 'dry', 'damp', 'wet'][mt_rand(0, 4)],
                'workmanship' => ['unknown', 'original', 'disturbed'][mt_rand(0, 2)],
                'amps' => 15,
            ] + ($isShared && $k === 0 ? ['circuit' => 'c1'] : []));
            $this->cables[] = [
                'id' => "w$k",
                'from' => match (true) {
                    $k > 0 => ['point' => "k$above", 'land' => 'load'],
                    $isShared => ['circuits' => ['c1', 'c2']],
                    default => ['circuit' => 'c1'],
                },
                'to' => ['point' => "k$k", 'land' => 'line'],
                'awg' => $this->amps === 15 ? 14 : 12,
                'length_ft' => $this->kind === 'long_cable' ? mt_rand(350, 700) : mt_rand(6, 45),
            ] + ($isShared && $k === 0 ? ['conductors' => 3] : []);
        }
    }

    /** The circuit beside it: on a shared neutral it goes on from the first box. */
    private function beside(): void
    {
        $isShared = $this->style === 'shared neutral';
        foreach (range(0, mt_rand(1, 3)) as $k) {
            $this->points[] = Build::point(
                "m$k",
                ['device' => $k === ($isShared ? 1 : 0) ? 'gfci' : 'standard'] + ($isShared && $k === 0 ? ['circuit' => 'c2'] : []),
            );
            $this->cables[] = [
                'id' => "v$k",
                'from' => match (true) {
                    $k > 0 => ['point' => 'm' . ($k - 1), 'land' => 'load'],
                    $isShared => ['point' => 'k0', 'land' => 'splice'],
                    default => ['circuit' => 'c2'],
                },
                'to' => ['point' => "m$k", 'land' => 'line'],
                'awg' => 12,
                'length_ft' => mt_rand(10, 50),
            ] + ($isShared && $k === 0 ? ['conductors' => 3] : []);
        }
        if ($this->style === '240 V') {
            $this->points[] = Build::point('h0', ['volts' => 250, 'amps' => 30]);
            $this->cables[] = [
                'id' => 'u0', 'from' => ['circuit' => 'c3'], 'to' => ['point' => 'h0', 'land' => 'line'], 'awg' => 10, 'length_ft' => 30,
            ];
        }
    }

    /** @return array{list<array<string, mixed>>, list<array<string, mixed>>} as they are recorded, and as they are */
    private function appliances(): array
    {
        $recorded = $true = [];
        $outlets = count(array_filter($this->points, fn(array $point): bool => $point['id'][0] === 'k'));
        foreach (range(1, $this->kind === 'honest_sum' ? mt_rand(8, 12) : mt_rand(2, 6)) as $k) {
            $thing = [
                'id' => "a$k",
                'name' => "Thing $k",
                'at' => 'k' . mt_rand(0, $outlets - 1),
                'watts' => $this->kind === 'overload' ? mt_rand(700, 1500) : mt_rand(20, $this->kind === 'honest_sum' ? 200 : 700),
                'on' => mt_rand(0, 2) > 0,
                'extension' => mt_rand(0, 2) === 0,
            ];
            $class = self::LEAKY[mt_rand(0, count(self::LEAKY) - 1)];
            $leaks = $this->leaks($class);
            $true[] = $thing + ['leakage' => $leaks];
            // Clamped once, or of a class, or as somebody wrote it.
            $recorded[] = $thing + match (mt_rand(0, 3)) {
                0 => ['leakage' => $leaks, 'measured' => true],
                1 => ['leakage' => $leaks],
                default => ['class' => $class->value],
            };
        }

        return [$recorded, $true];
    }

    /** @return array{resistive_ma: float, capacitive_ma: float} within what its class leaks in order; much of it, where they add up */
    private function leaks(ApplianceClass $class): array
    {
        [[$least, $most], [$leastAcross, $mostAcross]] = $class->ranges();
        $share = $this->kind === 'honest_sum' ? mt_rand(60, 100) / 100 : mt_rand(0, 100) / 100;

        return [
            'resistive_ma' => round($least + $share * ($most - $least), 3),
            'capacitive_ma' => round($leastAcross + $share * ($mostAcross - $leastAcross), 3),
        ];
    }
}
