<?php

declare(strict_types=1);

use Bouclier\Core\Change\CommandList;
use Bouclier\Core\CodeBook\Assess;
use Bouclier\Core\Exchange\BadHouseFile;
use Bouclier\Core\Exchange\Body;
use Bouclier\Core\House\Between;
use Bouclier\Core\House\Entries\DeviceTest;
use Bouclier\Core\House\Entries\MeterReading;
use Bouclier\Core\House\Entries\OpenItem;
use Bouclier\Core\House\Entries\Seen;
use Bouclier\Core\House\House;
use Bouclier\Core\Live\Asker;
use Bouclier\Core\Prove\Proof;
use Bouclier\Core\Prove\RoundWords;
use Bouclier\Core\Prove\TestRound;
use Bouclier\Core\Prove\ToSee;
use Tests\Core\Build;

/** A GFCI with two outlets and a light beyond it, one outlet before it, and another circuit. */
function provedHouse(array $device = [], array $more = []): House
{
    return Build::house([
        'points' => [
            Build::point('k0'),
            Build::point('k1', ['device' => 'gfci'] + $device),
            Build::point('k2', ['yoke' => 'single']),
            Build::point('k3', ['ground' => 'none', 'slots' => 2]),
            Build::point('l1', ['kind' => 'light', 'device' => 'none']),
            Build::point('z1', ['circuit' => 'c2']),
        ],
        'cables' => [
            ['id' => 'w0', 'from' => ['circuit' => 'c1'], 'to' => ['point' => 'k0', 'land' => 'line']],
            ['id' => 'w1', 'from' => ['point' => 'k0', 'land' => 'load'], 'to' => ['point' => 'k1', 'land' => 'line']],
            ['id' => 'w2', 'from' => ['point' => 'k1', 'land' => 'load'], 'to' => ['point' => 'k2', 'land' => 'line']],
            ['id' => 'w3', 'from' => ['point' => 'k2', 'land' => 'load'], 'to' => ['point' => 'k3', 'land' => 'line']],
            ['id' => 'w4', 'from' => ['point' => 'k3', 'land' => 'load'], 'to' => ['point' => 'l1', 'land' => 'line']],
        ],
    ] + $more);
}

function toldRound(House $house, string $address, array $said, string $now): House
{
    $body = Body::of(json_decode((string) json_encode($said, JSON_FORCE_OBJECT | JSON_THROW_ON_ERROR)));

    return CommandList::told($address, $body)->on($house, new Asker(name: 'Rosa Tallow', now: $now));
}

function answerRound(House $house, array $answers, string $now = '2026-03-02T10:00:00Z'): House
{
    $body = new stdClass();
    $body->answers = array_map(fn(array $one): object => json_decode((string) json_encode($one)), $answers);

    return CommandList::told('round', Body::of($body))->on($house, new Asker(name: 'Rosa Tallow', now: $now));
}

function replacedIn(House $house, string $point = 'k1', string $now = '2026-03-02T09:00:00Z'): House
{
    return toldRound($house, 'devices/replaced', ['point' => $point], $now);
}

/** @return list<string> */
function keysOf(House $house): array
{
    return array_map(fn(ToSee $step): string => $step->key(), TestRound::of($house));
}

/** @return array<string> */
function statesOf(House $house): array
{
    return array_map(fn(Proof $one): string => $one->value, TestRound::states(TestRound::of($house)));
}

/** Everything that is open, seen as it should be. */
function allAsExpected(House $house): array
{
    return array_map(
        fn(ToSee $step): array => [
            'step' => $step->step->value, 'at' => $step->at->id, 'as_expected' => true, ...($step->half === null ? [] : [
                'half' => $step->half->value,
            ]),
        ],
        array_values(array_filter(TestRound::of($house), fn(ToSee $step): bool => $step->state() === Proof::Open)),
    );
}

it('asks for nothing where nothing was touched', function (): void {
    expect(TestRound::of(provedHouse()))->toBe([]);
});

it('reads an outlet no plug-in tester fits with a meter, and proves it by TEST', function (): void {
    $house = Build::house([
        'circuits' => [
            Build::circuit('c3', ['slot' => '5/7', 'amps' => 50, 'volts' => 240, 'poles' => 2, 'breaker' => 'gfci']),
        ],
        'points' => [Build::point('range', ['circuit' => 'c3', 'volts' => 250, 'amps' => 50])],
        'cables' => [['id' => 'w9', 'from' => ['circuit' => 'c3'], 'to' => ['point' => 'range', 'land' => 'line']]],
    ]);
    $house = replacedIn($house, 'range');
    // A receptacle of 50 A has one outlet.
    expect(keysOf($house))->toBe(['lamps range', 'test c3', 'back c3', 'plate range']);
    $read = TestRound::of($house)[0];
    $words = new RoundWords($house);
    expect($read->lamps)->toBeNull()->and($words->do($read))->toBe('Meter in.')->and($words->expects($read))->toBe('240 V.')
        ->and($words->means($read))->toStartWith('The box that was touched last');
});

