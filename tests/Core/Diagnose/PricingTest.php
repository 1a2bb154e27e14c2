<?php

declare(strict_types=1);

use Bouclier\Core\Actions\Action;
use Bouclier\Core\Actions\ActionList;
use Bouclier\Core\Diagnose\Foresight;
use Bouclier\Core\Diagnose\Pricing;
use Bouclier\Core\Diagnose\Proposal;
use Bouclier\Core\Diagnose\Reachable;
use Bouclier\Core\Diagnose\Symptom;
use Bouclier\Core\Diagnose\Test;
use Bouclier\Core\Exchange\CallReader;
use Bouclier\Core\Exchange\HouseReader;
use Bouclier\Core\Faults\Lenders;
use Bouclier\Core\Feed\FeedMap;
use Bouclier\Core\House\Call;
use Bouclier\Core\House\Circuit;
use Bouclier\Core\House\Complaint;
use Bouclier\Core\House\House;
use Bouclier\Core\House\HouseChecks;
use Bouclier\Core\House\Point;
use Bouclier\Core\House\SymptomKind;
use Bouclier\Core\Network\Condition;
use Tests\Core\Build;
use Tests\Core\RandomHouse;

/** A GFCI g with p and q beyond it and a lamp at q; a second circuit with r; a third, with s in another room. */
function siteHouse(array $more = []): House
{
    return Build::house($more + [
        'areas' => [Build::area('a'), Build::area('b')], 'circuits' => [Build::circuit('c1'), Build::circuit('c2'), Build::circuit('c3')],
        'points' => [
            Build::point('g', ['device' => 'gfci']),
            Build::point('p'),
            Build::point('q'),
            Build::point('r'),
            Build::point('s', ['area' => 'b']),
        ],
        'cables' => [
            Build::cable('c1', 'g', more: ['id' => 'w1']),
            Build::cable('g', 'p', 'load', more: ['id' => 'w2']),
            Build::cable('p', 'q', more: ['id' => 'w3']),
            Build::cable('c2', 'r', more: ['id' => 'w4']),
            Build::cable('c3', 's', more: ['id' => 'w5']),
        ],
        'appliances' => [['id' => 'lamp', 'name' => 'Lamp', 'at' => 'q', 'watts' => 60]],
        'symptom' => ['kind' => 'trips', 'at' => 'g', 'when' => 'at_once'],
    ]);
}

/** @return list<Action> */
function actionsOf(array ...$actions): array
{
    return ActionList::of(siteHouse(['actions' => $actions]))->all;
}

/**
 * What something costs, after what was done.
 *
 * @param list<array{array<string, mixed>, array<string, mixed>}> $done actions with their readings
 */
function pricedAt(array $actions, array $done = [], array $cannot = []): ?Proposal
{
    $house = siteHouse(['tests' => array_map(fn(array $one): array => ['action' => $one[0], 'reading' => (object) $one[1]], $done)]);
    $wrong = [];
    $tests = Test::of($house, $wrong);
    $symptom = Symptom::of($house, $wrong);
    assert($wrong === [] && $symptom !== null);
    $feeds = new FeedMap($house);
    $now = Condition::of($house);
    foreach ($tests as $test) {
        $test->action->does($now, $feeds);
        $now->button = null;
        foreach ($test->reading->tripped() as $device) {
            $now->open[$device] = true;
        }
    }

    return Pricing::of(new Foresight($house, $feeds), $symptom, $now, $cannot, $tests)->priced(actionsOf(...$actions));
}

const AT_P = ['at' => ['point' => 'p']];
const LOOK_AT_P = [['do' => 'inspect'] + AT_P, ['seen' => []]];
const LIFT_AT_P = ['do' => 'lift', 'point' => 'p', 'pair' => 'w3', 'on' => false];

