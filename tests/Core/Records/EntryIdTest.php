<?php

declare(strict_types=1);

use Bouclier\Core\Records\EntryId;
use Bouclier\Core\Records\Records;
use Tests\Core\Build;

it('gives every entry an id of its own, the same wherever it is made', function (): void {
    $one = (object) ['point' => 'p', 'volts' => 119.0, 'at_time' => '2026-03-02T09:40:00Z'];
    [$first, $again, $other] = EntryId::givenToAll([$one, clone $one, (object) ['point' => 'q']]);
    expect($first->id)->toMatch('/^[0-9a-f]{12}$/')->and(EntryId::given($one, [])->id)->toBe($first->id)
        // The same said twice is two entries.

            ->and($again->id)->not
            ->toBe($first->id)
            ->and($other->id)->not
            ->toBe($first->id)
            ->and(array_keys(get_object_vars($first)))
            ->toBe(['id', 'point', 'volts', 'at_time'])
        ->and(EntryId::givenToAll([$first, $again, $other]))->toBe([$first, $again, $other]);
});

it('keeps an id that was said, and lets of two that say the same one only the first have it', function (): void {
    [$first, $second, $third] = EntryId::givenToAll([
        (object) ['id' => 'a', 'text' => 'one'],
        (object) ['id' => 'a', 'text' => 'two'],
        (object) ['id' => 'b'],
    ]);
    expect($first->id)->toBe('a')
        ->and($second->id)->not->toBe('a')->not->toBe('b')
        ->and($second->text)->toBe('two')
        ->and($third->id)->toBe('b');
});

it('names what is added to the records', function (): void {
    $house = Build::house();
    foreach (range(1, 3) as $ignored) {
        $house = Records::added($house, 'notes', (object) ['text' => 'Dog in the yard']);
    }
    $ids = array_map(fn(stdClass $note): string => $note->id, Records::of($house, 'notes'));
    expect(array_unique($ids))->toHaveCount(3)->and(EntryId::placeOf(Records::of($house, 'notes'), $ids[1]))->toBe(1)
        ->and(fn() => EntryId::placeOf([], 'x'))->toThrow(OutOfBoundsException::class);
});

it('takes off again what it gave, and nothing that was said', function (): void {
    $list = [(object) ['a' => 1], (object) ['a' => 1], (object) ['id' => 'mine', 'a' => 2], (object) ['a' => 3]];
    $given = EntryId::givenToAll($list);
    expect(EntryId::unsaid($given))->toEqual($list)
        // One was taken out, of two alike the first: the other keeps its id, as it could not be given it again.
        ->and(EntryId::unsaid(array_slice($given, 1))[0]->id)->toBe($given[1]->id);
    $closed = [(object) [...get_object_vars($given[3]), 'closed' => true]];
    expect(EntryId::unsaid($closed))->toEqual($closed);
});
