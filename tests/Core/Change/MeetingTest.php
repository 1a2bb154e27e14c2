<?php

declare(strict_types=1);

use Bouclier\Core\Change\Changed;
use Bouclier\Core\Change\ChangedSince;
use Bouclier\Core\Change\Clash;
use Bouclier\Core\Change\Command;
use Bouclier\Core\Change\CommandList;
use Bouclier\Core\Change\Commands\AddOutlet;
use Bouclier\Core\Change\Commands\AddRoom;
use Bouclier\Core\Change\Commands\Edit;
use Bouclier\Core\Change\Commands\EnterLine;
use Bouclier\Core\Change\Commands\RemoveOutlet;
use Bouclier\Core\Change\HouseDocument;
use Bouclier\Core\Change\Patch;
use Bouclier\Core\Change\Told;
use Bouclier\Core\Change\TurnedBack;
use Bouclier\Core\Exchange\BadHouseFile;
use Bouclier\Core\Exchange\Body;
use Bouclier\Core\House\AreaKind;
use Bouclier\Core\House\FixtureKind;
use Bouclier\Core\House\House;
use Bouclier\Core\House\Serves;
use Bouclier\Core\Live\Asker;
use Tests\Core\Build;

/** Two outlets in one room. */
function shared(): House
{
    return Build::house([
        'areas' => [Build::area('liv', 'living', ['code' => 'L1'])],
        'points' => [
            Build::point('p', ['area' => 'liv', 'code' => 'L1-01', 'amps' => 15]),
            Build::point('q', ['area' => 'liv', 'code' => 'L1-02', 'amps' => 15]),
        ],
    ]);
}

function meeting(House $house, Command $command, ?string $id = null, array $gave = [], bool $late = false): Changed
{
    return Changed::by($command, $house, new Asker('2026-03-02T09:40:00Z', 'Ada', command: $id, gave: $gave, isLate: $late));
}

function setting(string $id, array $fields): Edit
{
    return new Edit([new Patch('points', $id, (object) $fields)]);
}

it('clashes where two set the same field otherwise, and nowhere else', function (array $mine, ?string $field): void {
    $theirs = meeting(shared(), setting('p', ['device' => 'gfci', 'name' => 'Theirs']))->parts;
    $clashes = Clash::between(setting('p', $mine)->patches(shared(), new Asker('')), $theirs);
    expect(array_column($clashes, 'field'))->toBe($field === null ? [] : [$field]);
})->with([
    'another field' => [['amps' => 20], null],
    'the same to the same' => [['device' => 'gfci'], null],
    'the same to another' => [['device' => 'dual'], 'device'],
]);

it('clashes with what was taken out, and not with what is taken out', function (): void {
    $gone = meeting(shared(), new RemoveOutlet('p'))->parts;
    expect(Clash::between([new Patch('points', 'p', (object) ['amps' => 20])], $gone)[0]->field)->toBe('')
        ->and(Clash::between([new Patch('points', 'q', (object) ['amps' => 20])], $gone))->toBe([])
        ->and(Clash::between([new Patch('points', 'p', null)], meeting(shared(), setting('p', ['amps' => 20]))->parts))->toBe([]);
});

it('takes a change back field by field, and leaves what others did', function (): void {
    $mine = meeting(shared(), setting('p', ['device' => 'gfci', 'amps' => 20]));
    $theirs = meeting($mine->house, setting('p', ['name' => 'Theirs']));
    $back = TurnedBack::in(HouseDocument::of($theirs->house), $mine->parts)->toHouse();
    expect($back->point('p')->name)->toBe('Theirs')->and($back->point('p')->amps)->toBe(15.0)
        ->and($back->point('p')->device)->toBe(shared()->point('p')->device);
    $same = meeting($theirs->house, setting('p', ['amps' => 30]));
    expect(fn() => TurnedBack::in(HouseDocument::of($same->house), $mine->parts))->toThrow(ChangedSince::class, '"amps"');
    $gone = meeting($theirs->house, new RemoveOutlet('p'));
    expect(fn() => TurnedBack::in(HouseDocument::of($gone->house), $mine->parts))
        ->toThrow(ChangedSince::class, 'not in the house any more');
});

