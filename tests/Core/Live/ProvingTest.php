<?php

declare(strict_types=1);

use Bouclier\Core\Change\Commands\FileReading;
use Bouclier\Core\Exchange\HouseReader;
use Bouclier\Core\Exchange\HouseWriter;
use Bouclier\Core\Feed\FeedMap;
use Bouclier\Core\Feed\Observed\Switchings;
use Bouclier\Core\House\Between;
use Bouclier\Core\House\Entries\DeadProof;
use Bouclier\Core\House\Entries\EntryList;
use Bouclier\Core\House\Entries\MeterReading;
use Bouclier\Core\House\Entries\Seen;
use Bouclier\Core\House\Entries\SeenKind;
use Bouclier\Core\House\Entries\Switched;
use Bouclier\Core\House\Entries\TestDone;
use Bouclier\Core\House\Entries\VoltReading;
use Bouclier\Core\House\Half;
use Bouclier\Core\House\House;
use Bouclier\Core\House\ProofWay;
use Bouclier\Core\Live\Asker;
use Bouclier\Core\Live\LiveState;
use Bouclier\Core\Live\Locking;
use Bouclier\Core\Live\NotProved;
use Bouclier\Core\Live\Proving;
use Bouclier\Core\Live\Switching;
use Bouclier\Core\Live\ToRead;
use Tests\Core\Build;

const LIVE = 120.0;

function turned(House $house, string $circuit, bool $on, string $at = '2026-03-02T09:40:00Z'): House
{
    return Switching::turned($house, $house->circuit($circuit), $on, 'Ada', $at);
}

/** What an instrument showed, as it is filed. */
function readAt(House $house, MeterReading $reading): House
{
    return (new FileReading($reading))->on($house, new Asker('2026-03-02T09:38:00Z', 'Ada'));
}

/** A reading filed, as the application does it: proofs it speaks against end. */
function filed(House $house, array $reading, string $at = '2026-03-02T09:38:00Z'): House
{
    return Proving::upheld($house, readAt(
        $house,
        Build::entry(EntryList::Readings, ['at_time' => $at, 'who' => 'Ada', ...$reading]),
    ), $at);
}

/** @return list<VoltReading> */
function readings(House $house, string $point, float $volts = 0.2, ProofWay $way = ProofWay::SeenLive): array
{
    return array_map(
        fn(ToRead $place): VoltReading => new VoltReading(
            $volts,
            $point,
            $place->half,
            $place->pair,
            $place->between,
            true,
            $place->terminals,
        ),
        ToRead::at($house, $house->point($point), $way),
    );
}

/** A proof as it is made at the point; what showed that it was live before is up to the test. */
function provedBy(
    House $house,
    string $point,
    ProofWay $way = ProofWay::SeenLive,
    float $volts = 0.2,
    ?float $before = LIVE,
    ?float $after = LIVE,
    string $at = '2026-03-02T09:42:00Z',
    bool $reference = false,
    ?Asker $by = null,
): House {
    $known = fn(?float $read): ?VoltReading => $read === null ? null : new VoltReading(
        $read,
        between: $reference ? Between::HotReference : null,
    );

    return Proving::proved(
        $house,
        $house->point($point),
        $way,
        $known($before),
        readings($house, $point, $volts, $way),
        $known($after),
        $by ?? new Asker($at, 'Ada'),
    );
}

/** As above, where it was read live just before its breaker went off. */
function proved(
    House $house,
    string $point,
    float $volts = 0.2,
    ?float $before = LIVE,
    ?float $after = LIVE,
    string $at = '2026-03-02T09:42:00Z',
): House {
    $lit = readAt(
        $house,
        Build::entry(
            EntryList::Readings,
            ['at_time' => '2026-03-02T09:38:00Z', 'who' => 'Ada', 'point' => $point, 'volts' => 121, 'between' => 'hn'],
        ),
    );

    return provedBy($lit, $point, ProofWay::SeenLive, $volts, $before, $after, $at);
}

/** @return array{bool, string} */
function handsOn(House $house, string $point, ?Asker $asker = null): array
{
    $hands = (new LiveState(
        $house,
        new FeedMap($house),
        $asker ?? new Asker('2026-03-02T10:00:00Z', 'Ada'),
    ))->handsOn($house->point($point));

    return [$hands->allowed, $hands->why];
}

