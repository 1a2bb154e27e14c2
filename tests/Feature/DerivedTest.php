<?php

declare(strict_types=1);

use App\Models\House;
use App\Persistence\Derived;
use App\Persistence\HouseStore;
use App\Persistence\Shelf;

/** How often it was made by now. */
function derivedTimes(House $house, array $from, int &$made): int
{
    return Derived::of($house->fresh() ?? $house, 'test', $from, function () use (&$made): int {
        return ++$made;
    });
}

it('makes what follows from a house once, until the house or what else it follows from changes', function (): void {
    $house = $this->demoHouseOf($this->crewMember());
    $this->actingAs($house->crew->users()->firstOrFail());
    $made = 0;
    expect(derivedTimes($house, [], $made))->toBe(1)
        ->and(derivedTimes($house, [], $made))->toBe(1)
        ->and(derivedTimes($house, ['other'], $made))->toBe(2);
    $this->change($house, 0, [['in' => 'points', 'id' => 'g4', 'set' => ['device' => 'gfci']]])->assertOk();
    expect(derivedTimes($house, ['other'], $made))->toBe(3);
    $this->postJson("/houses/{$house->id}/undo", ['revision' => 1])->assertOk();
    expect(derivedTimes($house, ['other'], $made))->toBe(4);
});

it('never takes one state of a house for another of the same number', function (): void {
    $house = $this->demoHouseOf($this->crewMember());
    $this->actingAs($house->crew->users()->firstOrFail());
    $this->change($house, 0, [['in' => 'points', 'id' => 'g4', 'set' => ['device' => 'gfci']]])->assertOk();
    $made = 0;
    derivedTimes($house, [], $made);
    // As after a backup was taken in: revision 1 again, and another one.
    $house->revisions()->delete();
    $house->revisions()->create(['number' => 1, 'kind' => 'edit', 'summary' => 'Another', 'changed_parts' => [], 'undo_top' => 1]);
    expect(derivedTimes($house, [], $made))->toBe(2);
});

it('shows what changed at once, whoever asked before', function (): void {
    $house = $this->demoHouseOf($user = $this->crewMember());
    $this->actingAs($user);
    $device = fn(): string => collect($this->getJson("/houses/{$house->id}/sheet")->assertOk()->json('rooms'))
        ->flatMap(fn(array $room): array => $room['outlets'])
        ->keyBy('id')['g4']['device'];
    expect($device())->toBe('standard');
    $this->change($house, 0, [['in' => 'points', 'id' => 'g4', 'set' => ['device' => 'gfci']]])->assertOk();
    expect($device())->toBe('gfci')->and(app(HouseStore::class)->load($house->fresh() ?? $house)->point('g4')->device->value)->toBe('gfci');
    // And what it was, in its history.
    $this->get("/houses/{$house->id}/history/0")->assertOk();
    expect($device())->toBe('gfci');
    // What a crew has found its appliances to leak counts from when it is said.
    $leak = fn(): mixed => $this->getJson("/houses/{$house->id}/sheet")->json('rooms');
    $core = app(HouseStore::class)->load($house->fresh() ?? $house);
    $this->change(
        $house,
        1,
        [['in' => 'appliances', 'id' => $core->appliances[0]->id, 'set' => ['class' => 'refrigeration', 'leakage' => null]]],
    )->assertOk();
    $before = $leak();
    $user->crew->update(['leakage' => ['refrigeration' => [3.0, 4.0, 0.0, 0.0]]]);
    expect($leak())->not->toEqual($before);
});

it('sends nothing where nothing changed', function (string $path): void {
    $house = $this->demoHouseOf($this->crewMember());
    $this->actingAs($house->crew->users()->firstOrFail());
    $this->postJson("/houses/{$house->id}/call", ['kind' => 'trips', 'at' => 'k1', 'when' => 'at_once']);
    $tag = $this->getJson("/houses/{$house->id}/$path")->assertOk()->headers->get('ETag');
    $again = $this->getJson("/houses/{$house->id}/$path", ['If-None-Match' => (string) $tag])->assertStatus(304);
    expect($tag)->not->toBeNull()->and($again->getContent())->toBe('')->and($again->headers->get('Cache-Control'))->toContain('private');
    $this->postJson("/houses/{$house->id}/outlets/k1/notes", ['text' => 'Dog in the yard'])->assertOk();
    $this->postJson("/houses/{$house->id}/readings", ['point' => 'k1', 'between' => 'hn', 'volts' => 2.0])->assertOk();
    $this->getJson("/houses/{$house->id}/$path", ['If-None-Match' => (string) $tag])->assertOk();
})->with(['sheet', 'call/sheet', 'runs', 'outlets/k1/box', 'outlets/k1/measures']);

it('keeps the last few of a kind by what they follow from, and makes none of them twice', function (): void {
    $made = [];
    $of = function (int $number) use (&$made): array {
        return Shelf::of('numbers', [$number], function () use ($number, &$made): array {
            $made[] = $number;

            return ['number' => $number];
        });
    };
    foreach ([1, 2, 1, 2, 3, 4, 5, 6, 7, 8, 1] as $number) {
        expect($of($number))->toBe(['number' => $number]);
    }
    expect($made)->toBe([1, 2, 3, 4, 5, 6, 7, 8]);
    // There is room for eight: the ninth takes the place of the first.
    $of(9);
    $of(2);
    $of(1);
    expect($made)->toBe([1, 2, 3, 4, 5, 6, 7, 8, 9, 1]);
});