it('takes back what was added only while nobody has worked on it', function (): void {
    $added = meeting(shared(), new AddOutlet('liv', Serves::General, null, null, null, null), 'command-1');
    $new = array_values(array_diff(array_column($added->house->points, 'id'), ['p', 'q']))[0];
    $back = TurnedBack::in(HouseDocument::of($added->house), $added->parts)->toHouse();
    expect(array_column($back->points, 'id'))->toBe(['p', 'q']);
    $worked = meeting($added->house, setting($new, ['name' => 'Theirs']));
    expect(fn() => TurnedBack::in(HouseDocument::of($worked->house), $added->parts))->toThrow(ChangedSince::class, '"name"');
});

it('gives what is new the same ids wherever a command is carried out, whatever was added there before', function (): void {
    $here = shared();
    $there = meeting(shared(), new AddOutlet('liv', Serves::General, null, null, null, null), 'command-1')->house;
    $ids = fn(House $house): array => array_column([...$house->points, ...$house->areas], 'id');
    $fresh = fn(House $house, Command $command): array => array_values(
        array_diff($ids(meeting($house, $command, 'command-2')->house), $ids($house)),
    );
    $commands = [
        new AddOutlet('liv', Serves::General, null, null, null, null),
        new AddRoom(AreaKind::Bathroom, [FixtureKind::Sink, FixtureKind::Bathtub]),
    ];
    foreach ($commands as $command) {
        expect($fresh($here, $command))->toBe($fresh($there, $command))->toHaveCount(1);
    }
    $id = fn(string $command): string => meeting($here, $commands[0], $command)->house->points[2]->id;
    expect($id('command-3'))->not->toBe($id('command-2'));
});

it('finds what is new by the code it had where it was added, if it gets another here', function (): void {
    $new = meeting(shared(), new AddOutlet('liv', Serves::General, null, null, null, null), 'command-2')->house->points[2];
    $there = meeting(shared(), new AddOutlet('liv', Serves::General, null, null, null, null), 'command-1')->house;
    $met = meeting($there, new AddOutlet('liv', Serves::General, null, null, null, null), 'command-2', [$new->id => $new->code])->house;
    expect($met->point($new->id)->code)->toBe('L1-04')->and($met->point($new->id)->formerCodes())->toBe(['L1-03'])
        ->and($met->points[2]->code)->toBe('L1-03');
});

it('renumbers a late part whose code is taken, and refuses that of one who sits here', function (): void {
    $patch = new Patch('points', 'new', (object) [
        'code' => 'L1-02', 'area' => 'liv', 'name' => 'New', 'kind' => 'receptacle', 'device' => 'standard',
    ]);
    expect(fn() => meeting(shared(), new Edit([$patch])))->toThrow(BadHouseFile::class, 'another L1-02')
        ->and(meeting(shared(), new Edit([$patch]), late: true)->house->point('new')->code)->toBe('L1-03');
    // A code that is given by hand to what is there is refused all the same.
    expect(fn() => meeting(shared(), setting('p', ['code' => 'L1-02']), late: true))->toThrow(BadHouseFile::class);
});

it('checks what was changed as if all of the house had been read anew', function (
    string $in,
    string $id,
    array $set,
    string $said,
): void {
    $house = shared();
    $whole = json_decode(Bouclier\Core\Exchange\HouseWriter::toJson($house));
    foreach ($whole->{$in} as $part) {
        if ($part->id === $id) {
            foreach ($set as $key => $value) {
                $part->{$key} = $value;
            }
        }
    }
    try {
        (new Bouclier\Core\Exchange\HouseReader())->fromData($whole);
        $faults = [];
    } catch (BadHouseFile $bad) {
        $faults = array_map(strval(...), $bad->faults);
    }
    try {
        meeting($house, new Edit([new Patch($in, $id, (object) $set)]));
        $found = [];
    } catch (BadHouseFile $bad) {
        $found = array_map(strval(...), $bad->faults);
    }
    expect($found)->toBe($faults)->and(implode(' ', $found))->toContain($said);
})->with([
    'a value there is not' => ['points', 'q', ['device' => 'magic'], '/points/1/device'],
    'a key there is not' => ['points', 'q', ['colour' => 'white'], '/points/1/colour'],
    'a place there is not' => ['points', 'q', ['area' => 'nowhere'], '/points/1/area'],
    'not text' => ['areas', 'liv', ['name' => 7], '/areas/0/name'],
]);

