<?php

declare(strict_types=1);

use App\Models\House;

function asked($test, House $house, string $path, array $body)
{
    return $test->postJson("/houses/{$house->id}/$path", ['revision' => $house->fresh()?->revision, ...$body]);
}

it('moves outlets and rooms on the walk, and undo moves them back', function (): void {
    $user = $this->crewMember();
    $house = $this->demoHouseOf($user);
    $this->actingAs($user);
    $before = $this->stored($house);
    $codes = fn($answer, string $room): array => array_column(array_column($answer->json('rooms'), null, 'code')[$room]['outlets'], 'code');
    $moved = asked($this, $house, 'order/points', ['id' => 'e3', 'before' => 'e1'])->assertOk();
    expect($codes($moved, 'E1')[0])->toBe('E1-03')->and($moved->json('house.lastChange.summary'))->toBe('Points in another order');
    $rooms = asked($this, $house, 'order/areas', ['id' => 'ter', 'before' => null])->assertOk()->json('rooms');
    expect(end($rooms)['id'])->toBe('ter')
        ->and(array_column($this->getJson("/houses/{$house->id}/sheet")->json('rooms'), 'id'))->toBe(array_column($rooms, 'id'));
    $this->getJson("/houses/{$house->id}/history/1")->assertOk();
    asked($this, $house, 'undo', [])->assertOk();
    asked($this, $house, 'undo', [])->assertOk();
    expect($this->stored($house))->toBe($before);
});

it('takes an outlet or a whole room out, and undo brings everything back', function (): void {
    $user = $this->crewMember();
    $house = $this->demoHouseOf($user);
    $this->actingAs($user);
    $before = $this->stored($house);
    asked($this, $house, 'removals/points', ['id' => 'k1'])->assertOk();
    expect($this->stored($house))->not->toContain('"K1-01"');
    $left = asked($this, $house, 'removals/areas', ['id' => 'kit'])->assertOk()->json('rooms');
    expect(array_column($left, 'code'))->not->toContain('K1');
    asked($this, $house, 'undo', [])->assertOk();
    asked($this, $house, 'undo', [])->assertOk();
    expect($this->stored($house))->toBe($before);
});

it('answers clearly when the outlet is not there, and changes nothing', function (): void {
    $user = $this->crewMember();
    $house = $this->demoHouseOf($user);
    $this->actingAs($user);
    asked($this, $house, 'removals/points', ['id' => 'nowhere'])
        ->assertNotFound()
        ->assertJsonPath('message', 'No point "nowhere" in this house.');
    asked($this, $house, 'order/cables', ['id' => 'k1'])->assertNotFound();
    expect($house->fresh()?->revision)->toBe(0);
});

it('keeps an inspector\'s item open until it is closed with evidence', function (): void {
    $user = $this->crewMember();
    $house = $this->demoHouseOf($user);
    $this->actingAs($user);
    $items = asked($this, $house, 'items', ['text' => 'Cover missing', 'source' => 'Inspection, item 4', 'point' => 'k1'])
        ->assertOk()
        ->json('items');
    $index = count($items) - 1;
    $id = $items[$index]['id'];
    expect($items[$index])->toMatchArray(['text' => 'Cover missing', 'point' => 'k1', 'who' => $user->name, 'closedAt' => null]);
    asked($this, $house, "items/$id/close", ['evidence' => ' '])->assertUnprocessable();
    $closed = asked($this, $house, "items/$id/close", ['evidence' => 'Photograph 12'])->assertOk()->json('items');
    expect($closed[$index])->toMatchArray(['evidence' => 'Photograph 12', 'closedBy' => $user->name]);
    asked($this, $house, "items/$id/close", ['evidence' => 'again'])->assertNotFound();
});

it('says what would change the verdict of one outlet', function (): void {
    $user = $this->crewMember();
    $house = $this->demoHouseOf($user);
    $found = $this->actingAs($user)->getJson("/houses/{$house->id}/outlets/g4/alternatives")->assertOk()->json();
    expect(array_column($found, 'verdict', 'text'))->toMatchArray(['A GFCI receptacle here.' => 'met']);
    $this->getJson("/houses/{$house->id}/outlets/nowhere/alternatives")->assertNotFound();
});