function twoOnOne(): House
{
    return Build::house([
        'points' => [Build::point('p'), Build::point('q')],
        'cables' => [Build::cable('c1', 'p'), Build::cable('p', 'q')],
    ]);
}

it('lets no hand on conductors before the point itself is proved dead', function (): void {
    $house = twoOnOne();
    expect(handsOn($house, 'p'))->toBe([false, 'Breaker c1 Circuit c1 is on: treat X-p as live.']);
    $house = turned($house, 'c1', false);
    expect(handsOn($house, 'p'))->toBe([false, 'X-p is not proved dead: treat it as live.']);
    $house = proved($house, 'p');
    expect(handsOn($house, 'p'))->toBe([true, 'Proved dead at X-p by Ada at 09:42.'])
        ->and(handsOn($house, 'q'))->toBe([false, 'X-q is not proved dead: treat it as live.']);
});

it('ends a proof when the breaker is turned on, and turning it off again does not bring it back', function (): void {
    $house = turned(proved(turned(twoOnOne(), 'c1', false), 'p'), 'c1', true, '2026-03-02T09:50:00Z');
    expect(handsOn($house, 'p'))->toBe([
        false,
        'Breaker c1 Circuit c1 is on: treat X-p as live. The proof by Ada at 09:42 has ended: breaker c1 Circuit c1 was turned on by '
            . 'Ada at 09:50.',
    ]);
    $house = turned($house, 'c1', false, '2026-03-02T09:51:00Z');
    expect(handsOn($house, 'p')[0])->toBeFalse()
        ->and((new LiveState($house, new FeedMap($house), new Asker('2026-03-02T10:00:00Z')))->standing())->toBe([]);
});

it('does not let a proof stand that was read before the breaker was last turned off', function (): void {
    $house = twoOnOne();
    $proof = new DeadProof(['c1'], readings($house, 'p'), new VoltReading(LIVE), new VoltReading(LIVE), atTime: '2026-03-02T09:00:00Z');
    $house = turned($house->withEntry($proof), 'c1', false);
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
    $high = array_map(
        fn(VoltReading $read): VoltReading => new VoltReading(18.0, 'p', $read->half, null, $read->between, false),
        readings($off, 'p'),
    );
    expect(
        fn() => Proving::proved(
            $off,
            $off->point('p'),
            ProofWay::SeenLive,
            new VoltReading(LIVE),
            $high,
            new VoltReading(LIVE),
            new Asker('2026-03-02T09:42:00Z', 'Ada'),
        ),
    )
        ->toThrow(NotProved::class, 'On a high-impedance meter that may be induced');
});

it('wants the breaker noted as off, and every place read', function (): void {
    expect(fn() => proved(twoOnOne(), 'p'))->toThrow(NotProved::class, 'breaker c1 Circuit c1 is not off');
    $off = turned(twoOnOne(), 'c1', false);
    $some = array_slice(readings($off, 'p'), 0, 3);
    expect(
        fn() => Proving::proved(
            $off,
            $off->point('p'),
            ProofWay::SeenLive,
            new VoltReading(LIVE),
            $some,
            new VoltReading(LIVE),
            new Asker('2026-03-02T09:42:00Z', 'Ada'),
        ),
    )
        ->toThrow(NotProved::class, 'X-p was not read at bottom half, hot to neutral');
});

it('wants both breakers of a multiwire run off, and ends the proof with either', function (): void {
    $shared = Build::house([
        'circuits' => [
            Build::circuit('c1', ['multiwire_with' => 'c2', 'leg' => 'a']),
            Build::circuit('c2', ['multiwire_with' => 'c1', 'leg' => 'b']),
        ],
        'points' => [Build::point('p', ['circuit' => 'c1'])],
        'cables' => [['id' => 'w', 'from' => ['circuits' => ['c1', 'c2']], 'to' => ['point' => 'p'], 'conductors' => 3]],
    ]);
    $one = turned($shared, 'c1', false);
    expect(handsOn($one, 'p'))->toBe([
        false,
        'Breaker c2 Circuit c2 is on: treat X-p as live. Both breakers of the shared run have to be off.',
    ])
        ->and(fn() => proved($one, 'p'))->toThrow(NotProved::class);
    $both = proved(turned($one, 'c2', false), 'p');
    expect(handsOn($both, 'p')[0])->toBeTrue()->and(handsOn(turned($both, 'c2', true), 'p')[0])->toBeFalse();
});