it('has the box proved dead that hands go into, and no other', function (array $action, array $done, ?string $box, bool $isLive): void {
    $priced = pricedAt([$action], $done);
    expect($priced?->box)->toBe($box)->and($priced?->isLive)->toBe($isLive);
})->with([
    'a tester' => [['do' => 'tester'] + AT_P, [], null, false],
    'volts at the slots' => [['do' => 'volts', 'between' => 'hn'] + AT_P, [], null, false],
    'a plug wiggled' => [['do' => 'wiggle'] + AT_P, [], null, false],
    'an appliance looked over' => [['do' => 'inspect', 'at' => ['appliance' => 'lamp']], [], null, false],
    'a look into a box' => [['do' => 'inspect'] + AT_P, [], 'p', false],
    'screws' => [['do' => 'tighten'] + AT_P, [], 'p', false],
    'screws, the box being open' => [['do' => 'tighten'] + AT_P, [LOOK_AT_P], 'p', false],
    'a pair lifted' => [LIFT_AT_P, [], 'p', false],
    'a device changed' => [['do' => 'swap_device', 'at' => ['point' => 'g']], [], 'g', false],
    'a breaker changed: the panel is not a box' => [['do' => 'swap_device', 'at' => ['circuit' => 'c1']], [], null, false],
    'a cable by itself, at its far end' => [['do' => 'insulation', 'cable' => 'w3'], [], 'q', false],
    'a clamp opens a box first' => [['do' => 'clamp', 'cable' => 'w2'], [], 'p', true],
    'a clamp in a box that is open' => [['do' => 'clamp', 'cable' => 'w2'], [LOOK_AT_P], null, true],
    'volts at the far end of a cable' => [['do' => 'volts', 'at' => ['cable' => 'w3', 'end' => 'to'], 'between' => 'hn'], [], 'q', true],
    'volts at its near end' => [['do' => 'volts', 'at' => ['cable' => 'w3', 'end' => 'from'], 'between' => 'hn'], [], 'p', true],
]);

it('prices minutes, opening a box once, live work dearer, and days of waiting', function (
    array $actions,
    array $done,
    array $minutes,
    float $price,
): void {
    $priced = pricedAt($actions, $done);
    expect($priced?->minutes)->toEqual($minutes)->and($priced?->price)->toEqualWithDelta($price, 1e-9);
})->with([
    'a tester and a minute of noting' => [[['do' => 'tester'] + AT_P], [], [1.0], 2.0],
    'a look opens the box, which is made up some time' => [[['do' => 'inspect'] + AT_P], [], [8.0], 12.0],
    'screws after it do not' => [[['do' => 'tighten'] + AT_P], [LOOK_AT_P], [2.0], 3.0],
    'live work half as much again' => [[['do' => 'clamp', 'cable' => 'w2']], [LOOK_AT_P], [3.0], 5.5],
    'power next: the open box is made up first' => [[['do' => 'tester'] + AT_P], [LOOK_AT_P], [4.0], 2.0],
    'made up once' => [[['do' => 'tester'] + AT_P], [LOOK_AT_P, [['do' => 'walk'], []]], [1.0], 2.0],
    'opened again after it was made up' => [[['do' => 'inspect'] + AT_P], [[LIFT_AT_P, []]], [5.0], 9.0],
    'a pair lifted is made up within its minutes' => [[LIFT_AT_P], [LOOK_AT_P], [8.0], 6.0],
    'read live it stays open' => [[['do' => 'clamp', 'cable' => 'w2']], [
        [['do' => 'volts', 'at' => ['cable' => 'w2', 'end' => 'to'], 'between' => 'hn'], []],
    ], [3.0], 5.5],
    'a day of waiting is a minute' => [[['do' => 'trial', 'at' => ['point' => 'g'], 'days' => 10]], [], [5.0], 16.0],
]);

it('closes again what a button opened, however often it was reset before', function (): void {
    $reset = [['do' => 'reset', 'at' => ['point' => 'g']], ['holds' => true, 'tripped' => []]];
    $button = [['do' => 'tester_button'] + AT_P, ['tripped' => ['g']]];
    $done = [$reset, $reset, $reset, $button];
    expect(pricedAt([['do' => 'reset', 'at' => ['point' => 'g']]], [$reset, $reset, $reset]))->toBeNull()
        ->and(array_map(fn(Action $one): string => $one::name(), pricedAt([['do' => 'tester'] + AT_P], $done)->actions ?? []))
            ->toBe(['reset', 'tester']);
});

it('reads a cable by itself once more after power was on, and no oftener', function (): void {
    $turn = fn(bool $on): array => [['do' => 'breaker', 'circuit' => 'c1', 'on' => $on], []];
    $insulation = ['do' => 'insulation', 'cable' => 'w3'];
    $alone = [[['do' => 'unplug', 'appliance' => 'lamp'], []], $turn(false)];
    $read = [...$alone, [$insulation, ['hg_ohms' => null, 'ng_ohms' => null]], $turn(true)];
    expect(pricedAt([$insulation], $read))->not->toBeNull()->and(pricedAt([$insulation], [...$read, ...$read]))->toBeNull();
});

