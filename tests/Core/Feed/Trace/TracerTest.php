<?php

declare(strict_types=1);

use Bouclier\Core\Exchange\BadHouseFile;
use Bouclier\Core\Exchange\ObservationReader;
use Bouclier\Core\Feed\Trace\NextKind;
use Bouclier\Core\Feed\Trace\Trace;
use Bouclier\Core\Feed\Trace\Tracer;
use Tests\Core\Build;
use Tests\Core\Feed\Trace\ClosedLoop;

/** k1 a GFCI, k2 and k3 plain receptacles, on one of two circuits; no cable known unless said. */
function traced(array $observations, array $house = []): Trace
{
    $built = Build::house($house + [
        'points' => [Build::point('k1', ['device' => 'gfci']), Build::point('k2'), Build::point('k3', ['ground' => 'none'])],
        'observations' => $observations,
    ]);

    return (new Tracer($built, ObservationReader::of($built)))->trace();
}

/** @return array<string, mixed> */
function placeOf(Trace $trace, string $point): array
{
    foreach ($trace->places as $place) {
        if ($place->point === $point) {
            return [
                'circuit' => $place->circuit,
                'protected_by' => $place->protectedBy,
                'upstream' => $place->upstream,
                'certain' => $place->certain,
            ];
        }
    }

    return [];
}

const ALL_ON_C1 = ['kind' => 'off', 'circuit' => 'c1', 'dead' => ['k1', 'k2', 'k3'], 'live' => []];

it('knows nothing without facts, and asks first which breaker it is', function (): void {
    $trace = traced([]);
    expect(placeOf($trace, 'k2'))->toBe(['circuit' => null, 'protected_by' => [], 'upstream' => [], 'certain' => false])
        ->and(placeOf($trace, 'k1')['protected_by'])->toBe(['k1'])
        ->and($trace->unknownPairs)->toHaveCount(6)
        ->and([$trace->next?->kind, $trace->resolved])->toBe([NextKind::Off, false]);
});

it('takes the last circuit as implied once all others are known', function (): void {
    $trace = traced([['kind' => 'off', 'circuit' => 'c1', 'dead' => ['k2'], 'live' => ['k1', 'k3']]]);
    expect(placeOf($trace, 'k1')['circuit'])->toBe('c2')->and(placeOf($trace, 'k2'))->toMatchArray(['circuit' => 'c1', 'certain' => true]);
});

it('passes over what is on the other circuit of a shared cable', function (): void {
    $gfci = fn(string $id, string $circuit): array => Build::point($id, ['device' => 'gfci', 'circuit' => $circuit]);
    $three = fn(string $from, string $to): array => Build::cable($from, $to, 'load', more: ['conductors' => 3]);
    $trace = traced([], [
        'circuits' => [
            Build::circuit('c1', ['multiwire_with' => 'c2', 'leg' => 'a']),
            Build::circuit('c2', ['multiwire_with' => 'c1', 'leg' => 'b']),
        ],
        'points' => [
            $gfci('k1', 'c1'),
            $gfci('k2', 'c2'),
            Build::point('k3', ['circuit' => 'c1']),
            Build::point('k4', ['circuit' => 'c2']),
        ],
        'cables' => [
            ['id' => 'home', 'from' => ['circuits' => ['c1', 'c2']], 'to' => ['point' => 'k1'], 'conductors' => 3],
            $three('k1', 'k2'), $three('k2', 'k3'), $three('k3', 'k4'),
        ],
    ]);
    expect([placeOf($trace, 'k3')['circuit'], placeOf($trace, 'k3')['upstream']])->toBe(['c1', ['k1']])
        ->and([placeOf($trace, 'k4')['circuit'], placeOf($trace, 'k4')['upstream']])->toBe(['c2', ['k2']]);
});

it('leaves out who was not looked at', function (): void {
    $trace = traced([['kind' => 'off', 'circuit' => 'c1', 'dead' => ['k2'], 'live' => ['k1']]]);
    expect(placeOf($trace, 'k3')['circuit'])->toBeNull()->and($trace->next?->kind)->toBeIn([NextKind::Off, NextKind::Trip]);
});

