<?php

declare(strict_types=1);

use Bouclier\Core\Diagnose\Foresight;
use Bouclier\Core\Faults\FaultList;
use Bouclier\Core\Feed\BreakerHints;
use Bouclier\Core\Feed\FeedMap;
use Bouclier\Core\House\House;
use Bouclier\Core\Network\Condition;
use Bouclier\Core\Network\GridBuilder;
use Bouclier\Core\Network\Instruments;
use Tests\Core\Actions\RandomWiring;
use Tests\Core\Build;
use Tests\Core\Diagnose\HiddenFault;

/** The network of a house with its faults in it: as the diagnosis foresees it, and built anew. */
function bothWays(House $house, ?array $button = null): array
{
    $feeds = new FeedMap($house);
    $condition = Condition::of($house);
    $condition->button = $button;
    foreach ($house->appliances as $appliance) {
        $condition->running[$appliance->id] = true;
    }
    $faults = FaultList::of($house)->all;
    $condition->faults = count($faults) === 1 ? $faults[0]->parts() : $faults;

    return [(new Foresight($house, $feeds))->build($condition), (new GridBuilder($house, $feeds))->build($condition)];
}

it('foresees of every kind of fault what a house built with it shows', function (string $kind, int $seed): void {
    $hidden = HiddenFault::of($kind, $seed);
    if ($hidden === null || $hidden->faults === []) {
        expect(true)->toBeTrue();

        return;
    }
    $house = Build::house($hidden->house + ['faults' => $hidden->faults]);
    [$foreseen, $built] = bothWays($house, $seed % 2 === 0 ? ['k1', 15e3] : null);
    $instruments = new Instruments($house);
    foreach ($house->points as $point) {
        foreach ([[0, 1], [0, 2], [1, 2]] as [$one, $other]) {
            $volts = fn($grid): float => $grid->solution()->between($grid->faces[$point->id][$one], $grid->faces[$point->id][$other]);
            expect($volts($foreseen))->toEqualWithDelta($volts($built), 0.05);
        }
    }
    foreach ([...array_keys($built->contacts), 'c1'] as $device) {
        expect(1000.0 * $foreseen->residual((string) $device))->toEqualWithDelta(1000.0 * $built->residual((string) $device), 0.05);
    }
    foreach ($house->cables as $cable) {
        foreach ($instruments->clamp($built, $cable->id) as $key => $ma) {
            expect($instruments->clamp($foreseen, $cable->id)[$key])->toEqualWithDelta($ma, 0.1);
        }
    }
})->with(HiddenFault::KINDS)->with([1, 2]);

it('foresees single faults in all houses: shared neutrals, sub-panels, 240 volts, pairs landed anyhow', function (int $seed): void {
    $parts = RandomWiring::house($seed, 3 + $seed % 8);
    $parts['points'] = array_map(
        fn(array $point): array => $point + ['code' => $point['id'], 'area' => 'a', 'name' => $point['id']],
        $parts['points'],
    );
    foreach ($parts['faults'] as $fault) {
        if ($fault['kind'] === 'high_resistance' && $fault['ohms'] > 1e5) {
            // What leaks through half the capacitance of a cable is on the wrong side of it, and weighs as much as such a joint.
            continue;
        }
        [$foreseen, $built] = bothWays(Build::house(['faults' => [$fault]] + $parts));
        foreach ($built->faces as $point => $face) {
            foreach ([[0, 1], [0, 2], [1, 2]] as [$one, $other]) {
                $volts = fn($grid): float => $grid->solution()->between($grid->faces[$point][$one], $grid->faces[$point][$other]);
                expect($volts($foreseen))->toEqualWithDelta($volts($built), 0.1, "house $seed, {$fault['kind']}, $point");
            }
        }
        foreach ([...array_keys($built->contacts), ...array_column($parts['circuits'], 'id')] as $device) {
            // What leaks through half the capacitance of one long cable is on the wrong side of a joint at its end.
            expect(1000.0 * $foreseen->residual((string) $device))->toEqualWithDelta(
                1000.0 * $built->residual((string) $device),
                0.15,
                "house $seed, {$fault['kind']}, $device",
            );
        }
    }
    expect(true)->toBeTrue();
})->with(range(1, 60));

it('weighs breakers by what is written, beside and rated, and rules none out', function (): void {
    $house = Build::house([
        'areas' => [Build::area('a', 'laundry', ['name' => 'Laundry'])],
        'circuits' => [
            Build::circuit('c1', ['label' => 'Laundry']),
            Build::circuit('c2', ['label' => 'Hall', 'amps' => 15]),
            Build::circuit('c3', ['volts' => 240, 'poles' => 2]),
        ],
        'points' => [Build::point('p', ['amps' => 20]), Build::point('q')],
        'cables' => [Build::cable('c2', 'q')],
    ]);
    $hints = new BreakerHints(new FeedMap($house));
    $weights = array_map(fn($circuit): float => $hints->weight($house->point('p'), $circuit), $house->circuits);
    expect($weights[0])->toBe(6.0)->and($weights[1])->toEqualWithDelta(0.9, 1e-9)->and($weights[2])->toBe(0.01)

            ->and($hints->reasons($house->point('p'), $house->circuits[1]))
            ->toBe(['feeds others in the room', '20 A receptacle on 15 A breaker']);
});