it('turns tied breakers together', function (): void {
    $tied = Build::house(['circuits' => [
        Build::circuit(
            'c1',
            ['multiwire_with' => 'c2', 'leg' => 'a', 'handle_tie' => true],
        ), Build::circuit('c2', ['multiwire_with' => 'c1', 'leg' => 'b', 'handle_tie' => true]),
    ]]);
    $state = new LiveState(turned($tied, 'c1', false), new FeedMap($tied));
    expect($state->isOff($tied->circuit('c2')))->toBeTrue();
});

it('takes a main along with everything behind it, and ends every proof there when it is turned on', function (): void {
    $house = twoOnOne();
    $main = fn(House $house, bool $on, string $at): House => Switching::mainTurned($house, $house->panel('main'), $on, 'Ada', $at);
    $dead = proved($main($house, false, '2026-03-02T09:40:00Z'), 'p');
    expect(handsOn($dead, 'p')[0])->toBeTrue()
        ->and(handsOn($main($dead, true, '2026-03-02T09:50:00Z'), 'p')[1])->toContain('the main of Main was turned on by Ada at 09:50')
        // The breaker turned off behind it stays off when the main comes on.

            ->and(
                (new LiveState(
                    $main(turned($dead, 'c1', false), true, '2026-03-02T09:50:00Z'),
                    new FeedMap($dead),
                ))->isOff($dead->circuit('c1')),
            )
            ->toBeTrue();
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
    expect(
        handsOn(Build::house(['points' => [Build::point('p')]]), 'p'),
    )->toBe([false, 'No breaker is known for X-p: find it, turn it off and prove it dead here.']);
    $dead = proved($house, 'p');
    expect(handsOn($dead, 'p')[0])->toBeTrue()->and(handsOn(turned($dead, 'c2', true), 'p')[0])->toBeFalse();
});

it('asks for both halves with the plate on, and for every pair once the box is open', function (): void {
    $house = twoOnOne();
    $places = fn(House $house): array => array_map(fn(ToRead $place): string => $place->spoken(), ToRead::at($house, $house->point('p')));
    expect($places($house))->toBe([
        'top half, hot to neutral', 'top half, hot to ground', 'top half, neutral to ground', 'bottom half, hot to neutral',
        'bottom half, hot to ground', 'bottom half, neutral to ground',
    ]);
    $open = $house->withEntry(new Seen(SeenKind::Open, point: 'p', pairs: 2));
    expect($places($open))->toBe([
        'pair a, hot to neutral', 'pair a, hot to ground', 'pair a, neutral to ground', 'pair b, hot to neutral',
        'pair b, hot to ground', 'pair b, neutral to ground',
    ]);
    $ungrounded = Build::house(['points' => [Build::point('p', ['ground' => 'none', 'yoke' => 'single'])]]);
    expect($places($ungrounded))->toBe(['hot to neutral', 'hot to the reference lead', 'neutral to the reference lead']);
    $dead = proved(turned($house, 'c1', false), 'p');
    $opened = $dead->withEntry(new Seen(SeenKind::Open, point: 'p', pairs: 2));
    expect(handsOn($opened, 'p'))->toBe([false, 'The box of X-p is open: prove every pair dead before touching one.'])
        ->and(handsOn(proved($opened, 'p', at: '2026-03-02T09:45:00Z'), 'p')[0])->toBeTrue();
});

it('keeps what was switched and proved when a house is turned back to an earlier state', function (): void {
    $before = twoOnOne();
    $now = turned(proved(turned($before, 'c1', false), 'p'), 'c1', true);
    $kept = Switching::kept($now, $before);
    expect($kept->entries->all(Switched::class))->toHaveCount(2)
        ->and($kept->entries->all(DeadProof::class)[0]->withdrawnAt)->toBe('2026-03-02T09:40:00Z')
        ->and(Switching::kept($before, $before))->toBe($before);
});