it('asks for nothing of what was done years before the last thing that was noted', function (): void {
    $history = fn(string $replaced): array => ['records' => ['device_history' => [
        ['event' => 'replaced', 'point' => 'k1', 'at_time' => $replaced],
        ['event' => 'tripped', 'point' => 'k2', 'at_time' => '2026-02-08T21:15:00Z'],
    ]]];

    expect(TestRound::of(provedHouse(more: $history('2014-03-22T00:00:00Z'))))->toBe([])
        ->and(TestRound::of(provedHouse(more: $history('2026-01-22T00:00:00Z'))))->not->toBe([]);
});

it('goes round a replaced device and all it feeds, in the order of the hand', function (): void {
    $house = replacedIn(provedHouse(['light' => 'power', 'exposure' => 'damp', 'made_between' => ['2009', '2011']]));
    $device = $house->point('k1');

    expect(keysOf($house))->toBe([
        'reset k1', 'lamps k1 top', 'lamps k1 bottom', 'lamps k2', 'lamps k3 top', 'lamps k3 bottom', 'runs l1',
        'test k1', 'back k1', 'button k1', 'cover k1', 'plate k1',
    ])->and($device->installedOn)->toBe('2026-03-02')->and($device->madeBetween)->toBeNull();
});

it('says what must be seen: lamps and volts of the model, who goes dead with TEST and who stays', function (): void {
    $steps = array_column(array_map(
        fn(ToSee $step): array => [$step->key(), $step],
        TestRound::of(replacedIn(provedHouse(), 'k1')),
    ), 1, 0);
    $codes = fn(array $points): array => array_column($points, 'id');

    expect($codes($steps['test k1']->dead))->toBe(['k1', 'k2', 'k3', 'l1'])->and($codes($steps['test k1']->alive))->toBe(['k0'])
        ->and($steps['lamps k2']->lamps?->hg)->toBeTrue()->and($steps['lamps k2']->volts)->toEqualWithDelta(120.0, 2.0)
        // Two slots: no ground for the second lamp.
        ->and($steps['lamps k3 top']->lamps?->hg)->toBeFalse()
        // 120 V over the button: 8 mA, (20 / 8)^1.43 s of UL 943.
        ->and($steps['button k1']->limitMs)->toEqualWithDelta(1000 * (20 / 8) ** 1.43, 60);
});

it('proves an outlet without ground by the TEST of what protects it, and says so', function (): void {
    $steps = TestRound::of(replacedIn(provedHouse(), 'k3'));
    $plate = array_values(array_filter($steps, fn(ToSee $step): bool => $step->key() === 'plate k3'))[0];

    expect(array_map(fn(ToSee $step): string => $step->key(), $steps))->toContain('test k1', 'back k1')->not->toContain('button k3')
        ->and($plate->why)->toContain('no ground');
});

it('proves a plain receptacle behind a device by the button of a tester', function (): void {
    expect(keysOf(replacedIn(provedHouse(), 'k2')))->toContain('button k2')->not->toContain('test k1', 'reset k2');
});

it('tests a breaker that was put in, and all on it', function (): void {
    $house = provedHouse(more: ['records' => ['device_history' => [
        ['event' => 'installed', 'circuit' => 'c1', 'at_time' => '2026-03-02T09:00:00Z'],
    ]], 'circuits' => [Build::circuit('c1', ['breaker' => 'afci']), Build::circuit('c2')]]);

    expect(keysOf($house))->toContain('reset c1', 'test c1', 'back c1', 'lamps k0 top', 'runs l1')
        // What a tester leaks, an AFCI need not see.
        ->not->toContain('button c1', 'button k0');
});

it('has left what is not seen yet, and is proved when all is; a figure is filed only where one was read', function (): void {
    $house = replacedIn(provedHouse());
    $half = answerRound($house, array_slice(allAsExpected($house), 0, 4));
    $done = answerRound($half, allAsExpected($half));

    expect(count(allAsExpected($half)))->toBe(count(allAsExpected($house)) - 4)
        ->and(statesOf($half))->toMatchArray(['k1' => 'open', 'k2' => 'open', 'l1' => 'open'])
        ->and(array_unique(array_values(statesOf($done))))->toBe(['proved'])
        ->and($done->entries->all(MeterReading::class))->toBe([])
        // What went dead is evidence for the trace.
        ->and($done->entries->all(Seen::class)[0]->dead)->toBe(['k1', 'k2', 'k3', 'l1'])
        ->and($done->entries->all(Seen::class)[0]->live)->toBe(['k0'])
        ->and(statesOf($done))->not->toHaveKey('k0');
});

