<?php

declare(strict_types=1);

use App\Models\Entry;
use App\Models\House;
use App\Models\Revision;
use App\Persistence\HouseStore;
use Bouclier\Core\House\Entries\MeterReading;
use Bouclier\Core\House\Entries\Note;

/** @return list<string> ids of the readings of a house, in their order */
function readingsOf(House $house): array
{
    return array_map(
        fn(MeterReading $reading): string => $reading->id ?? '',
        app(HouseStore::class)->load($house->fresh() ?? $house)->entries->all(MeterReading::class),
    );
}

it('adds what is read as a row of its own, and keeps of it what turning it back needs', function (): void {
    $house = $this->demoHouseOf($this->crewMember());
    $this->actingAs($house->crew->users()->firstOrFail());
    $before = readingsOf($house);
    $sizes = [];
    foreach (range(1, 60) as $number) {
        $this->postJson(
            "/houses/{$house->id}/readings",
            ['point' => 'k1', 'instrument' => 'Meter', 'between' => 'hn', 'volts' => 119.0 + $number / 100],
        )->assertOk();
        $sizes[] = strlen(
            (string) json_encode(
                Revision::query()->where('house_id', $house->id)->where('number', $house->fresh()?->revision)->firstOrFail()->changed_parts,
            ),
        );
    }
    // The last takes no more room than the second (the first says that there is such a list): 400 of them stay far below a megabyte.
    expect(max(array_slice($sizes, 1)))->toBeLessThan(min($sizes) + 40)->and(400 * max($sizes))->toBeLessThan(1_000_000)
        ->and(readingsOf($house))->toHaveCount(count($before) + 60)
        ->and(Entry::query()->where(['house_id' => $house->id, 'list' => 'records/readings'])->count())->toBe(count($before) + 60)
        ->and(json_encode($house->fresh()?->sections))->not->toContain('119.');
});

it('turns one back and forth to where it stood, under its own id', function (): void {
    $house = $this->demoHouseOf($this->crewMember());
    $this->actingAs($house->crew->users()->firstOrFail());
    $file = $this->stored($house->fresh() ?? $house);
    $send = fn(string $path, array $body = []) => $this
        ->postJson("/houses/{$house->id}/$path", ['revision' => $house->fresh()?->revision, ...$body])
        ->assertOk();
    foreach ([118.0, 119.0] as $volts) {
        $send('readings', ['point' => 'k1', 'between' => 'hn', 'volts' => $volts]);
    }
    $ids = readingsOf($house);
    $send('undo');
    expect(readingsOf($house))->toBe(array_slice($ids, 0, -1));
    $send('undo');
    expect($this->stored($house->fresh() ?? $house))->toBe($file);
    $send('redo');
    $send('redo');
    expect(readingsOf($house))->toBe($ids);
});

it('turns back a change of former days, which held the lists of the house whole', function (): void {
    $house = $this->demoHouseOf($this->crewMember());
    $user = $house->crew->users()->firstOrFail();
    $this->actingAs($user);
    $core = app(HouseStore::class)->load($house);
    $kept = (object) ['records' => (object) ['notes' => [(object) ['text' => 'Dog in the yard', 'at_time' => '2026-03-02T09:40:00Z']]]];
    $whole = fn(stdClass $sections): stdClass => (object) [
        'format' => 'bouclier.house', 'version' => 1, 'name' => $core->name, 'work' => $core->work->value,
        'code' => (object) ['edition' => $core->code->edition->value], ...get_object_vars($sections),
    ];
    $house->revisions()->create([
        'user_id' => $user->id, 'number' => 1, 'kind' => 'edit', 'summary' => 'House', 'undo_top' => 1,
        'changed_parts' => [['in' => 'house', 'id' => '', 'before' => $whole($kept), 'after' => $whole(new stdClass()), 'position' => 0]],
    ]);
    $house->update(['revision' => 1]);
    $this->postJson("/houses/{$house->id}/undo", ['revision' => 1])->assertOk();
    $notes = app(HouseStore::class)->load($house->fresh() ?? $house)->entries->all(Note::class);
    expect($notes)->toHaveCount(1)->and($notes[0]->text)->toBe('Dog in the yard')->and($notes[0]->id)->toMatch('/^[0-9a-f]{12}$/');
});

it('lets nobody write into what was read, tested and proved as a change of the house', function (string $list): void {
    $house = $this->demoHouseOf($this->crewMember());
    $this->actingAs($house->crew->users()->firstOrFail());
    $this->change(
        $house,
        0,
        [['in' => 'house', 'id' => '', 'set' => [$list => $list === 'records' ? ['proofs' => []] : []]]],
    )->assertUnprocessable();
    expect($house->fresh()?->revision)->toBe(0);
})->with(['observations', 'tests', 'records']);
