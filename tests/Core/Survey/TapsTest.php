<?php

declare(strict_types=1);

use Bouclier\Core\Change\Commands\AddBreaker;
use Bouclier\Core\Change\Commands\Edit;
use Bouclier\Core\Change\Patch;
use Bouclier\Core\CodeBook\Assess;
use Bouclier\Core\Exchange\BadHouseFile;
use Bouclier\Core\Exchange\HouseReader;
use Bouclier\Core\Exchange\HouseWriter;
use Bouclier\Core\House\AreaKind;
use Bouclier\Core\House\BreakerType;
use Bouclier\Core\House\Device;
use Bouclier\Core\House\Distance;
use Bouclier\Core\House\FixtureKind;
use Bouclier\Core\House\House;
use Bouclier\Core\House\PointKind;
use Bouclier\Core\House\Serves;
use Bouclier\Core\Live\Asker;
use Bouclier\Core\Survey\Ghost;
use Bouclier\Core\Survey\Ghosts;
use Bouclier\Core\Survey\Progress;
use Bouclier\Core\Survey\Taps;
use Bouclier\Core\Survey\UsualAppliance;
use Bouclier\Core\Survey\UsualRoom;
use Tests\Core\Build;

/** @return list<string> what is left to be confirmed in the last room */
function ghostsIn(House $house): array
{
    return array_map(fn(Ghost $ghost): string => $ghost->serves->value, Ghosts::in($house, $house->areas[count($house->areas) - 1]));
}

function edited(House $house, string $id, array $set): House
{
    return (new Edit([new Patch('points', $id, (object) $set)]))->on($house, new Asker('2026-03-02T09:00:00+00:00'));
}

it('brings what a kitchen usually has, and counts nothing of it before it is confirmed', function (): void {
    $house = Taps::room(Build::house(['areas' => []]), AreaKind::Kitchen, [FixtureKind::Sink]);
    $room = $house->areas[0];
    expect($room->code)->toBe('K1')->and($room->name)->toBe('Kitchen')->and($room->fixtures())->toHaveCount(1)
        ->and(ghostsIn($house))->toBe([
            ...array_fill(0, 6, 'countertop'), 'refrigerator', 'dishwasher', 'disposal', 'range', 'microwave',
        ])
        ->and(array_map(fn(Ghost $ghost): ?float => $ghost->ft, Ghosts::in($house, $room)))
        ->toBe([2.0, 4.0, 6.0, 8.0, 10.0, 12.0, null, null, null, null, null])
        ->and((new Assess($house))->house()->points)->toBe([])->and(Progress::of($house)->usual)->toBe(11);
});

it('takes each off the list as it is confirmed or struck out, in any order', function (): void {
    $house = Taps::room(Build::house(['areas' => []]), AreaKind::Laundry, [FixtureKind::Sink]);
    $room = $house->areas[0];
    $house = Taps::outlet($house, $room, Serves::Dryer, null, Device::Standard, 30.0, null);
    expect(ghostsIn($house))->toBe(['washer', 'general']);
    $house = Taps::withRoom($house, Ghosts::struckOut($house->areas[0], Serves::Washer));
    expect(ghostsIn($house))->toBe(['general']);
    $sink = $room->fixtures()[0]->id;
    $house = Taps::outlet($house, $house->areas[0], Serves::General, null, Device::Gfci, 20.0, new Distance($sink, 3.5));
    expect(ghostsIn($house))->toBe([])
        ->and($house->points[0]->code)->toBe('L1-01')->and($house->points[0]->volts())->toBe(250.0)
        ->and($house->points[0]->assumed())->toBe(['volts', 'yoke'])
        ->and($house->points[1]->device)->toBe(Device::Gfci)->and($house->points[1]->distances()[0]->ft)->toBe(3.5)
        ->and((new HouseReader())->fromJson((new HouseWriter())->toJson($house))->areas)->toEqual($house->areas);
});

it('draws nothing in a room that was surveyed otherwise, unless that is asked for', function (): void {
    $house = Build::house(['areas' => [Build::area('e', 'bedroom')], 'points' => [Build::point('p', ['area' => 'e'])]]);
    expect(ghostsIn($house))->toBe([])
        ->and(ghostsIn(Taps::outlet($house, $house->areas[0], Serves::General, null, null, 15.0, null)))->toBe([]);
    $opened = Taps::withRoom($house, Ghosts::opened($house->areas[0]));
    expect(ghostsIn($opened))->toHaveCount(3)
        ->and(Ghosts::closed($opened->areas[0])->x)->toBeNull()->and(
            ghostsIn(Build::house(['areas' => [Build::area('e', 'bedroom')]])),
        )->toHaveCount(4);
});

