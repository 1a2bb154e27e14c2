<?php

declare(strict_types=1);

use Bouclier\Core\CodeBook\RoomReach;
use Bouclier\Core\Feed\FeedMap;
use Tests\Core\Build;

function reachOf(array $area, string $edition, array $amendments = []): RoomReach
{
    $house = Build::house([
        'code' => ['edition' => $edition, 'amendments' => $amendments],
        'areas' => [$area + Build::area('a')],
        'points' => [Build::point('p')],
    ]);

    return RoomReach::of($house, new FeedMap($house), $house->areas[0], $house->points[0]);
}

it('bands rooms that count, and says how much of them', function (array $area, string $edition, ?string $band, bool $whole): void {
    $reach = reachOf($area, $edition);
    expect([$reach->band, $reach->whole])->toBe([$band, $whole]);
})->with([
    'bathroom' => [['kind' => 'bathroom'], 'nec-2014', 'whole room', true],
    'outdoors' => [['kind' => 'outdoors'], 'nec-2014', 'whole area', true],
    'kitchen, 2020' => [['kind' => 'kitchen'], 'nec-2020', 'countertop only', false],
    'kitchen, 2023' => [['kind' => 'kitchen'], 'nec-2023', 'every receptacle', true],
    'kitchen below grade, 2020: the basement counts whole' => [['kind' => 'kitchen', 'grade' => 'below'], 'nec-2020', 'whole room', true],
    'bedroom' => [['kind' => 'bedroom'], 'nec-2023', null, false],
    'finished basement, 2017' => [['kind' => 'basement'], 'nec-2017', null, false],
    'finished basement, 2020' => [['kind' => 'basement'], 'nec-2020', 'whole room', true],
    'bathroom in Canada: by distance' => [['kind' => 'bathroom'], 'cec-2021', null, false],
]);

it('reaches six feet from sink, tub and shower, and twenty only from a pool\'s own rule', function (): void {
    $reach = reachOf(['kind' => 'den'], 'nec-2023');
    expect($reach->limitsFt)->toBe(['sink' => 6.0, 'bathtub' => 6.0, 'shower' => 6.0, 'hydromassage' => 6.0]);
});

it('reaches a metre and a half in Canada', function (): void {
    expect(array_map(fn(float $ft): float => round($ft * 0.3048, 6), reachOf(['kind' => 'den'], 'cec-2021')->limitsFt))
        ->toBe(['sink' => 1.5, 'bathtub' => 1.5, 'shower' => 1.5, 'hydromassage' => 1.5]);
});

it('takes a local distance', function (): void {
    $reach = reachOf(['kind' => 'den'], 'nec-2023', [['do' => 'distance', 'what' => 'gfci', 'clause' => '210.8(A)(8)', 'ft' => 8]]);
    expect($reach->limitsFt['sink'])->toBe(8.0)->and($reach->limitsFt['bathtub'])->toBe(6.0);
});

it('lets a door end the path in 2017 only', function (string $edition, bool $ends): void {
    expect(reachOf(['kind' => 'den'], $edition)->doorEnds)->toBe($ends);
})->with([
    ['nec-2014', false],
    ['nec-2017', true],
    ['nec-2020', false],
    ['nec-2023', false],
]);
