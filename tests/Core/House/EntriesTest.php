<?php

declare(strict_types=1);

use Bouclier\Core\Exchange\HouseReader;
use Bouclier\Core\Exchange\HouseWriter;
use Bouclier\Core\House\Entries\DeadProof;
use Bouclier\Core\House\Entries\Entries;
use Bouclier\Core\House\Entries\EntryList;
use Bouclier\Core\House\Entries\MeterReading;
use Bouclier\Core\House\Entries\Note;
use Bouclier\Core\House\Entries\Seen;
use Bouclier\Core\House\Entries\SeenKind;
use Bouclier\Core\House\Entries\Switched;
use Bouclier\Core\House\Entries\VoltReading;
use Bouclier\Core\House\Loose;
use Bouclier\Core\House\NotThere;
use Bouclier\Core\House\ProofWay;
use Tests\Core\Build;

it('holds each kind in the list of its own', function (): void {
    foreach (EntryList::cases() as $list) {
        expect($list->of()::list())->toBe($list)->and($list->label())->not->toBe('');
    }
    expect(array_map(fn(EntryList $list): string => $list->key(), array_slice(EntryList::records(), 0, 2)))->toBe(['proofs', 'switched']);
});

it('adds at the end, each with an id, and leaves the other lists as they are', function (): void {
    $entries = (new Entries())->added(new Note('one'), new Switched(true, 'c1'))->added(new Note('two'));
    expect(array_map(fn(Note $note): string => $note->text, $entries->all(Note::class)))->toBe(['one', 'two'])
        ->and($entries->all(Switched::class)[0]->id())->not->toBeNull()
        ->and($entries->all(MeterReading::class))->toBe([])
        ->and($entries->added(new Note('three'))->in(EntryList::Switched))->toBe($entries->in(EntryList::Switched));
});

it('tells a list that is empty from one that nobody has', function (): void {
    $empty = (new Entries())->added(new Note('one'))->emptied();
    expect($empty->has(EntryList::Notes))->toBeTrue()->and($empty->all(Note::class))->toBe([])
        ->and($empty->leftOut(EntryList::Notes)->has(EntryList::Notes))->toBeFalse()
        ->and((new Entries())->has(EntryList::Notes))->toBeFalse();
});

it('takes out one by its id, and says when there is none', function (): void {
    $entries = (new Entries())->added(new Note('one', id: 'a'), new Note('two', id: 'b'));
    expect($entries->without(EntryList::Notes, 'a')->all(Note::class)[0]->text)->toBe('two')
        ->and(fn() => $entries->without(EntryList::Notes, 'c'))->toThrow(NotThere::class, 'No entry "c" in this house')
        ->and(fn() => $entries->without(EntryList::Photos, 'a'))->toThrow(NotThere::class);
});

it('comes through the file with all it says, and what others keep beside it', function (): void {
    $said = [
        'observations' => [
            ['kind' => 'trip', 'at' => 'g', 'dead' => ['p'], 'live' => [], 'already_dead' => ['q'], 'back' => ['p']],
            ['kind' => 'pair', 'point' => 'g', 'live' => false, 'pair' => 'a', 'by' => 'non_contact', 'x' => ['ours' => 1]],
        ],
        'tests' => [['action' => ['do' => 'walk'], 'reading' => (object) [], 'id' => 't']],
        'records' => ['notes' => [], 'photos' => [['file' => 'a.jpg', 'area' => 'a']], 'x' => ['ours' => true]],
    ];
    $house = Build::house($said + ['points' => [Build::point('g', ['device' => 'gfci']), Build::point('p'), Build::point('q')]]);
    $written = json_decode(HouseWriter::toJson($house), true);
    expect($written['observations'])->toBe($said['observations'])->and($written['records'])->toEqual($said['records'])
        ->and($written['tests'])->toBe([['action' => ['do' => 'walk'], 'reading' => [], 'id' => 't']])
        ->and(HouseWriter::toJson($house))->toContain('"reading": {}')
        ->and((new HouseReader())->fromJson(HouseWriter::toJson($house))->entries)->toEqual($house->entries);
});

it('keeps what a proof says apart from what is taken for granted where it says nothing', function (): void {
    $bare = new DeadProof(['c1'], [new VoltReading(0.2, 'p'), new VoltReading(0.1, 'q'), new VoltReading(0.1, 'p')]);
    expect($bare->limitVolts())->toBe(5.0)->and($bare->way())->toBe(ProofWay::SeenLive)->and($bare->points())->toBe(['p', 'q'])
        ->and($bare->isOlderThanAShift('2026-03-02T10:00:00Z'))->toBeTrue()
        ->and((new DeadProof([], [], atTime: '2026-03-02T03:00:00Z'))->isOlderThanAShift('2026-03-02T10:00:00Z'))->toBeFalse()
        ->and($bare->withdrawn('2026-03-02T10:00:00Z', 'it read live')->withdrawnWhy)->toBe('it read live')
        ->and($bare->withdrawnAt)->toBeNull();
});

it('forgets points that are taken out, wherever a walk listed them', function (): void {
    $seen = new Seen(SeenKind::Trip, at: 'g', dead: ['p', 'q'], live: ['r', 'p'], alreadyDead: ['p'], back: ['q']);
    expect($seen->withoutPoints(['p']))
        ->toMatchObject(['dead' => ['q'], 'live' => ['r'], 'alreadyDead' => [], 'back' => ['q'], 'at' => 'g'])
        ->and((new Seen(SeenKind::Pair, live: true))->withoutPoints(['p'])->live)->toBeTrue()
        ->and((new Seen(SeenKind::Pair, live: true))->livePoints())->toBe([]);
});

it('reads what has no fixed keys by the kind of value that is looked for, and no other', function (): void {
    $said = Build::loose([
        'do' => 'volts', 'at' => ['point' => 'p'], 'ma' => '4.5', 'on' => false, 'tripped' => ['g', 7], 'by' => ['g' => 1, 'c1' => 'x'],
        'of' => [['kind' => 'leak'], 'no object', ['kind' => 'arc']],
    ])[0];
    expect($said->text('do'))->toBe('volts')->and($said->text('ma'))->toBe('4.5')->and($said->number('ma'))->toBe(4.5)
        ->and($said->number('do'))->toBeNull()->and($said->flag('on'))->toBeFalse()->and($said->flag('do'))->toBeNull()
        ->and($said->listed('tripped'))->toBe(['g'])->and($said->listed('do'))->toBeNull()
        ->and($said->numbers('by'))->toBe(['g' => 1.0])->and($said->spot('at')?->point)->toBe('p')->and($said->spot('do'))->toBeNull()
        ->and(array_map(fn(Loose $part): ?string => $part->text('kind'), $said->parts('of')))->toBe(['leak', 'arc'])
        ->and($said->isList('of'))->toBeTrue()->and($said->isList('at'))->toBeFalse()->and($said->parts('at'))->toHaveCount(1)
        ->and($said->has('missing'))->toBeFalse()->and($said->with(['do' => 'clamp'])->text('do'))->toBe('clamp')
        ->and(json_encode(new Loose()))->toBe('{}');
});