it('writes a proof as it reads it', function (): void {
    $house = proved(turned(twoOnOne(), 'c1', false), 'p');
    $again = (new HouseReader())->fromJson(HouseWriter::toJson($house))->entries->identified();
    expect($again)->toEqual($house->entries)
        ->and($again->all(DeadProof::class)[0]->dead[0])->toEqual(new VoltReading(0.2, 'p', Half::Top, null, Between::HotNeutral, true));
});

it('takes no face for dead that nobody saw live: a tripped device upstream, or a breaker of like label, reads 0 too', function (): void {
    $house = Build::house([
        'circuits' => [Build::circuit('c1', ['label' => 'Kitchen']), Build::circuit('c2', ['label' => 'Kitchen'])],
        'points' => [Build::point('p', ['device' => 'gfci'])], 'cables' => [Build::cable('c1', 'p')],
    ]);
    $off = turned($house, 'c1', false);
    expect(fn() => provedBy($off, 'p'))->toThrow(NotProved::class, 'Nothing is filed that shows X-p live before c1 Kitchen went off')
        ->and(handsOn($off, 'p'))->toBe([false, 'X-p is not proved dead: treat it as live.']);
});

it('asks of a filed reading: an instrument\'s, live, of the same place, since the breaker was last on, of this shift', function (
    array $readings,
    bool $proves,
    array $point = [],
): void {
    $house = Build::house(['points' => [Build::point('p', ['device' => 'gfci', ...$point])], 'cables' => [Build::cable('c1', 'p')]]);
    foreach ($readings as [$at, $reading]) {
        $house = filed($house, ['point' => 'p', ...$reading], "2026-03-02T$at:00Z");
    }
    $try = fn(): House => provedBy(turned($house, 'c1', false), 'p');
    $proves ? expect(handsOn($try(), 'p')[0])->toBeTrue() : expect($try)->toThrow(NotProved::class, 'Nothing is filed');
})->with([
    'volts just before' => [[['09:39', ['volts' => 121]]], true],
    'what may be induced' => [[['09:39', ['volts' => 60]]], false],
    'the lamp between neutral and ground' => [[['09:39', ['lamps' => ['hn' => false, 'hg' => false, 'ng' => true]]]], false],
    'lamps' => [[['09:39', ['lamps' => ['hn' => true, 'hg' => true, 'ng' => false]]]], true],
    'a light that was lit in it' => [[['09:39', ['lit' => true]]], true],
    'at the very moment' => [[['09:40', ['volts' => 121]]], true],
    'a glow, which may be induced' => [[['09:39', ['glows' => true]]], false],
    'after the breaker went off' => [[['09:41', ['volts' => 0.4]]], false],
    'of the shift before' => [[['01:39', ['volts' => 121]]], false],
    'live, and then dead before the breaker went off' => [[['09:30', ['volts' => 121]], ['09:35', ['volts' => 0.3]]], false],
    'dead, and then live' => [[['09:30', ['volts' => 0.3]], ['09:35', ['volts' => 121]]], true],
    'no lamp lit since' => [
        [['09:30', ['volts' => 121]], ['09:35', ['lamps' => ['hn' => false, 'hg' => false, 'ng' => false]]]],
        false,
    ],
    'nothing between neutral and ground is as it should be' => [
        [['09:30', ['volts' => 121]], ['09:35', ['volts' => 0.3, 'between' => 'ng']]],
        true,
    ],
    'one half, the tab not known to be broken' => [[['09:39', ['volts' => 121, 'half' => 'top']]], true],
    'one half, the tab broken' => [[['09:39', ['volts' => 121, 'half' => 'top']]], false, ['halves' => ['tab' => 'broken']]],
    'both halves, the tab broken' => [
        [['09:38', ['volts' => 121, 'half' => 'top']], ['09:39', ['volts' => 121, 'half' => 'bottom']]],
        true,
        ['halves' => ['tab' => 'broken']],
    ],
    'LINE alone says nothing of the face' => [[['09:39', ['volts' => 121, 'terminals' => 'line']]], false],
]);

it('wants a fresh live reading for a breaker that has been on since', function (): void {
    $house = turned(proved(turned(twoOnOne(), 'c1', false), 'p'), 'c1', true, '2026-03-02T09:50:00Z');
    $again = turned($house, 'c1', false, '2026-03-02T09:55:00Z');
    expect(fn() => provedBy($again, 'p', at: '2026-03-02T09:56:00Z'))->toThrow(NotProved::class, 'Nothing is filed');
    $seen = turned(filed($house, ['point' => 'p', 'volts' => 121], '2026-03-02T09:52:00Z'), 'c1', false, '2026-03-02T09:55:00Z');
    expect(handsOn(provedBy($seen, 'p', at: '2026-03-02T09:56:00Z'), 'p')[0])->toBeTrue();
});

