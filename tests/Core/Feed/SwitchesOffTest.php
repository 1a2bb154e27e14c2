<?php

declare(strict_types=1);

use Bouclier\Core\Feed\FeedMap;
use Bouclier\Core\Feed\SwitchesOff;
use Bouclier\Core\House\House;
use Bouclier\Core\House\Point;
use Bouclier\Core\Network\Condition;
use Bouclier\Core\Network\GridBuilder;
use Bouclier\Core\Network\Tripping;
use Tests\Core\Actions\RandomWiring;
use Tests\Core\Build;

/** @return list<string> */
function switchesOff(House $house, string $point): array
{
    return SwitchesOff::of(new FeedMap($house), $house->point($point));
}

it('counts a device that protects nothing and opens all the same', function (mixed $feed, mixed $leaves, array $by): void {
    $house = Build::house([
        'points' => [Build::point('k', ['device' => 'gfci']), Build::point('d')],
        'cables' => [Build::cable('c1', 'k', null, $feed), Build::cable('k', 'd', $leaves)],
    ]);
    expect(switchesOff($house, 'd'))->toBe($by)->and(switchesOff($house, 'k'))->toBe(['k']);
})->with([
    'on LOAD' => ['line', 'load', ['k']],
    'on LINE' => ['line', 'line', []],
    'a splice' => ['line', 'splice', []],
    'hot on LOAD' => ['line', ['hot' => 'load', 'neutral' => 'line'], ['k']],
    'neutral on LOAD' => ['line', ['hot' => 'line', 'neutral' => 'load'], ['k']],
    'reversed' => ['load', 'line', ['k']],
    'both on LOAD' => ['load', 'load', []],
]);

it('names what is near before what is far, and devices before breakers', function (): void {
    $house = Build::house([
        'circuits' => [Build::circuit('c1', ['breaker' => 'dual'])],
        'points' => [Build::point('f', ['device' => 'afci']), Build::point('k', ['device' => 'gfci']), Build::point('d')],
        'cables' => [Build::cable('c1', 'f'), Build::cable('f', 'k', 'load'), Build::cable('k', 'd', 'load')],
    ]);
    expect(switchesOff($house, 'd'))->toBe(['k', 'f', 'c1']);
});

it('knows by the wiring what takes the light from a lamp when it opens', function (int $seed): void {
    $wiring = RandomWiring::house($seed, 12);
    $house = Build::house([
        'points' => array_map(fn(array $one): array => Build::point($one['id'], $one), $wiring['points']),
        'appliances' => [['id' => 'lamp', 'name' => 'Lamp', 'at' => null, 'watts' => 60, 'on' => true]],
        'faults' => [],
    ] + $wiring);
    $networks = new GridBuilder($house, new FeedMap($house));
    $isLit = function (Point $at, ?Point $open = null) use ($house, $networks): bool {
        $condition = Condition::of($house);
        $condition->plugged['lamp'] = $at->id;
        $open === null || $condition->opens($open->id);

        return $networks->build($condition)->faceVolts($at->id) >= Tripping::LIVE_VOLTS;
    };
    $devices = array_filter($house->points, fn(Point $one): bool => $one->device->feedsThrough());
    foreach (array_filter($house->points, fn(Point $one): bool => $one->volts() < 200.0 && $isLit($one)) as $point) {
        $dark = array_filter($devices, fn(Point $device): bool => $device !== $point && ! $isLit($point, $device));
        $known = array_filter(switchesOff($house, $point->id), fn(string $id): bool => $house->hasPoint($id) && $id !== $point->id);
        expect($known)->toEqualCanonicalizing(array_column($dark, 'id'), "$point->id");
    }
})->with(range(1, 40));