it('takes what is usually hard-wired so, and says that it did', function (): void {
    $house = Taps::room(Build::house(['areas' => []]), AreaKind::Bathroom, []);
    $house = Taps::outlet($house, $house->areas[0], Serves::BathFan, null, Device::Gfci, 20.0, null);
    $said = Taps::outlet($house, $house->areas[0], Serves::BathFan, PointKind::Receptacle, Device::Gfci, 20.0, null);
    $granted = (new Assess($house))->house()->points[0]->granted;
    expect($house->points[0]->kind)->toBe(PointKind::Hardwired)->and($house->points[0]->device)->toBe(Device::None)
        ->and($house->points[0]->amps)->toBeNull()->and($granted[0]->text)->toContain('hard-wired')
        ->and($said->points[1]->kind)->toBe(PointKind::Receptacle)->and($said->points[1]->assumed())->toBe([]);
});

it('puts a breaker in a free slot, a panel with it where there is none, and in no slot twice', function (): void {
    $by = new Asker('2026-03-02T09:00:00+00:00');
    $house = Build::house(['panels' => [], 'circuits' => []]);
    $house = (new AddBreaker(1, 30.0, true, BreakerType::Standard, 'Dryer'))->on($house, $by);
    expect($house->circuits[0]->slot)->toBe('1/3')->and($house->circuits[0]->volts())->toBe(240.0)->and($house->panels)->toHaveCount(1)
        ->and(array_slice(Taps::freeSlots($house), 0, 3))->toBe([2, 4, 5]);
    (new AddBreaker(3, 15.0, false, BreakerType::Afci, null))->on($house, $by);
})->throws(BadHouseFile::class, 'slot 3');

it('plugs in what is usual there, with what it draws', function (): void {
    $house = Build::house([
        'areas' => [Build::area('k', 'kitchen')],
        'points' => [Build::point('p', ['area' => 'k', 'serves' => 'refrigerator']), Build::point('q', ['area' => 'k'])],
    ]);
    expect(UsualAppliance::at($house, $house->point('p')))->toHaveCount(1);
    $house = Taps::appliance($house, $house->point('p'), 'Refrigerator');
    $house = Taps::appliance($house, $house->point('q'), 'Kettle');
    expect($house->appliances[0]->critical)->toBeTrue()->and($house->appliances[1]->watts)->toBe(1500.0)
        ->and(Taps::appliance($house, $house->point('q'), 'No such thing'))->toBe($house);
});

it('knows of every kind of room what it usually has, and lists each once', function (): void {
    expect(UsualRoom::WALK)->toHaveCount(count(AreaKind::cases()))
        ->and(array_unique(array_column(UsualRoom::WALK, 'value')))->toHaveCount(count(AreaKind::cases()));
    foreach (AreaKind::cases() as $kind) {
        expect($kind->codeLetter())->toMatch('/^[A-Z]$/');
        UsualRoom::of($kind);
    }
});

it('lets the name go with what is served, unless it was somebody\'s own', function (string $name, string $is): void {
    $house = Build::house(['points' => [Build::point('p', ['name' => $name, 'serves' => 'countertop'])]]);
    expect(edited($house, 'p', ['serves' => 'disposal'])->point('p')->name)->toBe($is);
})->with([
    'not said' => ['Countertop', 'Disposal'],
    'with where it is' => ['Countertop, island', 'Disposal, island'],
    'its own' => ['By the window', 'By the window'],
]);

it('lets ratings nobody said go with the breaker, and not those that were said', function (): void {
    $house = Build::house([
        'circuits' => [
            Build::circuit('c1', ['amps' => 30, 'volts' => 240, 'poles' => 2]), Build::circuit(
                'c2',
                ['amps' => 50, 'volts' => 240, 'poles' => 2],
            ),
            Build::circuit('c3'),
        ],
        'points' => [Build::point('p'), Build::point('q', ['amps' => 15])],
    ]);
    $dryer = edited($house, 'p', ['circuit' => 'c1']);
    expect($dryer->point('p')->amps)->toBe(30.0)->and($dryer->point('p')->assumed())->toBe(['amps', 'volts', 'yoke']);
    $range = edited($dryer, 'p', ['circuit' => 'c2']);
    expect($range->point('p')->amps)->toBe(50.0);
    $said = edited($range, 'p', ['amps' => 30]);
    expect($said->point('p')->assumed())->toBe(['volts', 'yoke'])
        ->and(edited($said, 'p', ['circuit' => 'c1'])->point('p')->amps)->toBe(30.0)
        ->and(edited($range, 'p', ['circuit' => 'c3'])->point('p')->amps)->toBeNull()
        ->and(edited($range, 'p', ['circuit' => 'c3'])->point('p')->x)->toBeNull();
    $other = edited($house, 'q', ['circuit' => 'c1']);
    expect($other->point('q')->amps)->toBe(15.0)->and($other->point('q')->assumed())->toBe(['volts']);
});

it('gives no code that another has', function (): void {
    $house = Build::house(['points' => [Build::point('p', ['code' => 'K1-01']), Build::point('q', ['code' => 'K1-02'])]]);
    edited($house, 'q', ['code' => 'k1-01']);
})->throws(BadHouseFile::class, '/points/1/code');
