<?php

declare(strict_types=1);

use Bouclier\Core\Change\Changed;
use Bouclier\Core\Change\Command;
use Bouclier\Core\Change\Commands\AddItem;
use Bouclier\Core\Change\Commands\AddNote;
use Bouclier\Core\Change\Commands\AddPhoto;
use Bouclier\Core\Change\Commands\AnswerQuestions;
use Bouclier\Core\Change\Commands\CloseCall;
use Bouclier\Core\Change\Commands\Edit;
use Bouclier\Core\Change\Commands\FileReading;
use Bouclier\Core\Change\Commands\FileTests;
use Bouclier\Core\Change\Commands\KeepRuns;
use Bouclier\Core\Change\Commands\LockBreaker;
use Bouclier\Core\Change\Commands\MoveOutlet;
use Bouclier\Core\Change\Commands\MoveRoom;
use Bouclier\Core\Change\Commands\NoteBox;
use Bouclier\Core\Change\Commands\Observe;
use Bouclier\Core\Change\Commands\RemoveOutlet;
use Bouclier\Core\Change\Commands\SayCannot;
use Bouclier\Core\Change\Commands\TakePage;
use Bouclier\Core\Change\Commands\TellCall;
use Bouclier\Core\Change\Commands\TestDevice;
use Bouclier\Core\Change\Commands\TurnBreaker;
use Bouclier\Core\Change\Commands\TurnForTest;
use Bouclier\Core\Change\Commands\TurnMain;
use Bouclier\Core\Change\Commands\WithdrawObservation;
use Bouclier\Core\Change\Commands\WithdrawTest;
use Bouclier\Core\Change\Happening;
use Bouclier\Core\Change\PartChange;
use Bouclier\Core\Change\Patch;
use Bouclier\Core\Diagnose\Conclusion;
use Bouclier\Core\Exchange\BadHouseFile;
use Bouclier\Core\House\BoxState;
use Bouclier\Core\House\Complaint;
use Bouclier\Core\House\Entries\BoxNoted;
use Bouclier\Core\House\Entries\ClosedCall;
use Bouclier\Core\House\Entries\DeviceTest;
use Bouclier\Core\House\Entries\EntryList;
use Bouclier\Core\House\Entries\MeterReading;
use Bouclier\Core\House\Entries\Note;
use Bouclier\Core\House\Entries\OpenItem;
use Bouclier\Core\House\Entries\Photo;
use Bouclier\Core\House\Entries\Seen;
use Bouclier\Core\House\Entries\SeenKind;
use Bouclier\Core\House\Entries\Switched;
use Bouclier\Core\House\Entries\TestButton;
use Bouclier\Core\House\Entries\TestDone;
use Bouclier\Core\House\House;
use Bouclier\Core\House\NotThere;
use Bouclier\Core\House\SymptomKind;
use Bouclier\Core\Live\Asker;
use Tests\Core\Build;

const DONE_AT = '2026-03-02T09:40:00Z';

function workplace(array $more = []): House
{
    return Build::house($more + [
        'areas' => [Build::area('a'), Build::area('b')],
        'circuits' => [Build::circuit('c1'), Build::circuit('c2')],
        'points' => [Build::point('g', ['device' => 'gfci']), Build::point('p'), Build::point('q', ['area' => 'b'])],
        'cables' => [Build::cable('c1', 'g'), Build::cable('g', 'p', 'load'), Build::cable('c2', 'q')],
        'appliances' => [['id' => 'kettle', 'name' => 'Kettle', 'at' => 'p']],
    ]);
}

function by(): Asker
{
    return new Asker(DONE_AT, 'Ada');
}

/** The house that comes of commands, one after the other. */
function after(House $house, Command ...$commands): House
{
    return array_reduce($commands, fn(House $now, Command $command): House => Changed::by($command, $now, by())->house, $house);
}

it('files what is said with who said it and when, at the outlet it is about', function (Command $command, string $kind): void {
    $house = after(workplace(), $command);
    $entry = $house->entries->all($kind)[0];
    expect($entry)->toMatchObject(['who' => 'Ada', 'atTime' => DONE_AT, 'point' => 'g'])->and($entry->id())->toMatch('/^[0-9a-f]{12}$/');
})->with([
    'a note' => [new AddNote('g', 'Crowded'), Note::class],
    'a photograph' => [new AddPhoto('g', 'a.jpg', str_repeat('0', 64), 'image/jpeg'), Photo::class],
    'a test of its device' => [new TestDevice('g', TestButton::Own, true, 25.0), DeviceTest::class],
    'the state of its box' => [new NoteBox('g', BoxState::Apart), BoxNoted::class],
    'a reading' => [new FileReading(new MeterReading(point: 'g', volts: 121.0)), MeterReading::class],
    'what is left to do' => [new AddItem(new OpenItem('A cover', point: 'g')), OpenItem::class],
    'what was seen of the runs' => [new Observe(new Seen(SeenKind::Open, point: 'g', pairs: 2)), Seen::class],
]);