it('reads a trip: what died is beyond LOAD, what was dead already proves nothing', function (): void {
    $trip = ['kind' => 'trip', 'at' => 'k1', 'dead' => ['k1', 'k2', 'k3'], 'live' => [], 'already_dead' => ['k3'], 'back' => ['k1', 'k2']];
    $trace = traced([ALL_ON_C1, $trip]);
    expect(placeOf($trace, 'k2'))->toMatchArray(['protected_by' => ['k1'], 'upstream' => ['k1']])
        ->and(placeOf($trace, 'k3')['protected_by'])->toBe([]);
});

it('takes a trip at a GFCI breaker as the circuit going off', function (): void {
    $trace = traced(
        [['kind' => 'trip', 'at' => 'c2', 'dead' => ['k2', 'k3'], 'live' => ['k1']]],
        ['circuits' => [Build::circuit('c1'), Build::circuit('c2', ['breaker' => 'gfci'])]],
    );
    expect(placeOf($trace, 'k2'))->toMatchArray(['circuit' => 'c2', 'protected_by' => ['c2']])
        ->and(placeOf($trace, 'k1')['circuit'])->toBe('c1');
});

it('reads the tester\'s button, which proves nothing where there is no ground', function (): void {
    expect(placeOf(traced([ALL_ON_C1, ['kind' => 'button', 'point' => 'k2', 'tripped' => ['k1']]]), 'k2')['upstream'])->toBe(['k1']);
    $none = fn(string $at): array => array_filter(
        traced([ALL_ON_C1, ['kind' => 'button', 'point' => $at, 'tripped' => []]])->unknownPairs,
        fn(array $pair): bool => $pair === ['k1', $at],
    );
    expect($none('k3'))->not->toBe([]);
    $trip = traced([
        ALL_ON_C1,
        ['kind' => 'button', 'point' => 'k2', 'tripped' => []],
        ['kind' => 'trip', 'at' => 'k1', 'dead' => ['k1', 'k2'], 'live' => ['k3']],
    ]);
    expect($trip->conflicts[0]->observations)->toBe([1, 2]);
});

it('orders a run by its opened boxes', function (): void {
    $trace = traced([
        ALL_ON_C1,
        ['kind' => 'open', 'point' => 'k2', 'pairs' => 2],
        ['kind' => 'lift', 'point' => 'k2', 'pair' => 'b', 'dead' => ['k2', 'k3'], 'live' => ['k1']],
    ]);
    expect(ClosedLoop::parents($trace))->toBe(['k1' => 'c1', 'k2' => 'k1', 'k3' => 'k2'])
        ->and($trace->resolved)->toBeFalse()
        ->and($trace->next?->kind)->toBe(NextKind::Trip);
});

it('takes a meter\'s word for the feed, and not a non-contact tester\'s', function (): void {
    $facts = fn(string $by): array => [
        ALL_ON_C1,
        ['kind' => 'open', 'point' => 'k2', 'pairs' => 2],
        ['kind' => 'pair', 'point' => 'k2', 'pair' => 'a', 'live' => true, 'by' => $by],
        ['kind' => 'lift', 'point' => 'k2', 'pair' => 'a', 'dead' => ['k3'], 'live' => ['k2', 'k1']],
    ];
    expect(traced($facts('meter'))->conflicts[0]->observations)->toContain(2, 3)
        ->and(traced($facts('non_contact'))->conflicts)->toBe([])
        ->and(traced($facts('old_landing'))->conflicts)->toBe([]);
});

it('names two LINE pairs in one box as a conflict', function (): void {
    $pair = fn(string $name): array => ['kind' => 'pair', 'point' => 'k2', 'pair' => $name, 'live' => true, 'by' => 'meter'];
    $conflict = traced([ALL_ON_C1, ['kind' => 'open', 'point' => 'k2', 'pairs' => 2], $pair('a'), $pair('b')])->conflicts[0];
    expect($conflict->observations)->toBe([1, 2, 3])->and($conflict->why)->toContain('Pair a of X-k2 was live by meter');
});

