<?php

declare(strict_types=1);

use Bouclier\Core\Feed\FeedMap;
use Bouclier\Core\House\Half;
use Bouclier\Core\House\House;
use Bouclier\Core\Live\Between;
use Bouclier\Core\Live\DeadProof;
use Bouclier\Core\Live\LiveState;
use Bouclier\Core\Live\NotProved;
use Bouclier\Core\Live\Proving;
use Bouclier\Core\Live\Switching;
use Bouclier\Core\Live\ToRead;
use Bouclier\Core\Live\VoltReading;
use Tests\Core\Build;

const LIVE = 120.0;

function turned(House $house, string $circuit, bool $on, string $at = '2026-03-02T09:40:00Z'): House
{
    return Switching::turned($house, $house->circuit($circuit), $on, 'Ada', $at);
}

/** @return list<VoltReading> */
function readings(House $house, string $point, float $volts = 0.2): array
{
    return array_map(fn(ToRead $place): VoltReading => new VoltReading($volts, $point, $place->half, $place->pair, $place->between, true), ToRead::at($house, $house->point($point)));
}

function proved(House $house, string $point, float $volts = 0.2, ?float $before = LIVE, ?float $after = LIVE, string $at = '2026-03-02T09:42:00Z'): House
{
    $known = fn(?float $read): ?VoltReading => $read === null ? null : new VoltReading($read);

    return Proving::proved($house, $house->point($point), $known($before), readings($house, $point, $volts), $known($after), 'Ada', $at);
}

function handsOn(House $house, string $point): array
{
    $hands = (new LiveState($house, new FeedMap($house)))->handsOn($house->point($point));

    return [$hands->allowed, $hands->why];
}

function twoOnOne(): House
{
    return Build::house(['points' => [Build::point('p'), Build::point('q')], 'cables' => [Build::cable('c1', 'p'), Build::cable('p', 'q')]]);
}

it('lets no hand on conductors before the point itself is proved dead', function (): void {
    $house = twoOnOne();
    expect(handsOn($house, 'p'))->toBe([false, 'Breaker c1 Circuit c1 is on: treat X-p as live.']);
    $house = turned($house, 'c1', false);
    expect(handsOn($house, 'p'))->toBe([false, 'X-p is not proved dead.']);
    $house = proved($house, 'p');
    expect(handsOn($house, 'p'))->toBe([true, 'Proved dead at X-p by Ada at 09:42.'])
        ->and(handsOn($house, 'q'))->toBe([false, 'X-q is not proved dead.']);
});

it('ends a proof when the breaker is turned on, and turning it off again does not bring it back', function (): void {
    $house = turned(proved(turned(twoOnOne(), 'c1', false), 'p'), 'c1', true, '2026-03-02T09:50:00Z');
    expect(handsOn($house, 'p'))->toBe([false, 'Breaker c1 Circuit c1 is on: treat X-p as live. The proof by Ada at 09:42 has ended: breaker c1 Circuit c1 was turned on by Ada at 09:50.']);
    $house = turned($house, 'c1', false, '2026-03-02T09:51:00Z');
    expect(handsOn($house, 'p')[0])->toBeFalse()->and((new LiveState($house, new FeedMap($house)))->standing())->toBe([]);
});

it('does not let a proof stand that was read before the breaker was last turned off', function (): void {
    $house = twoOnOne();
    $proof = new DeadProof(['c1'], readings($house, 'p'), new VoltReading(LIVE), new VoltReading(LIVE), at: '2026-03-02T09:00:00Z');
    $house = turned($house->with(sections: ['records' => (object) ['proofs' => [$proof->toData()]]]), 'c1', false);
    expect(handsOn($house, 'p')[0])->toBeFalse();
});

it('says what is missing in a proof', function (float $volts, ?float $before, ?float $after, string $why): void {
    expect(fn() => proved(turned(twoOnOne(), 'c1', false), 'p', $volts, $before, $after))->toThrow(NotProved::class, $why);
})->with([
    'no known live point before' => [0.0, null, LIVE, 'not held on a known live point before'],
    'none after' => [0.0, LIVE, null, 'not held on a known live point after'],
    'a known live point that is not' => [0.0, 60.0, LIVE, '60 V on the known live point before is not line voltage'],
    'at the limit' => [5.0, LIVE, LIVE, '5 V at X-p, top half, hot to neutral: not below 5 V, so not dead'],
]);

it('takes a low reading just below the limit, and wonders about a high-impedance meter', function (): void {
    $off = turned(twoOnOne(), 'c1', false);
    expect(handsOn(proved($off, 'p', 4.9), 'p')[0])->toBeTrue();
    $high = array_map(fn(VoltReading $read): VoltReading => new VoltReading(18.0, 'p', $read->half, null, $read->between, false), readings($off, 'p'));
    expect(fn() => Proving::proved($off, $off->point('p'), new VoltReading(LIVE), $high, new VoltReading(LIVE), 'Ada', '2026-03-02T09:42:00Z'))
        ->toThrow(NotProved::class, 'On a high-impedance meter that may be induced');
});

it('wants the breaker noted as off, and every place read', function (): void {
    expect(fn() => proved(twoOnOne(), 'p'))->toThrow(NotProved::class, 'breaker c1 Circuit c1 is not off');
    $off = turned(twoOnOne(), 'c1', false);
    $some = array_slice(readings($off, 'p'), 0, 3);
    expect(fn() => Proving::proved($off, $off->point('p'), new VoltReading(LIVE), $some, new VoltReading(LIVE), 'Ada', '2026-03-02T09:42:00Z'))
        ->toThrow(NotProved::class, 'X-p was not read at bottom half, hot to neutral');
});

