<?php

declare(strict_types=1);

use Bouclier\Core\Exchange\HouseReader;
use Bouclier\Core\Exchange\HouseWriter;
use Bouclier\Core\House\AreaKind;
use Bouclier\Core\House\Fixture;
use Bouclier\Core\House\FixtureKind;
use Bouclier\Core\House\House;
use Bouclier\Core\House\LocationCodes;
use Bouclier\Core\House\Point;
use Bouclier\Core\Survey\Rooms;
use Tests\Core\Build;

function twoRooms(): House
{
    return Build::house([
        'areas' => [
            Build::area(
                'k',
                'kitchen',
                ['code' => 'K1', 'fixtures' => [['id' => 'sink', 'kind' => 'sink'], ['id' => 'bar', 'kind' => 'sink']]],
            ),
            Build::area('b', 'bathroom', ['code' => 'B1', 'fixtures' => [['id' => 'tub', 'kind' => 'bathtub']]]),
        ],
        'panels' => [['id' => 'main', 'name' => 'Main', 'area' => 'k']],
        'points' => [
            Build::point('p', ['code' => 'K1-01', 'area' => 'k', 'distances' => [['fixture' => 'sink', 'ft' => 2]]]),
            Build::point(
                'q',
                ['code' => 'K1-02', 'area' => 'k', 'distances' => [['fixture' => 'bar', 'ft' => 3], ['fixture' => 'tub', 'ft' => 9]]],
            ),
            Build::point('r', ['code' => 'B1-01', 'area' => 'b']),
        ],
        'cables' => [Build::cable('c1', 'p'), Build::cable('p', 'q')],
    ]);
}

/** @return array<string, string> code by id */
function codesIn(House $house): array
{
    return array_column(array_map(fn(Point $point): array => [$point->id, $point->code], $house->points), 1, 0);
}

function isHouse(House $house): void
{
    $again = (new HouseReader())->fromJson((new HouseWriter())->toJson($house));
    expect($again->points)->toEqual($house->points)->and($again->areas)->toEqual($house->areas);
}

it('moves an outlet to another room: its code follows, and the old one still finds it', function (): void {
    $house = twoRooms();
    $moved = Rooms::outletMoved($house, $house->point('q'), $house->area('b'));
    expect(codesIn($moved))->toBe(['p' => 'K1-01', 'q' => 'B1-02', 'r' => 'B1-01'])
        ->and(LocationCodes::point($moved, 'k1-02')?->id)->toBe('q')
        // What was measured and traced of it stands: it is where it was.
        ->and($moved->point('q')->distances())->toHaveCount(2)->and($moved->cables)->toEqual($house->cables)
        // And the number is not given to another.
        ->and(LocationCodes::nextIn($moved, $moved->area('k')))->toBe(['K1-03']);
    isHouse($moved);
    expect(Rooms::outletMoved($moved, $moved->point('q'), $moved->area('b')))->toBe($moved);
});

it('joins two rooms that are one', function (): void {
    $house = twoRooms();
    $one = Rooms::joined($house, $house->area('k'), $house->area('b'));
    expect(array_column($one->areas, 'id'))->toBe(['b'])
        ->and(codesIn($one))->toBe(['p' => 'B1-02', 'q' => 'B1-03', 'r' => 'B1-01'])
        ->and(array_map(fn(Fixture $f): string => $f->id, $one->area('b')->fixtures()))->toBe(['tub', 'sink', 'bar'])
        ->and(LocationCodes::area($one, 'K1')?->id)->toBe('b')->and($one->panels[0]->area)->toBe('b')
        ->and(LocationCodes::nextRoom($one, 'K'))->toBe('K2');
    isHouse($one);
});

it('splits a room that is two, with its outlets and its water', function (): void {
    $house = twoRooms();
    $two = Rooms::split($house, $house->area('k'), AreaKind::FoodPrep, 'Pantry', ['q'], ['bar']);
    $pantry = LocationCodes::area($two, 'P1');
    expect(array_column($two->areas, 'id'))->toBe(['k', $pantry?->id, 'b'])->and($pantry?->name)->toBe('Pantry')
        ->and(array_map(fn(Fixture $f): string => $f->id, $pantry?->fixtures() ?? []))->toBe(['bar'])
        ->and(array_map(fn(Fixture $f): string => $f->id, $two->area('k')->fixtures()))->toBe(['sink'])
        ->and(codesIn($two)['q'])->toBe('P1-01')->and(codesIn($two)['p'])->toBe('K1-01');
    isHouse($two);
});

it('takes out water that is not there, with what was measured to it, and puts in more', function (): void {
    $house = twoRooms();
    $dry = Rooms::withoutFixture($house, $house->fixture('bar'));
    expect($dry->area('k')->fixtures())->toHaveCount(1)->and($dry->point('q')->distances())->toHaveCount(1)
        ->and($dry->point('p')->distances())->toHaveCount(1);
    $more = Rooms::withFixture($house, $house->area('k'), FixtureKind::Sink);
    expect($more->area('k')->fixtures())->toHaveCount(3);
    isHouse($dry);
    isHouse($more);
});

it('gives each room and outlet of a file a code of its own, the old one finding the first', function (): void {
    $house = Build::house([
        'areas' => [Build::area('a', 'bedroom', ['code' => 'E1']), Build::area('b', 'bedroom', ['code' => 'e1'])],
        'points' => [
            Build::point('p', ['code' => 'E1-01', 'area' => 'a']), Build::point('q', ['code' => 'E1-01', 'area' => 'a']),
            Build::point('r', ['code' => 'E1-01', 'area' => 'b']),
        ],
    ]);
    $unique = LocationCodes::madeUnique($house);
    $codes = [...array_column($unique->areas, 'code'), ...array_column($unique->points, 'code')];
    expect(array_unique(array_map(strtolower(...), $codes)))->toHaveCount(5)
        ->and(LocationCodes::repeated($unique))->toBe([])->and(LocationCodes::point($unique, 'E1-01')?->id)->toBe('p')
        ->and($unique->point('q')->formerCodes())->toBe(['E1-01']);
    expect(LocationCodes::madeUnique($unique))->toBe($unique);
});