it('lets stand who filed it and when, where it says so itself', function (): void {
    $said = new OpenItem('A cover', atTime: '2026-03-01T08:00:00Z', who: 'Bo');
    expect(after(workplace(), new AddItem($said))->entries->all(OpenItem::class)[0])
        ->toMatchObject(['who' => 'Bo', 'atTime' => '2026-03-01T08:00:00Z']);
});

it('names what an outlet, a breaker or an entry is not there', function (Command $command): void {
    expect(fn() => $command->on(workplace(), by()))->toThrow(NotThere::class);
})->with([
    [new AddNote('x', 'Crowded')], [new AddPhoto('x', 'a.jpg', '', 'image/jpeg')], [new TestDevice('x', TestButton::Own, true)],
    [new NoteBox('x', BoxState::Apart)], [new TurnBreaker('x', false)], [new TurnMain('x', false)],
    [new LockBreaker('x', false, 'Ada')], [new MoveOutlet('p', 'x')], [new MoveRoom('x', null)], [new RemoveOutlet('x')],
    [new WithdrawObservation('x')], [new WithdrawTest('x')],
]);

it('refuses what speaks of what the house does not have, and says what and where', function (Command $command, string $pointer): void {
    try {
        $command->on(workplace(), by());
        expect(false)->toBeTrue('nothing was refused');
    } catch (BadHouseFile $bad) {
        expect($bad->faults[0]->pointer)->toBe($pointer);
    }
})->with([
    'a reading elsewhere' => [new FileReading(new MeterReading(point: 'x', volts: 1.0)), '/point'],
    'a cable of another outlet' => [new FileReading(new MeterReading(point: 'q', ma: 1.0, cable: 'c1-g')), '/cable'],
    'a call about nothing' => [new TellCall(new Complaint(SymptomKind::Trips, 'x')), '/symptom/at'],
    'a test of nothing' => [
        new FileTests([new TestDone(...Build::loose(['do' => 'unplug', 'appliance' => 'x'], []))]),
        '/tests/0/action/appliance',
    ],
    'a walk past nothing' => [new Observe(new Seen(SeenKind::Off, 'c1', dead: ['x'], live: [])), '/observations/0/dead/0'],
    'a part that is none' => [new Edit([new Patch('points', 'p', (object) ['device' => 'gate'])]), '/points/1/device'],
]);

it('turns breakers and mains as happenings, which no undo turns back', function (): void {
    $house = workplace();
    $off = after($house, new TurnBreaker('c1', false), new TurnMain('main', false));
    expect(array_map(fn(Switched $one): array => [$one->circuit, $one->panel, $one->on], $off->entries->all(Switched::class)))
        ->toBe([['c1', null, false], [null, 'main', false]])
        ->and(new TurnBreaker('c1', true))->toBeInstanceOf(Happening::class)
        ->and((new TurnBreaker('c1', true))->summary($house))->toBe('A breaker turned on')
        // Whatever is brought back on paper, what was turned stays turned.
        ->and(Changed::backTo($house, $off, DONE_AT)->house->entries->all(Switched::class))->toHaveCount(2);
});

it('turns in the live bar what was turned for a test, with the mains before it', function (): void {
    $tests = new FileTests([
        new TestDone(...Build::loose(['do' => 'breaker', 'circuit' => 'c1', 'on' => false], ['tripped' => []])),
        new TestDone(...Build::loose(['do' => 'breaker', 'circuit' => 'c1', 'on' => true], ['tripped' => []])),
        new TestDone(...Build::loose(['do' => 'walk'], ['dead' => []])),
    ]);
    [$off, $on] = $tests->leadsTo();
    $house = after(workplace(), new TurnMain('main', false), $off, $on);
    expect($tests->leadsTo())->toHaveCount(2)->and($on)->toBeInstanceOf(TurnForTest::class)
        ->and($off->summary($house))->toBe('A breaker turned for a test')
        ->and(array_map(fn(Switched $one): bool => $one->on, $house->entries->all(Switched::class)))->toBe([false, false, true, true]);
});

it('opens a box with an observation that counts its pairs, and speaks of it in the history', function (): void {
    $open = new Observe(new Seen(SeenKind::Open, point: 'g', pairs: 2));
    $house = after(workplace(), $open);
    expect($house->entries->all(BoxNoted::class)[0]->state)->toBe(BoxState::Opened)
        ->and($open->summary(workplace()))->toContain('X-g')
        ->and(after($house, new WithdrawObservation($house->entries->all(Seen::class)[0]->id ?? ''))->entries->all(Seen::class))->toBe([]);
});

