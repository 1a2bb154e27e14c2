<?php

declare(strict_types=1);

use Bouclier\Core\Actions\Kinds;
use Bouclier\Core\Exchange\BadHouseFile;
use Bouclier\Core\Exchange\Body;
use Bouclier\Core\Exchange\HouseWriter;
use Bouclier\Core\Practice\Cases;
use Bouclier\Core\Practice\DeedReader;
use Bouclier\Core\Practice\Deeds\Deed;
use Bouclier\Core\Practice\NotPossible;
use Bouclier\Core\Practice\Offers;
use Bouclier\Core\Practice\Visit;
use Tests\Core\Practice\Walk;

const OFF = ['do' => 'breaker', 'circuit' => 'c1', 'on' => false];
const ON = ['do' => 'breaker', 'circuit' => 'c1', 'on' => true];
const PROVED = ['do' => 'read_dead', 'point' => 'k3'];
const OPENED = ['do' => 'open_box', 'point' => 'k3'];
const IN_K3 = [OFF, PROVED, OPENED];
const LIFTED = ['do' => 'lift', 'point' => 'k3', 'pair' => 'w-k4', 'on' => false];

/** @return list<Deed> */
function deeds(string $case, array $said): array
{
    return DeedReader::read(Cases::named($case), Body::of(json_decode(json_encode(['deeds' => $said]))));
}

function visited(array $said, string $case = 'written-correct-everywhere'): Visit
{
    return Visit::of(Cases::named($case), deeds($case, $said));
}

/** The rule that stopped the last deed. */
function stoppedBy(array $said, string $case = 'written-correct-everywhere'): ?string
{
    $steps = visited($said, $case)->steps();

    return $steps[count($steps) - 1]->danger?->rule;
}

it('stops hands in a box that was not proved dead', function (array $before, array $deed): void {
    expect(stoppedBy([...$before, $deed]))->toBe('HandsNotProved');
})->with([
    'nothing was read' => [[], OPENED],
    'the breaker is off, and nothing more' => [[OFF], OPENED],
    'read while the breaker was on' => [[PROVED], OPENED],
    'another breaker is off' => [[['do' => 'breaker', 'circuit' => 'c2', 'on' => false], PROVED], OPENED],
    'proved at another box' => [[OFF, ['do' => 'read_dead', 'point' => 'k2']], OPENED],
    'power came back since it was proved' => [[OFF, PROVED, ON, OFF], OPENED],
    'dead by the device alone' => [[['do' => 'press_test', 'at' => ['point' => 'k1']], PROVED], OPENED],
    'in the box, after power came back' => [[...IN_K3, ['do' => 'cap', 'point' => 'k3'], ON], LIFTED],
]);

it('stops hands on the word of a meter that nobody tried', function (): void {
    expect(stoppedBy([OFF, ['do' => 'read_once', 'point' => 'k3'], OPENED]))->toBe('MeterNotTried')
        ->and(stoppedBy([OFF, ['do' => 'read_once', 'point' => 'k3'], PROVED, OPENED]))->toBeNull()
        ->and(stoppedBy([OFF, PROVED, ['do' => 'read_once', 'point' => 'k3'], OPENED]))->toBeNull()
        ->and(stoppedBy([OFF, PROVED, ON, OFF, ['do' => 'read_once', 'point' => 'k3'], OPENED]))->toBe('MeterNotTried');
});

it('stops power onto pairs that are apart', function (): void {
    expect(stoppedBy([...IN_K3, ON]))->toBe('PowerOnApart')
        ->and(stoppedBy([...IN_K3, LIFTED, ON]))->toBe('PowerOnApart')
        ->and(stoppedBy([...IN_K3, ['do' => 'reset', 'at' => ['circuit' => 'c1']]]))->toBe('PowerOnApart')
        ->and(stoppedBy([...IN_K3, LIFTED, ['do' => 'make_up', 'point' => 'k3'], ON]))->toBeNull()
        ->and(stoppedBy([...IN_K3, ['do' => 'cap', 'point' => 'k3'], ON]))->toBeNull();
});

it('reads a live box only where every conductor is capped', function (): void {
    $read = ['do' => 'volts', 'at' => ['cable' => 'w-k4', 'end' => 'from'], 'between' => 'hn', 'low_z' => true];
    expect(fn(): Visit => visited([OFF, PROVED, $read]))->toThrow(NotPossible::class, 'is not open')
        ->and(stoppedBy([...IN_K3, ON, $read]))->toBeNull()
        ->and(visited([...IN_K3, ON, $read])->steps()[4]->read)->toBe('0 V')
        ->and(visited([...IN_K3, ['do' => 'cap', 'point' => 'k3'], ON, $read])->steps()[5]->danger)->toBeNull();
});

it('stops the third time a breaker is closed into a short, and no other', function (): void {
    $close = ['do' => 'reset', 'at' => ['circuit' => 'c1']];
    expect(stoppedBy([$close], 'written-bang-and-dark'))->toBeNull()
        ->and(stoppedBy([$close, $close], 'written-bang-and-dark'))->toBeNull()
        ->and(stoppedBy([$close, $close, $close], 'written-bang-and-dark'))->toBe('ClosedIntoShort')
        ->and(stoppedBy([$close, $close, ['do' => 'unplug_all', 'circuit' => 'c1'], $close], 'written-bang-and-dark'))->toBeNull()
        ->and(stoppedBy(array_fill(0, 5, ['do' => 'reset', 'at' => ['point' => 'k1']])))->toBeNull();
});