it('does first what has to be done first', function (array $action, array $done, array $first): void {
    expect(array_map(fn(Action $one): string => $one::name() . match ($one->turns()[1] ?? null) {
        true => ' on',
        false => ' off',
        null => '',
    }, pricedAt([$action], $done)->actions ?? []))->toBe($first);
})->with([
    'a cable by itself: off, and nothing plugged in' => [
        ['do' => 'insulation', 'cable' => 'w3'],
        [],
        ['breaker off', 'unplug_all', 'insulation'],
    ],
    'off already' => [
        ['do' => 'insulation', 'cable' => 'w3'],
        [[['do' => 'breaker', 'circuit' => 'c1', 'on' => false], []], [['do' => 'unplug', 'appliance' => 'lamp'], []]],
        ['insulation'],
    ],
    'a tester wants power' => [
        ['do' => 'tester'] + AT_P,
        [[['do' => 'breaker', 'circuit' => 'c1', 'on' => false], []]],
        ['breaker on', 'tester'],
    ],
    'a pair is tried with power' => [LIFT_AT_P, [[['do' => 'breaker', 'circuit' => 'c1', 'on' => false], []]], ['breaker on', 'lift']],
    'a look does not' => [['do' => 'inspect'] + AT_P, [[['do' => 'breaker', 'circuit' => 'c1', 'on' => false], []]], ['inspect']],
    'opened on purpose, closed again' => [
        ['do' => 'tester'] + AT_P,
        [[['do' => 'press_test', 'at' => ['point' => 'g']], ['tripped' => ['g']]]],
        ['reset', 'tester'],
    ],
    'tripped by itself, left as it is' => [
        ['do' => 'tester'] + AT_P,
        [[['do' => 'plug', 'appliance' => 'lamp'], ['tripped' => ['g']]]],
        ['tester'],
    ],
]);

it('asks for nothing that would show nothing new, or cannot be done', function (
    array $action,
    array $done,
    array $cannot,
    bool $isOffered,
): void {
    expect(pricedAt([$action], $done, $cannot) !== null)->toBe($isOffered);
})->with([
    'a look twice' => [['do' => 'inspect'] + AT_P, [LOOK_AT_P, [['do' => 'unplug', 'appliance' => 'lamp'], []]], [], false],
    'a tester twice' => [['do' => 'tester'] + AT_P, [[['do' => 'tester'] + AT_P, ['hn' => true, 'hg' => true, 'ng' => false]]], [], false],
    'a tester after a change' => [
        ['do' => 'tester'] + AT_P,
        [[['do' => 'tester'] + AT_P, ['hn' => true, 'hg' => true, 'ng' => false]], [['do' => 'unplug', 'appliance' => 'lamp'], []]],
        [],
        true,
    ],
    'other slots' => [
        ['do' => 'volts', 'between' => 'hg'] + AT_P,
        [[['do' => 'volts', 'between' => 'hn'] + AT_P, ['volts' => 120]]],
        [],
        true,
    ],
    'a cable by itself once more, after power was on' => [
        ['do' => 'insulation', 'cable' => 'w3'],
        [[['do' => 'insulation', 'cable' => 'w3'], []], [['do' => 'breaker', 'circuit' => 'c1', 'on' => true], []]],
        [],
        true,
    ],
    'a third reset with nothing changed' => [
        ['do' => 'reset', 'at' => ['point' => 'g']],
        array_fill(0, 2, [['do' => 'reset', 'at' => ['point' => 'g']], ['holds' => false, 'tripped' => ['g']]]),
        [],
        false,
    ],
    'after something was unplugged' => [
        ['do' => 'reset', 'at' => ['point' => 'g']],
        [
            ...array_fill(0, 2, [['do' => 'reset', 'at' => ['point' => 'g']], ['holds' => false, 'tripped' => ['g']]]),
            [['do' => 'unplug', 'appliance' => 'lamp'], []],
        ],
        [],
        true,
    ],
    'what cannot be done at all' => [['do' => 'tester'] + AT_P, [], ['tester'], false],
    'or there' => [['do' => 'tester'] + AT_P, [], ['tester p'], false],
    'elsewhere it can' => [['do' => 'tester'] + AT_P, [], ['tester q'], true],
]);