it('finds every command by its address as it is sent, and none elsewhere', function (): void {
    foreach ([...CommandList::FACTS, ...CommandList::CHANGES] as $address => $class) {
        $sent = (string) preg_replace('/\{\w+\}/', 'a%2Fb', $address);
        expect(CommandList::find($sent)[0] ?? null)->toBe($address)->and(is_subclass_of($class, Told::class))->toBeTrue();
    }
    expect(CommandList::find('outlets/a%2Fb/notes'))->toBe(['outlets/{point}/notes', ['point' => 'a/b']])
        ->and(CommandList::find('outlets'))->toBeNull()
        ->and(CommandList::find('readings/more'))->toBeNull();
});

it('says of what is told what is wrong and where', function (string $address, array $body, string $fault): void {
    $said = json_decode((string) json_encode((object) $body), false);
    try {
        CommandList::told($address, Body::of($said));
        $found = 'nothing';
    } catch (BadHouseFile $bad) {
        $found = (string) $bad->faults[0];
    }
    expect($found)->toBe($fault);
})->with([
    'nothing said' => ['breakers', [], '/circuit: "circuit" is missing'],
    'not a flag' => ['breakers', ['circuit' => 'c', 'on' => 'yes'], '/on: must be true or false'],
    'too long' => ['items', ['text' => str_repeat('x', 1001)], '/text: must not be longer than 1000 characters'],
    'no day' => ['items', ['text' => 'x', 'due' => '2026-02-31'], '/due: must be a date, as 2026-12-24'],
    'nothing read' => ['readings', ['point' => 'p'], '/lamps: what was read is missing: lamps, volts, a current, a light or a glow'],
    'a current nowhere' => ['readings', ['point' => 'p', 'ma' => 3], '/cable: "cable" is missing'],
    'too much' => ['readings', ['point' => 'p', 'volts' => 4000], '/volts: must not be over 1000'],
    'out of a list' => ['survey/rooms', ['kind' => 'cellar'], '/kind: must be one of ' . implode(
        ', ',
        array_column(AreaKind::cases(), 'value'),
    )],
    'in a list' => ['survey/rooms', ['kind' => 'kitchen', 'water' => ['sink', 'sea']], '/water/1: must be one of ' . implode(
        ', ',
        array_column(FixtureKind::cases(), 'value'),
    )],
    'in a part' => ['proofs', ['point' => 'p', 'reference' => false, 'low_z' => true, 'way' => 'seen_live', 'readings' => [['volts' => 1]]],
        '/readings/0/between: "between" is missing'],
    'no such action' => ['call/tests', ['tests' => [['action' => ['do' => 'pray'], 'reading' => []]]], '/tests/0/action/do: must be one of '
        . implode(', ', array_map(
            fn(string $kind): string => $kind::name(),
            array_filter(Bouclier\Core\Actions\Kinds::ALL, fn(string $kind): bool => $kind::canBeDone()),
        ))],
    'what is only added' => [
        'changes',
        ['changes' => [['in' => 'house', 'set' => ['records' => []]]]],
        '/changes/0/set/records: is only added to, entry by entry',
    ],
]);

it('reads a line where the line before left, and says what is not understood', function (): void {
    $line = new EnterLine('20 gfci', 'liv', null);
    expect($line->read(shared(), new Asker(''))->echo)->toStartWith('L1-03')
        ->and((new EnterLine('20 gfci', null, null))->read(shared(), new Asker(''))->isReady())->toBeFalse()
        ->and((new EnterLine('20 gfci', null, null))->after('liv', null)->read(shared(), new Asker(''))->isReady())->toBeTrue();
    expect(fn() => (new EnterLine('gfcii', 'liv', null))->on(shared(), new Asker('')))
        ->toThrow(Bouclier\Core\Change\NotUnderstood::class, '"gfcii" is not a word of this line');
});
