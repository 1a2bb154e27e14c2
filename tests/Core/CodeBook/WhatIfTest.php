<?php

declare(strict_types=1);

use Bouclier\Core\CodeBook\Alternative;
use Bouclier\Core\CodeBook\Verdict;
use Bouclier\Core\CodeBook\WhatIf;
use Bouclier\Core\Feed\FeedMap;
use Bouclier\Core\House\House;
use Bouclier\Core\House\Protection;
use Tests\Core\Build;

/** @return array<string, string> verdict by what would change it */
function alternatives(House $house, string $point, Protection $protection = Protection::Gfci): array
{
    $found = (new WhatIf($house, new FeedMap($house), $protection))->for($house->point($point));

    return array_combine(
        array_map(fn(Alternative $a): string => $a->text, $found),
        array_map(
            fn(Alternative $a): string => $a->verdict->value . ($a->alsoCovers === [] ? '' : ' +' . implode(' ', $a->alsoCovers)),
            $found,
        ),
    );
}

it('names each way to close a gap, and whom else it covers', function (): void {
    $house = Build::house([
        'areas' => [Build::area('a', 'garage')],
        'points' => [Build::point('k', ['device' => 'gfci']), Build::point('d'), Build::point('e')],
        'cables' => [Build::cable('c1', 'k'), Build::cable('k', 'd', 'splice'), Build::cable('d', 'e')],
    ]);
    expect(alternatives($house, 'd'))->toBe([
        'Land the cable to X-d on LOAD of X-k.' => 'met +X-e',
        'A GFCI receptacle here.' => 'met',
        'A GFCI breaker at c1 Circuit c1.' => 'met +X-e',
        'If nothing were touched.' => 'advised',
    ])->and(alternatives($house, 'k'))->toBe(['If its device were a plain one.' => 'missing']);
});

it('puts a reversed feed right', function (): void {
    $house = Build::house([
        'areas' => [Build::area('a', 'garage')],
        'points' => [Build::point('k', ['device' => 'gfci']), Build::point('d', ['accessible' => false])],
        'cables' => [Build::cable('c1', 'k', null, 'load'), Build::cable('k', 'd', 'load')],
    ]);
    expect(alternatives($house, 'd'))->toBe([
        'Put the feed of X-k on LINE.' => 'met +X-k',
        'A GFCI breaker at c1 Circuit c1.' => 'met +X-k',
        'If nothing were touched.' => 'advised',
    ]);
});

it('says which facts and editions would judge otherwise, and only those', function (): void {
    $near = Build::house([
        'areas' => [Build::area('a', 'den', ['fixtures' => [['id' => 's', 'kind' => 'sink']]])],
        'points' => [Build::point('p', ['accessible' => false, 'distances' => [['fixture' => 's', 'ft' => 4, 'crosses' => 'door']]])],
    ]);
    expect(alternatives($near, 'p'))->toBe([
        'If the cord path to the sink were longer than the limit.' => 'not_asked',
        'If a wall or fixed barrier stood in the path to the sink.' => 'not_asked',
        'If nothing were touched.' => 'advised',
        'Under NEC 2017.' => 'not_asked',
    ]);
    $kitchen = Build::house([
        'code' => ['edition' => 'nec-2020'],
        'areas' => [Build::area('a', 'kitchen')],
        'points' => [Build::point('p')],
    ]);
    expect(alternatives($kitchen, 'p'))->toBe([
        'If it served the countertop.' => Verdict::Missing->value,
        'If A1 were below grade.' => Verdict::Missing->value,
        'Under NEC 2023.' => Verdict::Missing->value,
    ]);
});

/** A condenser wired in outdoors, under a permit. */
function condenser(?string $permit, string $edition = 'nec-2023'): House
{
    return Build::house(($permit === null ? [] : ['permit_date' => $permit]) + [
        'code' => ['edition' => $edition],
        'areas' => [Build::area('a', 'outdoors')],
        'circuits' => [Build::circuit('c1', ['volts' => 240, 'poles' => 2, 'amps' => 30])],
        'points' => [Build::point('p', ['kind' => 'hardwired', 'device' => 'none', 'serves' => 'hvac'])],
        'cables' => [Build::cable('c1', 'p')],
    ]);
}

it('names the day a deferral turns on, and never a countertop for a condenser', function (?string $permit, array $says): void {
    $found = alternatives(condenser($permit), 'p');
    expect(array_intersect_key($found, $says))->toBe($says)
        ->and(implode(' ', array_keys($found)))->not->toContain('countertop')->not->toContain('receptacle');
})->with([
    'no permit: it is asked' => [null, ['If the permit were dated before 2026-09-01.' => 'not_asked']],
    'deferred' => ['2026-08-31', ['If the permit were dated 2026-09-01 or later.' => 'missing']],
]);

it('says of AFCI what would change it, and offers what is made', function (): void {
    $house = Build::house([
        'areas' => [Build::area('a', 'bedroom')],
        'points' => [Build::point('p', ['volts' => 250])],
        'cables' => [Build::cable('c1', 'p', null, 'line', ['method' => 'mc', 'length_ft' => 9])],
    ]);
    expect(array_keys(alternatives($house, 'p', Protection::Afci)))->toBe(
        ['An AFCI breaker at c1 Circuit c1.', 'If nothing were touched.'],
    );
    $foyer = Build::house(['areas' => [Build::area('a', 'foyer')], 'points' => [Build::point('p')], 'cables' => [Build::cable('c1', 'p')]]);
    expect(alternatives($foyer, 'p', Protection::Afci))->toBe([
        'If A1 were seen as one of the hallways.' => 'missing',
        'If the authority sees A1 as similar to the rooms on the list.' => 'missing',
    ]);
});

it('says of shutters what would change that', function (): void {
    $house = Build::house(['areas' => [Build::area('a', 'attic')], 'points' => [Build::point('p')], 'code' => ['edition' => 'nec-2020']]);
    expect(alternatives($house, 'p', Protection::Tr))->toBe(['Under NEC 2023.' => 'missing']);
    $den = Build::house(['areas' => [Build::area('a', 'den')], 'points' => [Build::point('p')]]);
    expect(alternatives($den, 'p', Protection::Tr))->toBe([
        'A tamper-resistant receptacle here.' => 'met',
        'If it were in the space of an appliance that is not easily moved.' => 'not_asked',
        'If it were out of the reach of a child.' => 'not_asked',
        'If nothing were touched.' => 'advised',
    ]);
});

it('offers one two-pole breaker where two circuits share a neutral, and no other', function (): void {
    $house = Build::house([
        'areas' => [Build::area('a', 'garage')],
        'circuits' => [Build::circuit('c1', ['multiwire_with' => 'c2']), Build::circuit('c2', ['multiwire_with' => 'c1', 'leg' => 'b'])],
        'points' => [Build::point('p', ['circuit' => 'c1']), Build::point('q', ['circuit' => 'c2'])],
        'cables' => [['from' => ['circuits' => ['c1', 'c2']]] + Build::cable('c1', 'p'), Build::cable('p', 'q')],
    ]);
    expect(alternatives($house, 'p'))->toBe([
        'A GFCI receptacle here.' => 'met',
        'One two-pole GFCI breaker for c1 and c2, which share a neutral.' => 'met +X-q',
        'If nothing were touched.' => 'advised',
    ]);
});