it('wants both breakers of a multiwire run off, and ends the proof with either', function (): void {
    $shared = Build::house([
        'circuits' => [Build::circuit('c1', ['multiwire_with' => 'c2', 'leg' => 'a']), Build::circuit('c2', ['multiwire_with' => 'c1', 'leg' => 'b'])],
        'points' => [Build::point('p', ['circuit' => 'c1'])],
        'cables' => [['id' => 'w', 'from' => ['circuits' => ['c1', 'c2']], 'to' => ['point' => 'p'], 'conductors' => 3]],
    ]);
    $one = turned($shared, 'c1', false);
    expect(handsOn($one, 'p'))->toBe([false, 'Breaker c2 Circuit c2 is on: treat X-p as live. Both breakers of the shared run have to be off.'])
        ->and(fn() => proved($one, 'p'))->toThrow(NotProved::class);
    $both = proved(turned($one, 'c2', false), 'p');
    expect(handsOn($both, 'p')[0])->toBeTrue()->and(handsOn(turned($both, 'c2', true), 'p')[0])->toBeFalse();
});

it('turns tied breakers together', function (): void {
    $tied = Build::house(['circuits' => [
        Build::circuit('c1', ['multiwire_with' => 'c2', 'leg' => 'a', 'handle_tie' => true]), Build::circuit('c2', ['multiwire_with' => 'c1', 'leg' => 'b', 'handle_tie' => true]),
    ]]);
    $state = new LiveState(turned($tied, 'c1', false), new FeedMap($tied));
    expect($state->isOff($tied->circuit('c2')))->toBeTrue();
});

it('takes what a sub-panel feeds along with its feeder', function (): void {
    $house = Build::house([
        'panels' => [['id' => 'main', 'name' => 'Main'], ['id' => 'sub', 'name' => 'Sub', 'fed_from' => 'c1']],
        'circuits' => [Build::circuit('c1'), Build::circuit('c2', ['panel' => 'sub'])],
        'points' => [Build::point('p')],
        'cables' => [Build::cable('c2', 'p')],
    ]);
    $dead = proved(turned($house, 'c1', false), 'p');
    expect(handsOn($dead, 'p')[0])->toBeTrue()->and(handsOn(turned($dead, 'c1', true), 'p')[0])->toBeFalse();
});

it('rests on every breaker that is off while the outlet\'s own is not known', function (): void {
    $house = turned(turned(Build::house(['points' => [Build::point('p')]]), 'c1', false), 'c2', false);
    expect(handsOn(Build::house(['points' => [Build::point('p')]]), 'p'))->toBe([false, 'No breaker is known for X-p: find it, turn it off and prove it dead here.']);
    $dead = proved($house, 'p');
    expect(handsOn($dead, 'p')[0])->toBeTrue()->and(handsOn(turned($dead, 'c2', true), 'p')[0])->toBeFalse();
});

it('asks for both halves with the plate on, and for every pair once the box is open', function (): void {
    $house = twoOnOne();
    $places = fn(House $house): array => array_map(fn(ToRead $place): string => $place->spoken(), ToRead::at($house, $house->point('p')));
    expect($places($house))->toBe(['top half, hot to neutral', 'top half, hot to ground', 'top half, neutral to ground', 'bottom half, hot to neutral', 'bottom half, hot to ground', 'bottom half, neutral to ground']);
    $open = $house->with(sections: ['observations' => [(object) ['kind' => 'open', 'point' => 'p', 'pairs' => 2]]]);
    expect($places($open))->toBe(['pair a, hot to neutral', 'pair a, hot to ground', 'pair a, neutral to ground', 'pair b, hot to neutral', 'pair b, hot to ground', 'pair b, neutral to ground']);
    $ungrounded = Build::house(['points' => [Build::point('p', ['ground' => 'none', 'yoke' => 'single'])]]);
    expect($places($ungrounded))->toBe(['hot to neutral']);
    $dead = proved(turned($house, 'c1', false), 'p');
    $opened = $dead->with(sections: [...$dead->sections, 'observations' => [(object) ['kind' => 'open', 'point' => 'p', 'pairs' => 2]]]);
    expect(handsOn($opened, 'p'))->toBe([false, 'The box of X-p is open: prove every pair dead before touching one.'])
        ->and(handsOn(proved($opened, 'p', at: '2026-03-02T09:45:00Z'), 'p')[0])->toBeTrue();
});

it('keeps what was switched and proved when a house is turned back to an earlier state', function (): void {
    $before = twoOnOne();
    $now = turned(proved(turned($before, 'c1', false), 'p'), 'c1', true);
    $kept = Switching::kept($now, $before);
    expect($kept->sections['records']->switched)->toHaveCount(2)->and($kept->sections['records']->proofs[0]->withdrawn_at)->toBe('2026-03-02T09:40:00Z')
        ->and(Switching::kept($before, $before))->toBe($before);
});

it('writes a proof as it reads it', function (): void {
    $house = proved(turned(twoOnOne(), 'c1', false), 'p');
    $data = $house->sections['records']->proofs[0];
    expect(DeadProof::fromData($data)->toData())->toEqual($data)
        ->and(DeadProof::fromData($data)->dead[0])->toEqual(new VoltReading(0.2, 'p', Half::Top, null, Between::HotNeutral, true));
});