it('proves a device that will not reset at its LINE terminals, read live before', function (): void {
    $house = Build::house(['points' => [Build::point('p', ['device' => 'gfci'])], 'cables' => [Build::cable('c1', 'p')]]);
    $places = array_map(fn(ToRead $place): string => $place->spoken(), ToRead::at($house, $house->point('p'), ProofWay::LineTerminals));
    expect($places)->toContain('LINE terminals, hot to ground', 'top half, hot to neutral')->toHaveCount(9);
    $dead = turned(filed($house, ['point' => 'p', 'volts' => 0.2, 'half' => 'top']), 'c1', false);
    expect(fn() => provedBy($dead, 'p', ProofWay::LineTerminals))->toThrow(NotProved::class, 'shows LINE of X-p live');
    $live = turned(filed($house, ['point' => 'p', 'volts' => 121, 'terminals' => 'line']), 'c1', false);
    expect(handsOn(provedBy($live, 'p', ProofWay::LineTerminals), 'p')[0])->toBeTrue()
        ->and(fn() => provedBy($live, 'p'))->toThrow(NotProved::class);
});

it('proves what can never be seen live with every breaker it may be on off, against a lead from outside', function (): void {
    $one = turned(twoOnOne(), 'c1', false);
    expect(fn() => provedBy($one, 'p', ProofWay::Reference, reference: true))->toThrow(NotProved::class, 'It may still be on c2 Circuit c2')

            ->and(fn() => provedBy(turned($one, 'c2', false), 'p', ProofWay::Reference))
            ->toThrow(NotProved::class, 'The reference lead was not held on a known live point before');
    $dead = provedBy(turned($one, 'c2', false), 'p', ProofWay::Reference, reference: true);
    expect(handsOn($dead, 'p')[0])->toBeTrue();
    $main = Switching::mainTurned(twoOnOne(), twoOnOne()->panel('main'), false, 'Ada', '2026-03-02T09:40:00Z');
    expect(handsOn(provedBy($main, 'p', ProofWay::Reference, reference: true), 'p')[0])->toBeTrue();
});

it('wants hot and neutral each against a reference from outside where the box has no ground', function (string $ground, bool $asks): void {
    $house = Build::house([
        'points' => [Build::point('p', ['ground' => $ground, 'yoke' => 'single'])],
        'cables' => [Build::cable('c1', 'p')],
    ]);
    $off = turned(filed($house, ['point' => 'p', 'volts' => 121, 'between' => 'hn']), 'c1', false);
    $hotToNeutral = [new VoltReading(0.004, 'p', null, null, Between::HotNeutral, true)];
    $prove = fn(array $dead, bool $reference): House => Proving::proved(
        $off,
        $off->point('p'),
        ProofWay::SeenLive,
        new VoltReading(LIVE, between: $reference ? Between::HotReference : null),
        $dead,
        new VoltReading(LIVE, between: $reference ? Between::HotReference : null),
        new Asker('2026-03-02T09:42:00Z', 'Ada'),
    );
    // An open neutral and the wrong breaker off: hot to neutral is nothing, hot to the lead is the line.
    $against = fn(float $hot): array => [
        ...$hotToNeutral,
        new VoltReading($hot, 'p', null, null, Between::HotReference, true),
        new VoltReading(0.1, 'p', null, null, Between::NeutralReference, true),
    ];
    if (! $asks) {
        expect(handsOn(provedBy($off, 'p'), 'p')[0])->toBeTrue();

        return;
    }
    expect(fn() => $prove($hotToNeutral, false))->toThrow(NotProved::class, 'X-p was not read at hot to the reference lead')
        ->and(fn() => $prove($against(118.0), true))->toThrow(NotProved::class, '118 V at X-p, hot to the reference lead')
        ->and(fn() => $prove($against(0.1), false))->toThrow(NotProved::class, 'The reference lead was not held on a known live point')
        ->and(handsOn($prove($against(0.1), true), 'p')[0])->toBeTrue();
})->with([['none', true], ['broken', true], ['unknown', true], ['wire', false]]);

