<?php

declare(strict_types=1);

use Bouclier\Core\Actions\Simulation;
use Bouclier\Core\Actions\Walk;
use Bouclier\Core\Exchange\ScriptReader;
use Bouclier\Core\Feed\FeedMap;
use Bouclier\Core\House\ApplianceClass;
use Bouclier\Core\House\House;
use Bouclier\Core\House\LeakageLibrary;
use Bouclier\Core\Network\BreakerLoad;
use Bouclier\Core\Network\Compared;
use Bouclier\Core\Network\Draws;
use Bouclier\Core\Network\Expected;
use Bouclier\Core\Network\TripTime;
use Tests\Core\Actions\RandomWiring;
use Tests\Core\Build;

function randomHouse(int $seed, array $more = []): House
{
    $parts = $more + RandomWiring::house($seed, 3 + $seed % 9);
    $parts['points'] = array_map(
        fn(array $point): array => $point + ['code' => $point['id'], 'area' => 'a', 'name' => $point['id']],
        $parts['points'],
    );

    return Build::house($parts);
}

it('answers every action in any house, however broken, with finite numbers and names that are there', function (): void {
    foreach (range(1, 120) as $seed) {
        $house = randomHouse($seed);
        $house = $house->with(actions: Build::loose(...RandomWiring::script(RandomWiring::house($seed, 3 + $seed % 9), $seed)));
        $script = ScriptReader::of($house);
        $simulation = new Simulation($house, $script->faults, $seed % 2 === 0 ? Draws::exact() : Draws::seeded($seed));
        foreach ($script->actions as $action) {
            $reading = $simulation->act($action)->toData();
            json_encode($reading, JSON_THROW_ON_ERROR);
            foreach ([...($reading['tripped'] ?? []), ...($reading['dead'] ?? [])] as $id) {
                expect($house->hasPoint($id) || in_array($id, array_column($house->circuits, 'id'), true))->toBeTrue();
            }
        }
    }
});

it('opens nothing in a house where nothing is wrong', function (): void {
    foreach (range(1, 60) as $seed) {
        $parts = RandomWiring::house($seed, 8);
        $sound = array_map(
            fn(array $cable): array => array_map(
                fn(mixed $end): mixed => is_array($end) && isset($end['land']) ? [
                    'land' => $end['land'] === 'load' ? 'load' : 'line',
                ] + $end : $end,
                $cable,
            ),
            $parts['cables'],
        );
        $sound = array_map(fn(array $cable): array => ['to' => ['land' => 'line'] + $cable['to']] + $cable, $sound);
        // A GFCI breaker sees the return of the other leg on a shared neutral: not a sound house.
        $circuits = array_map(
            fn(array $circuit): array => isset($circuit['multiwire_with']) ? ['breaker' => 'standard'] + $circuit : $circuit,
            $parts['circuits'],
        );
        $shares = array_filter($circuits, fn(array $circuit): bool => isset($circuit['multiwire_with'])) !== [];
        $points = array_map(fn(array $point): array => $shares ? ['device' => 'standard'] + $point : $point, $parts['points']);
        $mild = array_map(
            fn(array $appliance): array => ['watts' => 200, 'leakage' => ['resistive_ma' => 0.2, 'capacitive_ma' => 0.1]] + $appliance,
            $parts['appliances'],
        );
        $house = randomHouse(
            $seed,
            ['faults' => [], 'cables' => $sound, 'circuits' => $circuits, 'points' => $points, 'appliances' => $mild] + $parts,
        );
        $simulation = new Simulation($house, [], Draws::exact());
        $walk = $simulation->act(new Walk())->toData();
        expect($walk['dead'])->toBe(['loose'], "house $seed");
    }
});

