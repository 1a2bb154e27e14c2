<?php

declare(strict_types=1);

use Bouclier\Core\House\Entries\EntryId;
use Bouclier\Core\House\Entries\EntryList;
use Bouclier\Core\House\Entries\MeterReading;
use Bouclier\Core\House\Entries\Note;
use Bouclier\Core\House\Entries\OpenItem;
use Tests\Core\Build;

it('gives every entry an id of its own, the same wherever it is made', function (): void {
    $one = new MeterReading(point: 'p', volts: 119.0, atTime: '2026-03-02T09:40:00Z');
    [$first, $again, $other] = EntryId::givenToAll([$one, clone $one, new MeterReading(point: 'q')]);
    $read = Build::entry(EntryList::Readings, ['at_time' => '2026-03-02T09:40:00Z', 'volts' => 119, 'point' => 'p']);
    expect($first->id())->toMatch('/^[0-9a-f]{12}$/')
        ->and(EntryId::givenToAll([$read])[0]->id())->toBe($first->id())
        // The same said twice is two entries.
        ->and(array_unique([$first->id(), $again->id(), $other->id()]))->toHaveCount(3)
        ->and(EntryId::givenToAll([$first, $again, $other]))->toBe([$first, $again, $other]);
});

it('keeps an id that was said, and lets of two that say the same one only the first have it', function (): void {
    [$first, $second, $third] = EntryId::givenToAll([new Note('one', id: 'a'), new Note('two', id: 'a'), new Note('three', id: 'b')]);
    expect($first->id())->toBe('a')
        ->and($second->id())->not->toBe('a')->not->toBe('b')
        ->and($second->text)->toBe('two')
        ->and($third->id())->toBe('b');
});

it('names what is added, and finds it by its name', function (): void {
    $house = Build::house()->withEntry(...array_fill(0, 3, new Note('Dog in the yard')));
    $ids = array_map(fn(Note $note): ?string => $note->id, $house->entries->all(Note::class));
    expect(array_unique($ids))->toHaveCount(3)->and(EntryId::placeOf($house->entries->all(Note::class), $ids[1]))->toBe(1)
        ->and(fn() => EntryId::placeOf([], 'x'))->toThrow(OutOfBoundsException::class);
});

it('takes off again what it gave, and nothing that was said', function (): void {
    $list = [new OpenItem('one'), new OpenItem('one'), new OpenItem('two', id: 'mine'), new OpenItem('three')];
    $given = EntryId::givenToAll($list);
    expect(EntryId::unsaid($given))->toEqual($list)
        // One was taken out, of two alike the first: the other keeps its id, as it could not be given it again.
        ->and(EntryId::unsaid(array_slice($given, 1))[0]->id())->toBe($given[1]->id());
    $closed = [$given[3]->closed('Fitted', 'Rosa', '2026-03-04T10:00:00Z')];
    expect(EntryId::unsaid($closed))->toEqual($closed);
});
