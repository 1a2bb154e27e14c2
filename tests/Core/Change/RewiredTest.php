<?php

declare(strict_types=1);

use Bouclier\Core\Change\Changed;
use Bouclier\Core\Change\Commands\Edit;
use Bouclier\Core\Change\Commands\RemoveOutlet;
use Bouclier\Core\Change\HouseDocument;
use Bouclier\Core\Change\Patch;
use Bouclier\Core\Change\Summary;
use Bouclier\Core\Change\TurnedBack;
use Bouclier\Core\CodeBook\Assess;
use Bouclier\Core\Exchange\Body;
use Bouclier\Core\House\Entries\DeviceEvent;
use Bouclier\Core\House\House;
use Bouclier\Core\House\Protection;
use Bouclier\Core\Live\Asker;
use Tests\Core\Build;

/** k1 is a device, k2 hangs on its LOAD, and how k3 is fed nobody knows, or only from where; a TEST took k3 along. */
function shownBeyond(bool $isDrawn = false): House
{
    return Build::house([
        'areas' => [Build::area('a', 'kitchen')],
        'points' => [Build::point('k1', ['device' => 'gfci']), Build::point('k2'), Build::point('k3'), Build::point('k4')],
        'cables' => [
            Build::cable('c1', 'k1'), Build::cable('k1', 'k2', 'load'),
            ...$isDrawn ? [['id' => 'on', 'from' => ['point' => 'k2'], 'to' => ['point' => 'k3']]] : [],
        ],
        'observations' => [
            ['kind' => 'trip', 'at' => 'k1', 'dead' => ['k1', 'k2', 'k3'], 'live' => [], 'at_time' => '2026-05-01T10:00:00Z'],
        ],
    ]);
}

function cableSet(House $house, string $cable, ?array $set): Changed
{
    $patch = new Patch('cables', $cable, $set === null ? null : json_decode(json_encode($set)));

    return Changed::by(new Edit([$patch]), $house, new Asker('2026-05-01T11:00:00Z', 'Ada'));
}

/** @return list<string|null> */
function wiredAt(House $house): array
{
    return array_map(fn(DeviceEvent $event): ?string => $event->point, $house->entries->all(DeviceEvent::class));
}

it('notes at both its ends a cable that is landed or led elsewhere, or taken out', function (
    string $cable,
    ?array $set,
    array $points,
): void {
    expect(wiredAt(cableSet(shownBeyond(true), $cable, $set)->house))->toBe($points);
})->with([
    'to LINE' => ['k1-k2', ['from' => ['land' => 'line']], ['k1', 'k2']],
    'led to another' => ['on', ['to' => ['point' => 'k4']], ['k2', 'k3', 'k4']],
    'on another breaker' => ['c1-k1', ['from' => ['circuit' => 'c2']], ['k1']],
    'taken out' => ['on', null, ['k2', 'k3']],
    'only measured' => ['k1-k2', ['length_ft' => 12, 'mark' => 'tape'], []],
    'said as it was' => ['k1-k2', ['from' => ['land' => 'load']], []],
    'said for the first time' => ['on', ['from' => ['land' => 'splice']], []],
]);

it('notes it whatever command it was', function (): void {
    $without = Changed::by(RemoveOutlet::told(Body::of((object) ['id' => 'k2'])), shownBeyond(), new Asker('2026-05-01T11:00:00Z', 'Ada'));
    expect(wiredAt($without->house))->toBe(['k1']);
});

it('ends what was shown of what hangs on it, until the change is taken back', function (): void {
    $shown = fn(House $house): array => array_filter(
        (new Assess($house))->point($house->point('k3'))->guards(Protection::Gfci),
        fn($guard): bool => $guard->shown !== null,
    );
    $house = shownBeyond();
    $changed = cableSet($house, 'k1-k2', ['from' => ['land' => 'splice']]);
    expect($shown($house))->toHaveCount(1)->and($shown($changed->house))->toBe([])
        ->and(Summary::of($changed->parts))->not->toContain('note of a device')
        ->and($shown(TurnedBack::in(HouseDocument::of($changed->house), $changed->parts)->toHouse()))->toHaveCount(1);
});