it('expects what a healthy house shows', function (): void {
    $house = Build::house([
        'supply_volts' => 118.0, 'points' => [Build::point('p'), Build::point('q')],
        'cables' => [
            Build::cable('c1', 'p', more: ['id' => 'w1', 'length_ft' => 100, 'awg' => 12]),
            Build::cable('p', 'q', more: ['id' => 'w2', 'length_ft' => 50, 'awg' => 14]),
        ],
        'appliances' => [['id' => 'x', 'name' => 'X', 'at' => 'q', 'watts' => 1440, 'on' => true]],
        'faults' => [['kind' => 'swap', 'at' => ['cable' => 'w1']]],
    ]);
    $expected = new Expected($house, new FeedMap($house));
    $amps = 118.0 / (10.0 + 0.002 + 2 * 0.193 + 2 * 0.1535);
    expect($expected->voltsAt($house->point('q'))['hn'])->toEqualWithDelta(10.0 * $amps, 1e-3)
        ->and($expected->voltsAt($house->point('q'))['ng'])->toEqualWithDelta($amps * 0.3465, 1e-3)

            ->and($expected->ampsOf($house->circuit('c1')))
            ->toEqualWithDelta($amps, 1e-4)
            ->and($expected->clampOn($house->cables[0])['hot'])
            ->toEqualWithDelta(1000 * $amps, 0.5)

            ->and(array_map(fn(array $at): array => [$at[0]->id, $at[1]], $expected->profile($house->point('q'))))
            ->toBe([['p', 100.0], ['q', 150.0]])
        ->and($expected->lampsAt($house->point('q')))->toEqual(new Bouclier\Core\Network\Lamps(true, true, false));
});

it('says in words what a difference means', function (Compared $compared, ?string $means): void {
    expect($compared->means === null ? null : str_contains($compared->means, (string) $means))->toBe($means === null ? null : true);
})->with([
    'as expected' => [fn(): Compared => Compared::volts('hn', 119.2, 120.6, 121.0), null],
    'low' => [fn(): Compared => Compared::volts('hn', 104.0, 120.6, 121.0), 'poor joint'],
    'high' => [fn(): Compared => Compared::volts('hn', 148.0, 120.6, 121.0), 'lost neutral'],
    'no ground' => [fn(): Compared => Compared::volts('hg', 55.0, 120.6, 121.0), 'ground does not stand'],
    'a live neutral' => [fn(): Compared => Compared::volts('ng', 9.0, 0.4, 121.0), 'Neutral and ground differ'],
    'a quiet clamp' => [fn(): Compared => Compared::clamp(0.9, 0.7), null],
    'a leak' => [fn(): Compared => Compared::clamp(7.1, 0.7), 'leaks beyond'],
]);

it('says what a breaker carries, and what a trip time is worth', function (): void {
    expect(BreakerLoad::say(12.34, 20.0))->toBe('carries 12.3 A of 20 A')
        ->and(BreakerLoad::say(21.0, 20.0))->toContain('between is open')
        ->and(BreakerLoad::say(27.0, 20.0))->toContain('within the hour')

            ->and(TripTime::say(40.0, 8.0))
            ->toBe('40 ms at 8.0 mA: good, the limit is 3707 ms')
            ->and(TripTime::say(400.0, 8.0))
            ->toContain('slow')
            ->and(TripTime::say(4000.0, 8.0))
            ->toContain('Replace it')
            ->and(TripTime::say(40.0, 5.0))
            ->toContain('may take any time');
});

it('leaks by kind what ships, or what a crew has found, and what was clamped before both', function (): void {
    $house = Build::house(['points' => [Build::point('p')], 'appliances' => [
        ['id' => 'a', 'name' => 'A', 'at' => 'p', 'class' => 'motor'], [
            'id' => 'b',
            'name' => 'B',
            'at' => 'p',
            'class' => 'motor',
            'leakage' => ['resistive_ma' => 1.1],
        ],
        ['id' => 'c', 'name' => 'C', 'at' => 'p', 'class' => 'something else'], ['id' => 'd', 'name' => 'D', 'at' => 'p'],
    ]]);
    $leaks = fn(House $house): array => array_map(
        fn($one): array => [$one->leaks()->resistiveMa, $one->leaks()->capacitiveMa],
        $house->appliances,
    );
    expect($leaks($house))->toEqualWithDelta([[0.12, 0.15], [1.1, null], [null, null], [null, null]], 1e-9)

            ->and($leaks(LeakageLibrary::judging($house, ['motor' => [0.4, 0.6, 0.0, 0.2]])))
            ->toEqualWithDelta([[0.5, 0.1], [1.1, null], [null, null], [null, null]], 1e-9);
    foreach (ApplianceClass::cases() as $class) {
        [$least, $most, $leastAcross, $mostAcross] = (new LeakageLibrary())->range($class);
        expect($least)->toBeLessThanOrEqual($most)
            ->and($leastAcross)->toBeLessThanOrEqual($mostAcross)
            ->and(hypot($most, $mostAcross))->toBeLessThan(0.75);
    }
});