it('goes on from before what stopped it: nothing is done, and no minute is gone', function (): void {
    $visit = visited([OFF, OPENED]);
    expect($visit->minutes())->toBe(2.0)->and($visit->opened())->toBe([])->and($visit->steps()[1]->danger?->wouldHave)->not->toBe('')
        ->and(visited([OFF, OPENED, PROVED, OPENED])->opened())->toBe(['k3']);
});

it('says what would have flowed: LINE is live behind a device that has tripped', function (): void {
    $steps = visited([['do' => 'press_test', 'at' => ['point' => 'k1']], ['do' => 'open_box', 'point' => 'k1']])->steps();
    expect($steps[1]->danger?->wouldHave)->toMatch('/1[12]\d V/');
});

it('shows what the model shows, and nothing else', function (): void {
    $case = Cases::named('written-correct-everywhere');
    $said = [
        ['do' => 'reset', 'at' => ['point' => 'k1']], ['do' => 'unplug_all', 'circuit' => 'c1'],
        ['do' => 'reset', 'at' => ['point' => 'k1']],
        ['do' => 'tester', 'at' => ['point' => 'k4']], ['do' => 'walk'],
    ];
    $model = $case->simulation();
    $shown = array_map(fn(array $one): array => $model->act(Kinds::said($one))->toData(), $said);
    expect(array_map(fn($test): array => $test->reading->said(), visited($said)->tests()))->toBe($shown);
});

it('is the same visit for the same deeds, and leaves the recorded house as it is', function (): void {
    $said = [['do' => 'reset', 'at' => ['point' => 'k1']], ...IN_K3, LIFTED];
    $before = HouseWriter::toJson(Cases::named('written-correct-everywhere')->house);
    $steps = fn(): array => array_map(fn($step): array => [$step->read, $step->at, $step->open], visited($said)->steps());
    expect($steps())->toBe($steps())
        ->and(HouseWriter::toJson(Cases::named('written-correct-everywhere')->house))->toBe($before);
});

it('offers every action of the model where it can be done, and each that is offered can be read again', function (): void {
    $offered = [];
    $inK1 = [OFF, ['do' => 'read_dead', 'point' => 'k1'], ['do' => 'open_box', 'point' => 'k1']];
    $thing = fn(string $do): array => [['do' => $do, 'appliance' => 'a1']];
    foreach ([[], $thing('unplug'), IN_K3, $inK1, [...IN_K3, LIFTED], $thing('without_cord')] as $said) {
        $case = isset($said[0]['appliance']) ? 'written-the-orange-cord' : 'written-correct-everywhere';
        $visit = visited($said, $case);
        foreach (Walk::offered($visit) as $deed) {
            $offered[$deed->said()['do']] = true;
            expect(deeds($case, [$deed->said()])[0]->isSame($deed))->toBeTrue()
                ->and($deed->minutes($visit))->toBeGreaterThan(0.0)
                ->and($deed->done($visit->places))->not->toBe('');
        }
    }
    $can = array_map(fn(string $kind): string => $kind::name(), array_filter(Kinds::ALL, fn(string $kind): bool => $kind::canBeDone()));
    expect(array_diff($can, array_keys($offered)))->toBe([])
        ->and($offered)->toHaveKeys(['read_dead', 'read_once', 'open_box', 'make_up', 'cap']);
});

it('offers nothing in a box that is closed', function (): void {
    $offers = new Offers(visited([]));
    expect($offers->inBox('k3'))->toBe([])->and($offers->atPair('k3', 'w-k3'))->toBe([]);
});

it('does not do what cannot be done, and says what is missing', function (array $said, string $missing): void {
    expect(fn(): Visit => visited($said))->toThrow(NotPossible::class, $missing);
})->with([
    'a closed box is not looked into' => [[OFF, PROVED, ['do' => 'inspect', 'at' => ['point' => 'k3']]], 'is not open'],
    'an open one is not opened' => [[...IN_K3, OPENED], 'open already'],
    'a closed one is not made up' => [[OFF, PROVED, ['do' => 'make_up', 'point' => 'k3']], 'not open'],
    'runs are not traced twice' => [[['do' => 'trace_runs']], 'traced already'],
]);

it('draws no run that nobody has traced', function (): void {
    expect(visited([], 'written-dead-basin')->isTraced())->toBeFalse()
        ->and(visited([['do' => 'trace_runs']], 'written-dead-basin')->isTraced())->toBeTrue()
        ->and(visited([['do' => 'trace_runs']], 'written-dead-basin')->minutes())->toBe(15.0);
});

it('refuses deeds of no kind and at no place, and says which', function (mixed $said, string $message): void {
    expect(fn(): array => deeds('written-correct-everywhere', [$said]))->toThrow(BadHouseFile::class, $message);
})->with([
    [['do' => 'dance'], 'must be one of'],
    [['do' => 'open_box', 'point' => 'x9'], 'there is no point "x9"'],
    [['do' => 'open_box'], 'missing'],
    [['do' => 'reset', 'at' => ['point' => 'x9']], 'x9'],
    [['do' => 'residual', 'at' => ['point' => 'k1']], 'must be one of'],
    [['point' => 'k1'], 'missing'],
    ['reset', 'object'],
]);
