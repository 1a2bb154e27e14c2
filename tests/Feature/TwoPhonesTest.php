<?php

declare(strict_types=1);

use App\Models\Told;
use App\Models\User;
use Bouclier\Core\Exchange\HouseWriter;
use Bouclier\Core\House\Entries\MeterReading;
use Bouclier\Core\House\Entries\Note;
use Bouclier\Core\House\House as CoreHouse;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Feature\PhoneInHand;

/** The house as it stands in a phone, as its file. */
function fileOf(CoreHouse $house): string
{
    return HouseWriter::toJson($house->with(entries: $house->entries->identified()));
}

/** @return array{string, array<string, mixed>} something somebody may do to a house as it stands */
function anything(CoreHouse $house, Randomizer $random, string $mark): array
{
    $point = fn(): string => $house->points[$random->getInt(0, count($house->points) - 1)]->id;
    $area = fn(): string => $house->areas[$random->getInt(0, count($house->areas) - 1)]->id;
    $circuit = fn(): string => $house->circuits[$random->getInt(0, count($house->circuits) - 1)]->id;
    $pick = fn(array $all): mixed => $all[$random->getInt(0, count($all) - 1)];

    return match ($random->getInt(0, 13)) {
        0, 1 => ['outlets/' . rawurlencode($point()) . '/notes', ['text' => $mark]],
        2 => ['readings', ['point' => $point(), 'volts' => $random->getInt(1180, 1230) / 10, 'between' => 'hn', 'instrument' => $mark]],
        3 => ['breakers', ['circuit' => $circuit(), 'on' => $random->getInt(0, 1) === 1]],
        4, 5 => ['entry', ['line' => 'ct 20 ' . $pick(['gfci', 'standard', 'afci']), 'area' => $area(), 'last' => null]],
        6 => ['survey/outlets', ['area' => $area(), 'serves' => 'general', 'device' => $pick(['gfci', 'standard'])]],
        7 => ['changes', ['changes' => [['in' => 'points', 'id' => $point(), 'set' => ['device' => $pick(['gfci', 'standard', 'dual'])]]]]],
        8 => ['changes', ['changes' => [['in' => 'points', 'id' => $point(), 'set' => ['name' => $mark]]]]],
        9 => ['rooms/move', ['point' => $point(), 'area' => $area()]],
        10 => ['removals/points', ['id' => $point()]],
        11 => ['order/points', ['id' => $point(), 'before' => $point()]],
        12 => ['observations', ['kind' => 'off', 'circuit' => $circuit(), 'dead' => [$point()], 'live' => []]],
        default => [$pick(['undo', 'undo', 'redo']), []],
    };
}

it('has every acknowledged command exactly once, and both phones end alike, whatever is lost, doubled or late', function (int $seed): void {
    $this->travelTo('2026-03-02 09:00:00');
    $random = new Randomizer(new Mt19937($seed));
    $owner = $this->crewMember();
    $house = $this->demoHouseOf($owner);
    $other = User::query()->create([
        'crew_id' => $owner->crew_id, 'name' => 'Bo Quill', 'email' => 'bo@crew.example', 'password' => 'long enough words',
        'role' => 'electrician',
    ]);
    $phones = [new PhoneInHand($this, $house, $owner, 'phonea'), new PhoneInHand($this, $house, $other, 'phoneb')];
    /** @var array<string, array{path: string, mark: string}> $told by id */
    $told = [];
    for ($step = 0; $step < 60; ++$step) {
        $this->travel($random->getInt(0, 40))->seconds();
        $phone = $phones[$random->getInt(0, 1)];
        $what = $random->getInt(0, 9);
        if ($what < 5) {
            [$path, $body] = anything($phone->pocket()->house(), $random, "mark $seed-$step");
            $id = $phone->tell($path, $body);
            if ($id !== null) {
                $told[$id] = ['path' => $path, 'mark' => "mark $seed-$step"];
            }
        } elseif ($what < 9) {
            // One answer in three is lost: what was done is sent once more.
            $phone->send($random->getInt(0, 2) === 0);
        } else {
            $phone->renew();
        }
    }
    foreach ($phones as $phone) {
        while ($phone->waiting() !== []) {
            $phone->send($random->getInt(0, 3) === 0);
        }
    }
    foreach ($phones as $phone) {
        $phone->renew();
        expect(fileOf($phone->pocket()->house()))->toBe($this->stored($house))->and($phone->pocket()->pending())->toBe([]);
    }
    $done = [...$phones[0]->done, ...$phones[1]->done];
    expect($done)->toHaveCount(count(array_unique($done)))
        ->and(Told::query()->where('status', 200)->pluck('id')->all())->toEqualCanonicalizing($done)
        ->and([...$done, ...$phones[0]->refused, ...$phones[1]->refused])->toEqualCanonicalizing(array_keys($told));
    // Facts are only added: each of them is there once, but for those that were undone.
    $stored = $phones[0]->pocket()->house();
    $marks = array_count_values(array_filter([
        ...array_map(fn(Note $note): string => $note->text, $stored->entries->all(Note::class)),
        ...array_map(fn(MeterReading $one): ?string => $one->instrument, $stored->entries->all(MeterReading::class)),
    ], is_string(...)));
    $undone = array_filter($told, fn(array $one): bool => in_array($one['path'], ['undo', 'redo'], true)) !== [];
    foreach ($done as $id) {
        if (str_ends_with($told[$id]['path'], '/notes') || $told[$id]['path'] === 'readings') {
            $times = $marks[$told[$id]['mark']] ?? 0;
            expect($times)->toBeLessThanOrEqual(1);
            expect($undone || $times === 1)->toBeTrue();
        }
    }
})->with(range(1, 12));