/** @return list<string> */
function idsOf(array $things): array
{
    return array_map(fn(Point|Circuit $one): string => $one->id, array_values($things));
}

it('keeps of a house what the call can come from, one circuit to try things on, and lenders of the others aside', function (): void {
    $house = siteHouse();
    $wrong = [];
    $symptom = Symptom::of($house, $wrong);
    assert($symptom !== null);
    $scope = Reachable::of($house, $symptom, []);
    expect(idsOf($scope->house->points))->toBe(['g', 'p', 'q', 'r', 's'])->and(array_keys($scope->aside))->toBe(['r', 's'])
        ->and(array_column($scope->house->cables, 'id'))->toBe(['w1', 'w2', 'w3', 'w4', 'w5']);
    $at = fn(string $id): array => idsOf($house->fedBy($house->circuit($id)));
    expect($at('c1'))->toBe(['c1'])->and(idsOf(Lenders::in(new FeedMap($house))))->toBe(['g', 'p', 'r', 's']);
});

it('keeps what shares a neutral, and every circuit behind one protective feeder', function (): void {
    $shared = siteHouse([
        'circuits' => [
            Build::circuit('c1', ['multiwire_with' => 'c2', 'leg' => 'a']),
            Build::circuit('c2', ['multiwire_with' => 'c1', 'leg' => 'b']),
            Build::circuit('c3'),
        ],
        'points' => [
            Build::point('g', ['device' => 'gfci', 'circuit' => 'c1']),
            Build::point('p', ['circuit' => 'c1']),
            Build::point('q', ['circuit' => 'c1']),
            Build::point('r', ['circuit' => 'c2']),
            Build::point('s', ['area' => 'b']),
        ],
    ]);
    $wrong = [];
    $symptom = Symptom::of($shared, $wrong);
    assert($symptom !== null);
    expect(array_keys(Reachable::of($shared, $symptom, [])->aside))->toBe(['s']);
    $sub = siteHouse([
        'panels' => [['id' => 'main', 'name' => 'Main'], ['id' => 'sub', 'name' => 'Sub', 'fed_from' => 'f']],
        'circuits' => [
            Build::circuit('f', ['volts' => 240, 'poles' => 2, 'breaker' => 'gfci']),
            Build::circuit('c1', ['panel' => 'sub']),
            Build::circuit('c2', ['panel' => 'sub']),
            Build::circuit('c3'),
        ],
    ]);
    expect(array_keys(Reachable::of($sub, $symptom, [])->aside))->toBe(['s'])
        ->and(idsOf($sub->fedBy($sub->circuit('f'))))->toBe(['f', 'c1', 'c2']);
});

it('proposes no plug-in tester where none fits', function (float $volts, array $tester): void {
    $house = Build::house([
        'circuits' => [Build::circuit('c1', $volts > 200.0 ? ['volts' => 240, 'poles' => 2] : [])],
        'points' => [Build::point('p', ['volts' => $volts])],
        'cables' => [Build::cable('c1', 'p')],
        'symptom' => ['kind' => 'reads_wrong', 'at' => 'p'],
    ]);
    $names = array_map(fn(Proposal $one): string => $one->last()->name(), CallReader::of($house)->diagnose()->worth);
    expect($names)->toContain('volts')->and(array_values(array_intersect($names, ['tester', 'tester_button'])))->toBe($tester);
})->with([[250.0, []], [125.0, ['tester']]]);

it('leaves a house that is whole: no cable begins or ends at nothing', function (): void {
    $kept = 0;
    foreach (range(1, 60) as $seed) {
        $house = (new HouseReader())->fromJson(json_encode(RandomHouse::data($seed), JSON_THROW_ON_ERROR));
        foreach ($house->points as $point) {
            $told = $house->with(call: new Call(new Complaint(SymptomKind::Trips, $point->id)));
            $wrong = [];
            $symptom = Symptom::of($told, $wrong);
            assert($symptom !== null);
            $left = Reachable::of($told, $symptom, [])->house;
            $kept += count($left->points) < count($house->points) ? 1 : 0;
            expect(HouseChecks::faultsIn($left))->toBe([], "seed $seed at {$point->id}");
        }
    }
    expect($kept)->toBeGreaterThan(20);
});