it('names the smallest group that contradicts, and goes on with the rest', function (): void {
    $trace = traced([
        ALL_ON_C1,
        ['kind' => 'open', 'point' => 'k3', 'pairs' => 1],
        ['kind' => 'trip', 'at' => 'k1', 'dead' => ['k1', 'k2'], 'live' => ['k3']],
        ['kind' => 'off', 'circuit' => 'c2', 'dead' => ['k2'], 'live' => ['k1', 'k3']],
    ]);
    expect($trace->conflicts)->toHaveCount(1)
        ->and($trace->conflicts[0]->observations)->toBe([0, 3])

            ->and($trace->conflicts[0]->why)
            ->toBe(
                'With breaker c1 Circuit c1 off, X-k1, X-k2 and X-k3 went dead. With breaker c2 Circuit c2 off, X-k2 went dead and '
                    . 'X-k1 and X-k3 stayed live. These cannot all hold.',
            )
        ->and($trace->next)->toBeNull()
        ->and(placeOf($trace, 'k2')['protected_by'])->toBe(['k1']);
});

it('takes cables that are there as given, and names one that contradicts', function (): void {
    $cables = ['cables' => [Build::cable('c1', 'k1'), Build::cable('k1', 'k2', 'load')]];
    $trace = traced([['kind' => 'off', 'circuit' => 'c1', 'dead' => ['k1', 'k2', 'k3'], 'live' => []]], $cables);
    expect(ClosedLoop::parents($trace))->toMatchArray(['k1' => 'c1', 'k2' => 'k1'])
        ->and(placeOf($trace, 'k2')['protected_by'])->toBe(['k1'])
        ->and(array_column($trace->edges, 'onLoad', 'to')['k2'])->toBeTrue();
    $conflict = traced([['kind' => 'trip', 'at' => 'k1', 'dead' => ['k1'], 'live' => ['k2']]], $cables)->conflicts[0];
    expect([$conflict->observations, $conflict->cables])->toBe([[0], ['k1-k2']]);
});

it('takes a feeder\'s breaker with all circuits of its panel', function (): void {
    $house = [
        'panels' => [['id' => 'main', 'name' => 'Main'], ['id' => 'sub', 'name' => 'Sub', 'fed_from' => 'c1']],
        'circuits' => [
            Build::circuit('c1'),
            Build::circuit('s1', ['panel' => 'sub']),
            Build::circuit('s2', ['panel' => 'sub']),
            Build::circuit('c2'),
        ],
    ];
    $trace = traced(
        [
            ['kind' => 'off', 'circuit' => 'c1', 'dead' => ['k1', 'k2'], 'live' => ['k3']],
            ['kind' => 'off', 'circuit' => 's1', 'dead' => ['k1'], 'live' => ['k2', 'k3']],
        ],
        $house,
    );
    expect($trace->conflicts)->toBe([])
        ->and(placeOf($trace, 'k1')['circuit'])->toBe('s1')
        ->and(placeOf($trace, 'k3')['circuit'])->toBe('c2');
});

it('is done at once with a house whose cables are all known', function (): void {
    $house = (new Bouclier\Core\Exchange\HouseReader())->fromJson(
        (string) file_get_contents(__DIR__ . '/../../../../database/demo/plover-street-8.house.json'),
    );
    $trace = (new Tracer($house, []))->trace();
    $certain = ClosedLoop::parents($trace);
    foreach ($house->cables as $cable) {
        expect($certain)->toHaveKey($cable->to->point);
    }
    expect($trace->conflicts)->toBe([]);
});

it('asks breaker by breaker where more outlets may hang together than can be ordered at once', function (): void {
    $points = array_map(fn(int $i): array => Build::point("p$i"), range(1, 80));
    $trace = traced([['kind' => 'off', 'circuit' => 'c1', 'dead' => ['p1'], 'live' => ['p2']]], ['points' => $points]);
    expect($trace->next?->kind)->toBe(NextKind::Off)->and($trace->next?->circuit)->toBe('c1')->and($trace->resolved)->toBeFalse()
        ->and(placeOf($trace, 'p1')['circuit'])->toBe('c1');
});

