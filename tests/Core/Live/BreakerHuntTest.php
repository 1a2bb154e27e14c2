<?php

declare(strict_types=1);

use Bouclier\Core\Feed\Observed\CircuitOff;
use Bouclier\Core\Feed\Observed\Observations;
use Bouclier\Core\House\Entries\Entries;
use Bouclier\Core\House\Entries\EntryList;
use Bouclier\Core\House\Entries\Seen;
use Bouclier\Core\House\Entries\SeenKind;
use Bouclier\Core\House\House;
use Bouclier\Core\Live\BreakerHunt;
use Bouclier\Core\Live\Candidate;
use Bouclier\Core\Live\Candidates;
use Bouclier\Core\Live\HuntPhase;
use Bouclier\Core\Live\Switching;
use Tests\Core\Build;

function panelOf(int $breakers, array $point = [], array $circuits = []): House
{
    return Build::house([
        'circuits' => array_map(
            fn(int $n): array => Build::circuit("c$n", ($circuits[$n] ?? []) + ['slot' => (string) $n]),
            range(1, $breakers),
        ),
        'points' => [Build::point('p', $point)],
    ]);
}

/**
 * Follows the search with the light on one breaker, or on none; answers the last state, the questions asked and the house with its facts.
 */
function hunted(House $house, ?string $true): array
{
    $hunt = BreakerHunt::begun($house, 'p');
    $off = [];
    for ($asked = 0; $hunt->phase === HuntPhase::Flip; ++$asked) {
        $off = array_unique([...array_diff($off, $hunt->on), ...$hunt->off]);
        expect(array_values($off))->toEqualCanonicalizing($hunt->off);
        $hunt = BreakerHunt::fromData(json_decode(json_encode($hunt->flipped()->toData()), false));
        $out = in_array($true, $off, true);
        $house = $hunt->facts($house, $out, 'Ada', '2026-03-02T09:40:00Z');
        $hunt = $hunt->looked($house, $out);
    }

    return [$hunt, $asked, $house];
}

it('finds any breaker, with no more questions than halving takes', function (int $breakers): void {
    foreach (range(1, $breakers) as $true) {
        [$hunt, $asked] = hunted(panelOf($breakers), "c$true");
        expect($hunt->phase)->toBe(HuntPhase::Found)->and($hunt->found)->toBe(["c$true"])->and($hunt->off)->toBe(["c$true"])
            ->and($asked)->toBeLessThanOrEqual((int) ceil(log($breakers, 2)) + 1);
    }
})->with([1, 2, 3, 7, 12, 24]);

it('files every answer as a fact that holds', function (): void {
    [, , $house] = hunted(panelOf(12), 'c9');
    $seen = Observations::of($house);
    expect($seen->faults)->toBe([]);
    foreach ($seen->seen as $off) {
        assert($off instanceof CircuitOff);
        expect($off->circuit === 'c9' ? $off->dead : $off->live)->toBe(['p']);
    }
    expect(end($seen->seen)->circuit)->toBe('c9');
});

it('says so when no listed breaker puts the light out', function (): void {
    [$hunt, , $house] = hunted(panelOf(5), null);
    expect($hunt->phase)->toBe(HuntPhase::None)->and($hunt->off)->toBe([])
        ->and(Observations::of($house)->seen)->toHaveCount(5);
});

it('tries a good label alone', function (): void {
    $hunt = BreakerHunt::begun(panelOf(6, ['circuit' => 'c4']), 'p');
    expect($hunt->off)->toBe(['c4']);
});

it('turns tied breakers together and finds the two', function (): void {
    $tied = [
        2 => ['multiwire_with' => 'c3', 'leg' => 'a', 'handle_tie' => true],
        3 => ['multiwire_with' => 'c2', 'leg' => 'b', 'handle_tie' => true],
    ];
    $house = panelOf(4, [], $tied);
    $hunt = BreakerHunt::begun($house, 'p');
    expect(array_intersect(['c2', 'c3'], $hunt->off))->toBeIn([[], ['c2', 'c3']]);
    foreach (['c2', 'c3'] as $true) {
        expect(hunted($house, $true)[0]->found)->toEqualCanonicalizing(['c2', 'c3']);
    }
});

it('ranks breakers by label, neighbours, amperes and what was seen', function (): void {
    $house = Build::house([
        'areas' => [Build::area('a', 'kitchen', ['name' => 'Kitchen'])],
        'circuits' => [
            Build::circuit('c1', ['label' => 'Hall', 'amps' => 15]),
            Build::circuit('c2', ['label' => 'Kitchens left']),
            Build::circuit('c3', ['label' => 'Front']),
            Build::circuit('c4', ['volts' => 240, 'poles' => 2]),
        ],
        'points' => [Build::point('p', ['amps' => 20]), Build::point('q')],
        'cables' => [Build::cable('c3', 'q')],
        'observations' => [['kind' => 'off', 'circuit' => 'c9', 'dead' => [], 'live' => ['p']]],
    ]);
    expect(array_map(fn(Candidate $one): array => [$one->circuit->id, $one->reasons], Candidates::for($house, $house->point('p'))))->toBe([
        ['c2', ['label matches']],
        ['c3', ['feeds others in the room']],
        ['c1', ['20 A receptacle on 15 A breaker']],
    ]);
    $seen = $house->with(entries: new Entries([
        'observations' => [new Seen(SeenKind::Off, 'c2', dead: [], live: ['p'])],
    ]));
    expect(Candidates::for($seen, $seen->point('p'))[0]->circuit->id)->toBe('c3');
});

it('puts first the breaker of what died together with an outlet, and names breakers labelled alike', function (): void {
    $house = Build::house([
        'circuits' => [
            Build::circuit('c1', ['label' => 'Cellar']),
            Build::circuit('c2', ['label' => 'Plugs']),
            Build::circuit('c3', ['label' => 'Plugs']),
        ],
        'areas' => [Build::area('a'), Build::area('b', 'hallway')],
        'points' => [Build::point('p'), Build::point('q', ['area' => 'b', 'circuit' => 'c3'])],
        'records' => ['readings' => [['point' => 'q', 'lit' => false, 'at_time' => '2026-05-01T10:00:00Z']]],
    ]);
    $found = Candidates::for($house, $house->point('p'));
    expect($found[0]->circuit->id)->toBe('c3')
        ->and($found[0]->reasons)->toBe(['dead too: X-q'])
        ->and(array_column($found[0]->alike, 'id'))->toBe(['c2'])
        ->and($found[1]->reasons)->toBe([]);
    // Lit when it was looked at again: it did not die.
    $lit = $house->withEntry(Build::entry(EntryList::Readings, ['point' => 'q', 'lit' => true]));
    expect(Candidates::for($lit, $lit->point('p'))[0]->reasons)->toBe([]);
    // Its breaker was turned on since: what it showed then says nothing of now.
    $on = Switching::turned($house, $house->circuit('c3'), true, 'Ada', '2026-05-01T11:00:00Z');
    expect(Candidates::for($on, $on->point('p'))[0]->reasons)->toBe([]);
});