it('keeps as cables what is certain of the runs', function (): void {
    $house = workplace([
        'points' => [Build::point('g', ['device' => 'gfci']), Build::point('p')], 'cables' => [Build::cable('c1', 'g')],
        'observations' => [['kind' => 'trip', 'at' => 'g', 'dead' => ['g', 'p'], 'live' => []]],
    ]);
    expect(after($house, new KeepRuns())->cables)->toHaveCount(2);
});

it('takes a call from its first words to its end, and leaves what is left to do', function (): void {
    $told = after(
        workplace(),
        new TellCall(new Complaint(SymptomKind::Trips, 'g')),
        new AnswerQuestions(['water' => 'Yes']),
        new SayCannot('clamp', true),
        new FileTests([new TestDone(...Build::loose(['do' => 'unplug', 'appliance' => 'kettle'], ['tripped' => []]))]),
    );
    $end = after($told, new CloseCall(new Conclusion(true, 'The kettle leaks', null), 'New kettle', 'Look at the bath', '2026-04-01'));
    expect($told->call->symptom?->who)->toBe('Ada')->and($told->entries->all(TestDone::class)[0])
        ->toMatchObject(['who' => 'Ada', 'atTime' => DONE_AT])
        ->and($told->call->symptom?->answers)->toBe(['water' => 'Yes'])->and($told->call->cannot)->toBe(['clamp'])
        ->and(after($told, new WithdrawTest($told->entries->all(TestDone::class)[0]->id ?? ''))->entries->all(TestDone::class))->toBe([])
        ->and($end->call->symptom)->toBeNull()->and($end->call->cannot)->toBeNull()->and($end->entries->has(EntryList::Tests))->toBeFalse()
        ->and($end->entries->all(ClosedCall::class)[0])->toMatchObject(['cause' => 'The kettle leaks', 'text' => 'New kettle'])
        ->and($end->entries->all(ClosedCall::class)[0]->tests)->toHaveCount(1)
        ->and($end->entries->all(OpenItem::class)[0])
        ->toMatchObject(['text' => 'Look at the bath', 'due' => '2026-04-01', 'source' => 'the call']);
});

it('takes what a householder noted into the call, days of a trial or answers', function (): void {
    $house = after(workplace(), new TellCall(new Complaint(SymptomKind::Trips, 'g')));
    $trial = Build::loose(['do' => 'trial', 'at' => ['point' => 'g'], 'days' => 10])[0];
    $back = after($house, new TakePage($trial, ['2026-03-01' => 'no', '2026-03-02' => 'yes'], 'p1'));
    expect($back->entries->all(TestDone::class)[0]->reading->said())->toBe(['trips' => 1])
        ->and(after($house, new TakePage(null, ['age' => 'New'], 'p1'))->call->symptom?->answers)->toBe(['age' => 'New'])
        ->and(after($house, new TakePage($trial, [], 'p1'))->entries->all(TestDone::class))->toBe([]);
});

it('sets parts of the house, and says which of it is another', function (): void {
    $edit = new Edit([new Patch('points', 'p', (object) ['name' => 'By the door']), new Patch('appliances', 'kettle', null)]);
    $changed = Changed::by($edit, workplace(), by());
    expect($changed->house->point('p')->name)->toBe('By the door')->and($changed->house->appliances)->toBe([])
        ->and(array_map(fn(PartChange $part): array => [$part->in, $part->id], $changed->parts))
        ->toBe([['points', 'p'], ['appliances', 'kettle']])
        ->and(Changed::by(new Edit([]), workplace(), by())->parts)->toBe([]);
});

it('moves rooms and outlets in the walking order, and takes them out', function (): void {
    $ids = fn(House $house): array => array_column($house->points, 'id');
    expect($ids(after(workplace(), new MoveOutlet('p', 'g'))))->toBe(['p', 'g', 'q'])
        ->and($ids(after(workplace(), new MoveOutlet('g', null))))->toBe(['p', 'q', 'g'])
        ->and(array_column(after(workplace(), new MoveRoom('b', 'a'))->areas, 'id'))->toBe(['b', 'a'])
        ->and($ids(after(workplace(), new RemoveOutlet('p'))))->toBe(['g', 'q']);
});

it('brings a house back, but for what happened in it since', function (): void {
    $then = workplace();
    $now = after($then, new TurnBreaker('c1', false), new AddNote('p', 'Later'), new AddItem(new OpenItem('Later too')));
    $back = Changed::backTo($then, $now, DONE_AT);
    expect($back->house->entries->all(Note::class))->toBe([])->and($back->house->entries->all(OpenItem::class))->toBe([])
        ->and($back->house->entries->all(Switched::class))->toHaveCount(1)
        ->and(array_map(fn(PartChange $part): string => $part->in, $back->parts))->toContain('records/notes', 'records/open_items')
        ->and(array_map(fn(PartChange $part): string => $part->in, $back->parts))->not->toContain('records/switched');
});