it('ends a proof at once with anything that reads live there, and says what', function (Closure $fact, string $why): void {
    $house = Build::house([
        'points' => [Build::point('p'), Build::point('q')], 'cables' => [Build::cable('c1', 'p'), Build::cable('p', 'q')],
        'observations' => [['kind' => 'open', 'point' => 'p', 'pairs' => 2]],
    ]);
    $dead = proved(turned($house, 'c1', false), 'p');
    expect(handsOn($dead, 'p')[0])->toBeTrue();
    $seen = Proving::upheld($dead, $fact($dead), '2026-03-02T09:50:00Z');
    $proof = $seen->entries->all(DeadProof::class)[0];
    expect(handsOn($seen, 'p')[0])->toBeFalse()->and(handsOn($seen, 'p')[1])->toContain('has ended')->toContain($why)
        ->and($proof->withdrawnAt)->toBe('2026-03-02T09:50:00Z')->and($proof->withdrawnWhy)->toContain($why)
        // What is known already ends nothing anew.
        ->and(Proving::upheld($seen, $seen, '2026-03-02T09:51:00Z'))->toBe($seen);
})->with([
    'five volts' => [
        fn(House $h): House => readAt(
            $h,
            Build::entry(EntryList::Readings, ['point' => 'p', 'volts' => 5, 'who' => 'Bo', 'at_time' => '2026-03-02T09:50:00Z']),
        ),
        'X-p read live: 5 V by Bo at 09:50',
    ],
    'neutral to ground too' => [
        fn(House $h): House => readAt($h, Build::entry(EntryList::Readings, ['point' => 'p', 'volts' => 7, 'between' => 'ng'])),
        '7 V',
    ],
    'a glow' => [fn(House $h): House => readAt(
        $h,
        Build::entry(EntryList::Readings, ['point' => 'p', 'glows' => true]),
    ), 'it glowed'],
    'a lamp' => [
        fn(House $h): House => readAt(
            $h,
            Build::entry(EntryList::Readings, ['point' => 'p', 'lamps' => ['hn' => false, 'hg' => false, 'ng' => true]]),
        ),
        'a lamp of the tester lit',
    ],
    'a clamp above 50 mA' => [
        fn(House $h): House => readAt(
            $h,
            Build::entry(EntryList::Readings, ['point' => 'q', 'cable' => $h->cables[1]->id, 'ma' => 51]),
        ),
        '51 mA in its cable',
    ],
    'a pair by the meter' => [
        fn(House $h): House => $h->withEntry(
            Build::entry(EntryList::Observations, ['kind' => 'pair', 'point' => 'p', 'pair' => 'a', 'live' => true, 'by' => 'meter']),
        ),
        'pair a read live by meter',
    ],
    'power on with a pair capped' => [
        fn(House $h): House => $h->withEntry(
            Build::entry(EntryList::Observations, ['kind' => 'pair', 'point' => 'p', 'pair' => 'a', 'live' => false, 'by' => 'cap']),
        ),
        'power was on',
    ],
    'on a walk' => [
        fn(House $h): House => $h->withEntry(
            Build::entry(EntryList::Observations, ['kind' => 'off', 'circuit' => 'c2', 'dead' => [], 'live' => ['p']]),
        ),
        'it stayed live',
    ],
    'volts in a test of the call' => [
        fn(House $h): House => $h->withEntry(
            new TestDone(...Build::loose(['do' => 'volts', 'at' => ['point' => 'p']], ['volts' => 119.5])),
        ),
        '119.5 V',
    ],
    'a glow at a cable\'s end' => [
        fn(House $h): House => $h->withEntry(new TestDone(...Build::loose(
            ['do' => 'non_contact', 'at' => ['cable' => $h->cables[0]->id, 'end' => 'to']],
            ['glows' => true],
        ))),
        'it glowed',
    ],
    'more pairs than were proved' => [
        fn(House $h): House => $h->withEntry(Build::entry(EntryList::Observations, ['kind' => 'open', 'point' => 'p', 'pairs' => 3])),
        'X-p has 3 pairs, and 2 were proved dead',
    ],
]);

