<?php

declare(strict_types=1);

use Bouclier\Core\Exchange\HouseReader;
use Bouclier\Core\Exchange\HouseWriter;
use Bouclier\Core\House\House;
use Bouclier\Core\Survey\Removal;
use Bouclier\Core\Survey\WalkingOrder;
use Tests\Core\Build;
use Tests\Core\RandomHouse;

function bathAndHall(): House
{
    return Build::house([
        'areas' => [Build::area('a'), Build::area('b', 'bathroom', ['fixtures' => [['id' => 'basin', 'kind' => 'sink']]])],
        'points' => [
            Build::point('p', ['distances' => [['fixture' => 'basin', 'ft' => 4, 'crosses' => 'door']], 'yoke_with' => 'q']),
            Build::point('q', ['area' => 'b', 'yoke_with' => 'p']),
            Build::point('r', ['area' => 'b']),
        ],
        'cables' => [Build::cable('c1', 'p'), Build::cable('p', 'q'), Build::cable('q', 'r')],
        'appliances' => [['id' => 'fan', 'name' => 'Fan', 'at' => 'q']],
    ]);
}

it('takes an outlet out with its cables, and keeps what was plugged in there', function (): void {
    $house = bathAndHall();
    $left = Removal::outlet($house, $house->point('q'));
    expect(array_column($left->points, 'id'))->toBe(['p', 'r'])
        ->and(array_column($left->cables, 'id'))->toBe(['c1-p'])
        ->and($left->point('p')->yokeWith)->toBeNull()
        ->and($left->appliances[0]->at)->toBeNull();
});

it('takes a room out with its outlets, its water and the ways measured to it', function (): void {
    $house = bathAndHall();
    $left = Removal::room($house, $house->area('b'));
    expect(array_column($left->areas, 'id'))->toBe(['a'])
        ->and(array_column($left->points, 'id'))->toBe(['p'])
        ->and($left->point('p')->distances)->toBe([])
        ->and($left->appliances[0]->at)->toBeNull();
});

it('leaves a house that can be read again, whatever is taken out', function (): void {
    $reader = new HouseReader();
    for ($seed = 1; $seed <= 40; ++$seed) {
        $house = $reader->fromJson(json_encode(RandomHouse::data($seed), JSON_THROW_ON_ERROR));
        $point = $house->points[$seed % count($house->points)];
        $area = $house->areas[$seed % count($house->areas)];
        foreach ([Removal::outlet($house, $point), Removal::room($house, $area)] as $left) {
            expect(HouseWriter::toJson($reader->fromJson(HouseWriter::toJson($left))))->toBe(HouseWriter::toJson($left), "seed $seed");
        }
    }
});

it('moves a room or an outlet before another, or to the end', function (): void {
    $house = bathAndHall();
    $ids = fn(House $moved): array => array_column($moved->points, 'id');
    expect($ids(WalkingOrder::outlet($house, $house->point('r'), $house->point('p'))))->toBe(['r', 'p', 'q'])
        ->and($ids(WalkingOrder::outlet($house, $house->point('p'), null)))->toBe(['q', 'r', 'p'])
        ->and($ids(WalkingOrder::outlet($house, $house->point('q'), $house->point('q'))))->toBe(['p', 'r', 'q'])
        ->and(array_column(WalkingOrder::room($house, $house->area('b'), $house->area('a'))->areas, 'id'))->toBe(['b', 'a']);
});