it('counts nothing that was seen before it was touched again', function (): void {
    $done = answerRound(replacedIn(provedHouse()), allAsExpected(replacedIn(provedHouse())));
    $again = replacedIn($done, 'k2', '2026-03-03T09:00:00Z');

    expect(statesOf($again)['k2'])->toBe('open')->and(statesOf($again)['k3'])->toBe('open')->and(statesOf($done)['k2'])->toBe('proved')
        // Nothing was done at the device: its own reset stands.
        ->and(array_column(allAsExpected($again), 'step', 'step'))->not->toHaveKey('reset');
});

it('makes an open item of what is not as it should be, with what holds until then, and closes it by a later pass', function (): void {
    $house = replacedIn(provedHouse());
    $failed = answerRound($house, [[
        'step' => 'test', 'at' => 'k1', 'as_expected' => false, 'stayed_live' => ['k3'], 'interim' => 'left off', 'due' => '2026-03-09',
    ]]);
    [$item] = $failed->entries->all(OpenItem::class);
    $passed = answerRound($failed, [['step' => 'test', 'at' => 'k1', 'as_expected' => true]], '2026-03-02T11:00:00Z');

    expect(statesOf($failed)['k1'])->toBe('failed')->and($item->isOpen())->toBeTrue()->and($item->interim)->toBe('left off')
        ->and($item->due)->toBe('2026-03-09')->and($item->who)->toBe('Rosa Tallow')->and($item->source)->toBe('test round')
        ->and($failed->entries->all(Seen::class)[0]->live)->toBe(['k3'])
        ->and($passed->entries->all(OpenItem::class)[0]->isOpen())->toBeFalse()
        ->and(statesOf($passed)['k1'])->not->toBe('failed');
});

it('judges what was measured, whatever was tapped', function (array $answer, string $state): void {
    $house = answerRound(replacedIn(provedHouse()), [$answer + ['at' => 'k1', 'as_expected' => true]]);
    $step = array_values(array_filter(
        TestRound::of($house),
        fn(ToSee $one): bool => $one->step->value === $answer['step'] && $one->half?->value === ($answer['half'] ?? null),
    ))[0];

    expect($step->state()->value)->toBe($state);
})->with([
    'right lamps' => [['step' => 'lamps', 'half' => 'top', 'lamps' => ['hn' => true, 'hg' => true, 'ng' => false]], 'proved'],
    'an open ground' => [['step' => 'lamps', 'half' => 'top', 'lamps' => ['hn' => true, 'hg' => false, 'ng' => false]], 'failed'],
    'low volts' => [['step' => 'lamps', 'half' => 'top', 'volts' => 96], 'failed'],
    'a trip in time' => [['step' => 'button', 'ms' => 40], 'proved'],
    'a trip over the limit' => [['step' => 'button', 'ms' => 9000], 'failed'],
    'a button that opened nothing' => [['step' => 'button', 'tripped' => false], 'failed'],
    'a TEST that did nothing' => [['step' => 'test', 'tripped' => false], 'failed'],
]);

it('files the volts a meter sent as a figure, with the meter it was', function (): void {
    $said = ['step' => 'lamps', 'half' => 'top', 'at' => 'k1', 'as_expected' => true, 'volts' => 119.6, 'instrument' => 'Bench'];
    [$read] = answerRound(replacedIn(provedHouse()), [$said])->entries->all(MeterReading::class);

    expect($read->volts)->toBe(119.6)->and($read->between)->toBe(Between::HotNeutral)->and($read->instrument)->toBe('Bench')
        ->and($read->lamps)->toBeNull();
});

it('has a failed TEST among what was found, until it passes', function (): void {
    $found = fn(House $house): array => array_map(
        fn($finding): string => $finding->id,
        array_merge([], ...array_map(fn($point): array => $point->findings, (new Assess($house))->house()->points)),
    );
    $failed = answerRound(replacedIn(provedHouse()), [['step' => 'test', 'at' => 'k1', 'as_expected' => false, 'tripped' => false]]);
    $plate = answerRound(replacedIn(provedHouse()), [['step' => 'plate', 'at' => 'k1', 'as_expected' => false, 'text' => 'cracked']]);

    expect($found($failed))->toContain('test_failed')
        ->and($found(answerRound($failed, [['step' => 'test', 'at' => 'k1', 'as_expected' => true]], '2026-03-02T12:00:00Z')))
        ->not->toContain('test_failed')
        ->and($found($plate))->toContain('test_failed')
        ->and($failed->entries->all(DeviceTest::class)[0]->tripped)->toBeFalse();
});

it('refuses what is no step of the round, and keeps nothing of it', function (): void {
    $house = replacedIn(provedHouse());

    expect(fn() => answerRound($house, [
        ['step' => 'reset', 'at' => 'k1', 'as_expected' => true],
        ['step' => 'reset', 'at' => 'k0', 'as_expected' => true],
    ]))->toThrow(BadHouseFile::class, '/answers/1');
});