it('says what is wrong with an observation, and where', function (array $observation, string $fault): void {
    expect(fn() => traced([['kind' => 'open', 'point' => 'k2', 'pairs' => 2], $observation]))->toThrow(BadHouseFile::class, $fault);
})->with([
    [['kind' => 'off', 'circuit' => 'c9', 'dead' => [], 'live' => []], '/observations/1/circuit: there is no circuit "c9"'],
    [['kind' => 'off', 'circuit' => 'c1', 'dead' => ['k1', 'x'], 'live' => []], '/observations/1/dead/1: there is no point "x"'],
    [['kind' => 'trip', 'at' => 'k2', 'dead' => [], 'live' => []], '/observations/1/at: "k2" is no protective device'],
    [['kind' => 'trip', 'at' => 'c1', 'dead' => [], 'live' => []], '/observations/1/at: the breaker of "c1" has no TEST to press'],
    [['kind' => 'button', 'point' => 'k2', 'tripped' => ['k3']], '/observations/1/tripped/0: "k3" is no protective device'],
    [
        ['kind' => 'lift', 'point' => 'k3', 'pair' => 'a', 'dead' => [], 'live' => []],
        '/observations/1/point: the box of "k3" was not opened before',
    ],
    [
        ['kind' => 'lift', 'point' => 'k2', 'pair' => 'c', 'dead' => [], 'live' => []],
        '/observations/1/pair: "c" is none of the 2 pairs counted there',
    ],
    [['kind' => 'open', 'point' => 'k3', 'pairs' => 0], '/observations/1/pairs'],
]);

it('finds what contradicts between breakers in a house that is too large to be tried as a whole', function (
    array $observations,
    array $group,
): void {
    $points = [Build::point('g', ['device' => 'gfci'])];
    $cables = [];
    foreach (range(1, 60) as $n) {
        $points[] = Build::point("p$n");
    }
    foreach (range(4, 60) as $n) {
        $cables[] = Build::cable($n % 4 === 0 ? 'c' . (3 + $n % 7) : 'p' . ($n - $n % 4), "p$n");
    }
    $house = Build::house([
        'circuits' => array_map(fn(int $n): array => Build::circuit("c$n"), range(1, 12)),
        'points' => $points,
        'cables' => $cables,
        'observations' => $observations,
    ]);
    $trace = (new Tracer($house, ObservationReader::of($house)))->trace();
    expect($trace->conflicts)->toHaveCount($group === [] ? 0 : 1)->and($trace->conflicts[0]->observations ?? [])->toBe($group);
})->with([
    'off and off' => [
        [
            ['kind' => 'off', 'circuit' => 'c1', 'dead' => ['p1'], 'live' => []],
            ['kind' => 'off', 'circuit' => 'c2', 'dead' => ['p1', 'p2'], 'live' => []],
        ],
        [0, 1],
    ],
    'off and TEST' => [
        [
            ['kind' => 'off', 'circuit' => 'c1', 'dead' => ['g', 'p1'], 'live' => ['p2']],
            ['kind' => 'trip', 'at' => 'g', 'dead' => ['p1', 'p2'], 'live' => []],
        ],
        [0, 1],
    ],
    'TEST, and breakers that took the two apart' => [
        [
            ['kind' => 'off', 'circuit' => 'c1', 'dead' => ['g'], 'live' => []],
            ['kind' => 'trip', 'at' => 'g', 'dead' => ['p1'], 'live' => []],
            ['kind' => 'off', 'circuit' => 'c2', 'dead' => ['p1'], 'live' => ['p3']],
        ],
        [0, 1, 2],
    ],
    'nothing' => [
        [
            ['kind' => 'off', 'circuit' => 'c1', 'dead' => ['g', 'p1'], 'live' => ['p2']],
            ['kind' => 'off', 'circuit' => 'c2', 'dead' => ['p2'], 'live' => ['g']],
            ['kind' => 'trip', 'at' => 'g', 'dead' => ['p1'], 'live' => ['p2']],
        ],
        [],
    ],
]);

it('holds a known cable against what a breaker showed', function (): void {
    $house = Build::house([
        'circuits' => array_map(fn(int $n): array => Build::circuit("c$n"), range(1, 12)),
        'points' => array_map(fn(int $n): array => Build::point("p$n"), range(1, 70)),
        'cables' => [Build::cable('c1', 'p1'), Build::cable('p1', 'p2', null, 'line', ['id' => 'w'])],
        'observations' => [['kind' => 'off', 'circuit' => 'c1', 'dead' => ['p1'], 'live' => ['p2']]],
    ]);
    $conflict = (new Tracer($house, ObservationReader::of($house)))->trace()->conflicts[0];
    expect($conflict->observations)->toBe([0])->and($conflict->cables)->not->toBe([]);
});
