<?php

declare(strict_types=1);

use Bouclier\Core\Actions\Action;
use Bouclier\Core\Actions\Inspect;
use Bouclier\Core\Actions\Insulation;
use Bouclier\Core\Actions\Lift;
use Bouclier\Core\Actions\Volts;
use Bouclier\Core\Feed\FeedMap;
use Bouclier\Core\House\Between;
use Bouclier\Core\House\BoxState;
use Bouclier\Core\House\Entries\EntryList;
use Bouclier\Core\House\House;
use Bouclier\Core\House\Spot;
use Bouclier\Core\Live\LiveState;
use Bouclier\Core\Live\OpenBoxes;
use Bouclier\Core\Live\OpenedBox;
use Bouclier\Core\Live\PowerOn;
use Bouclier\Core\Live\Switching;
use Tests\Core\Build;

const OPENED_AT = '2026-03-02T09:40:00Z';

function boxHouse(): House
{
    return Build::house([
        'points' => [Build::point('p'), Build::point('q'), Build::point('r')],
        'cables' => [Build::cable('c1', 'p', more: ['id' => 'w1']), Build::cable('p', 'q', more: ['id' => 'w2'])],
    ]);
}

/** @return array<string, string> states of open boxes by point */
function states(House $house): array
{
    return array_map(fn(OpenedBox $box): string => $box->state->value, OpenBoxes::in($house));
}

it('takes the last word on each box, and forgets one that is made up', function (): void {
    $house = boxHouse();
    $open = OpenBoxes::noted(
        OpenBoxes::noted($house, $house->point('p'), BoxState::Opened, 'Ada', OPENED_AT),
        $house->point('q'),
        BoxState::Apart,
        'Ada',
        OPENED_AT,
    );
    expect(states($open))->toBe(['p' => 'opened', 'q' => 'apart'])
        ->and(states(OpenBoxes::noted($open, $open->point('p'), BoxState::MadeUp, 'Ada', OPENED_AT)))->toBe(['q' => 'apart']);
});

it('sees from what is observed that a box is open, or its pairs apart', function (array $seen, ?BoxState $before, array $after): void {
    $house = boxHouse();
    $house = $before === null ? $house : OpenBoxes::noted($house, $house->point('p'), $before, 'Ada', OPENED_AT);
    $entry = Build::entry(EntryList::Observations, ['point' => 'p', ...$seen]);
    expect(states(OpenBoxes::observed($house, $entry, 'Ada', OPENED_AT)))->toBe($after);
})->with([
    'pairs counted' => [['kind' => 'open', 'pairs' => 2], null, ['p' => 'opened']],
    'counted again with pairs apart' => [['kind' => 'open', 'pairs' => 2], BoxState::Apart, ['p' => 'apart']],
    'a pair read' => [['kind' => 'pair', 'pair' => 'a', 'live' => true, 'by' => 'meter'], BoxState::Opened, ['p' => 'apart']],
    'a pair read with all capped' => [
        ['kind' => 'pair', 'pair' => 'a', 'live' => true, 'by' => 'non_contact'],
        BoxState::Capped,
        ['p' => 'capped'],
    ],
    'a mark' => [['kind' => 'pair', 'pair' => 'a', 'live' => true, 'by' => 'mark'], BoxState::Opened, ['p' => 'opened']],
    'a breaker off' => [['kind' => 'off', 'circuit' => 'c1', 'dead' => [], 'live' => []], null, []],
]);

it('knows how each test leaves its boxes', function (Action $action, array $before, array $after): void {
    $house = boxHouse();
    foreach ($before as $point => $state) {
        $house = OpenBoxes::noted($house, $house->point($point), $state, 'Ada', OPENED_AT);
    }
    expect(states(OpenBoxes::tested($house, [$action], 'Ada', OPENED_AT)))->toBe($after);
})->with([
    'a look' => [new Inspect(new Spot(point: 'p')), [], ['p' => 'opened']],
    'a look at pairs apart' => [new Inspect(new Spot(point: 'p')), ['p' => BoxState::Apart], ['p' => 'apart']],
    'a cable by itself' => [new Insulation(new Spot(cable: 'w2')), [], ['p' => 'apart', 'q' => 'apart']],
    'a pair lifted and folded in' => [new Lift('p', 'w2', false), ['p' => BoxState::Opened], []],
    'volts at the near end of a cable' => [new Volts(new Spot(cable: 'w2', atFrom: true), Between::HotNeutral), [], ['p' => 'capped']],
    'volts at the slots' => [new Volts(new Spot(point: 'p'), Between::HotNeutral), [], []],
    'an appliance looked over' => [new Inspect(new Spot(appliance: 'iron')), [], []],
]);

it('offers no power to bare ends, and says which box is open', function (
    ?BoxState $state,
    bool $offered,
    bool $live,
    bool $alarm,
    bool $loud,
): void {
    $house = boxHouse();
    $house = $state === null ? $house : OpenBoxes::noted($house, $house->point('q'), $state, 'Ada', OPENED_AT);
    $live1 = new LiveState($house, new FeedMap($house));
    $power = PowerOn::to($house, $live1, [$house->circuit('c1')]);
    expect($power->mayBeOffered())->toBe($offered)->and($power->boxes !== [])->toBe($live)->and($power->spoken() === [])->toBe(! $live);
    $alarms = PowerOn::alarms($house, $live1);
    expect($alarms !== [])->toBe($alarm)->and($alarms[0]['loud'] ?? false)->toBe($loud);
    $off = Switching::turned($house, $house->circuit('c1'), false, 'Ada', OPENED_AT);
    expect(PowerOn::alarms($off, new LiveState($off, new FeedMap($off))))->toBe([])
        ->and(PowerOn::to($house, $live1, [$house->circuit('c2')])->boxes)->toBe([]);
})->with([
    'never opened' => [null, true, false, false, false],
    'open' => [BoxState::Opened, true, true, true, false],
    'pairs apart' => [BoxState::Apart, false, true, true, true],
    'capped' => [BoxState::Capped, true, true, true, false],
    'made up' => [BoxState::MadeUp, true, false, false, false],
]);

it('takes a box whose breaker is not known as one on any breaker', function (): void {
    $house = boxHouse();
    $open = OpenBoxes::noted($house, $house->point('r'), BoxState::Apart, 'Ada', OPENED_AT);
    expect(PowerOn::to($open, new LiveState($open, new FeedMap($open)), [$open->circuit('c2')])->mayBeOffered())->toBeFalse();
});