it('lets a proof stand beside what says nothing against it', function (Closure $fact): void {
    $house = twoOnOne();
    $dead = proved(turned($house, 'c1', false), 'p');
    expect(handsOn(Proving::upheld($dead, $fact($dead), '2026-03-02T09:50:00Z'), 'p')[0])->toBeTrue();
})->with([
    'below five volts' => [fn(House $h): House => readAt($h, Build::entry(EntryList::Readings, ['point' => 'p', 'volts' => 4.9]))],
    'no glow' => [fn(House $h): House => readAt($h, Build::entry(EntryList::Readings, ['point' => 'p', 'glows' => false]))],
    'live elsewhere' => [fn(House $h): House => readAt($h, Build::entry(EntryList::Readings, ['point' => 'q', 'volts' => 120]))],
    'a clamp of 50 mA' => [fn(House $h): House => readAt(
        $h,
        Build::entry(EntryList::Readings, ['point' => 'q', 'cable' => $h->cables[1]->id, 'ma' => 50]),
    )],
    'dead on a walk' => [
        fn(House $h): House => $h->withEntry(
            Build::entry(EntryList::Observations, ['kind' => 'off', 'circuit' => 'c1', 'dead' => ['p'], 'live' => []]),
        ),
    ],
]);

it('does not believe a breaker that was off while the point read live: the proof rests on every one that is off', function (): void {
    $house = filed(turned(twoOnOne(), 'c1', false), ['point' => 'p', 'volts' => 121], '2026-03-02T09:41:00Z');
    expect(handsOn($house, 'p')[0])->toBeFalse()
        ->and((new LiveState($house, new FeedMap($house)))->breakersOf($house->point('p')))->toBe([])
        ->and(fn() => provedBy($house, 'p'))->toThrow(NotProved::class);
    $both = provedBy(turned($house, 'c2', false, '2026-03-02T09:43:00Z'), 'p', at: '2026-03-02T09:44:00Z');
    expect(handsOn($both, 'p')[0])->toBeTrue()->and(handsOn(turned($both, 'c2', true, '2026-03-02T09:45:00Z'), 'p')[0])->toBeFalse();
});

it('ends a proof while the breaker is not known with any that is turned in that panel, either way', function (bool $on): void {
    $house = turned(
        turned(
            Build::house([
                'points' => [Build::point('p')],
                'circuits' => [Build::circuit('c1'), Build::circuit('c2'), Build::circuit('c3')],
            ]),
            'c1',
            false,
        ),
        'c2',
        false,
    );
    $dead = proved($house, 'p');
    $turned = turned($dead, 'c3', $on, '2026-03-02T09:45:00Z');
    expect(handsOn($dead, 'p')[0])->toBeTrue()
        ->and(handsOn($turned, 'p')[0])->toBeFalse()
        ->and(handsOn($turned, 'p')[1])->toContain('breaker c3 Circuit c3 was turned');
})->with([true, false]);

it('asks for a proof to be made again after a shift', function (string $now, bool $stands): void {
    $dead = proved(turned(twoOnOne(), 'c1', false), 'p');
    $hands = handsOn($dead, 'p', new Asker($now, 'Ada'));
    expect($hands[0])->toBe($stands)->and($hands[1])->toContain($stands ? 'Proved dead' : 'it is older than 8 hours');
})->with([['2026-03-02T17:42:00Z', true], ['2026-03-02T17:42:01Z', false]]);

it('opens nothing for others with a proof a helper made', function (): void {
    $house = turned(filed(twoOnOne(), ['point' => 'p', 'volts' => 121]), 'c1', false);
    $helped = provedBy($house, 'p', by: new Asker('2026-03-02T09:42:00Z', 'Bo', 'bo'));
    expect(handsOn($helped, 'p', new Asker('2026-03-02T09:43:00Z', 'Bo', 'bo'))[0])->toBeTrue()
        ->and(handsOn($helped, 'p'))->toBe([false, 'Bo, a helper, proved X-p dead at 09:42: prove it yourself before you touch it.'])
        ->and(handsOn($helped, 'p', new Asker('2026-03-02T09:43:00Z', 'Bo', 'another'))[0])->toBeFalse()
        ->and(handsOn(proved($helped, 'p', at: '2026-03-02T09:44:00Z'), 'p')[0])->toBeTrue();
});

it('takes nothing at a neutral for a hot that was dead', function (string $between, bool $isProof): void {
    $house = filed(twoOnOne(), ['point' => 'p', 'volts' => 120, 'between' => 'hn']);
    $house = turned(filed($house, ['point' => 'p', 'volts' => 0, 'between' => $between], '2026-03-02T09:39:00Z'), 'c1', false);
    $prove = fn(): House => provedBy($house, 'p');
    $isProof ? expect(handsOn($prove(), 'p')[0])->toBeTrue() : expect($prove)->toThrow(NotProved::class);
})->with([['ng', true], ['nr', true], ['hn', false], ['hg', false], ['hr', false]]);

it('brings no standing proof along in a file', function (): void {
    $dead = proved(turned(twoOnOne(), 'c1', false), 'p');
    expect(handsOn(Proving::leftBehind($dead, '2026-03-02T09:50:00Z'), 'p')[1])->toContain('it came with a house file');
});

it('notes a lock while the breaker is off, and forgets it when it was on since', function (): void {
    $house = turned(twoOnOne(), 'c1', false);
    $locked = Locking::locked($house, $house->circuit('c1'), true, 'Rosa, in her pocket', 'Ada', '2026-03-02T09:41:00Z');
    $lock = fn(House $house): ?array => Locking::of($house, $house->circuit('c1'), new Switchings($house));
    expect($lock($house))->toBeNull()->and($lock($locked))->toBe(['how' => 'tagged', 'key' => 'Rosa, in her pocket']);
    $on = turned($locked, 'c1', true, '2026-03-02T09:50:00Z');
    expect($lock($on))->toBeNull()->and($lock(turned($on, 'c1', false, '2026-03-02T09:51:00Z')))->toBeNull();
});

it('takes breakers in the order they were turned, also where one is heard of late', function (): void {
    $house = turned(turned(twoOnOne(), 'c1', false, '2026-03-02T09:40:00Z'), 'c1', true, '2026-03-02T09:50:00Z');
    $late = turned($house, 'c1', false, '2026-03-02T09:45:00Z');
    expect((new Switchings($late))->isOff($late->circuit('c1')))->toBeFalse();
    // In one second as they were written.
    $same = turned($house, 'c1', false, '2026-03-02T09:50:00Z');
    expect((new Switchings($same))->isOff($same->circuit('c1')))->toBeTrue();
});

it('takes on trust no proof that is older than the last word of the others, but one\'s own behind a lock', function (): void {
    $house = proved(turned(twoOnOne(), 'c1', false), 'p');
    $hands = fn(House $house, string $who, ?string $heard): bool => handsOn(
        $house,
        'p',
        new Asker('2026-03-02T10:00:00Z', $who, heardAt: $heard),
    )[0];
    expect($hands($house, 'Ada', null))->toBeTrue()
        ->and($hands($house, 'Ada', '2026-03-02T09:41:00Z'))->toBeTrue()
        ->and($hands($house, 'Ada', '2026-03-02T09:58:00Z'))->toBeFalse()
        ->and($hands($house, 'Bo', '2026-03-02T09:58:00Z'))->toBeFalse()
        ->and(handsOn($house, 'p', new Asker('2026-03-02T10:00:00Z', 'Bo', heardAt: '2026-03-02T09:58:00Z'))[1])
        ->toContain('heard nothing of the others since 09:58');
    $locked = Locking::locked($house, $house->circuit('c1'), false, 'Ada', 'Ada', '2026-03-02T09:43:00Z');
    expect($hands($locked, 'Ada', '2026-03-02T09:58:00Z'))->toBeTrue()
        ->and($hands($locked, 'Bo', '2026-03-02T09:58:00Z'))->toBeFalse();
});

it('files a proof that comes late, and lets it stand for nothing where something speaks against it', function (): void {
    $house = turned(twoOnOne(), 'c1', true);
    expect(fn() => provedBy($house, 'p'))->toThrow(NotProved::class);
    $late = provedBy($house, 'p', by: new Asker('2026-03-02T09:42:00Z', 'Ada', isLate: true));
    expect($late->entries->all(DeadProof::class))->toHaveCount(1)->and(handsOn($late, 'p')[0])->toBeFalse()
        ->and($late->entries->all(DeadProof::class)[0]->withdrawnWhy)->toContain('is not off');
});
