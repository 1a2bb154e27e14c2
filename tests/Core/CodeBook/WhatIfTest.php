<?php

declare(strict_types=1);

use Bouclier\Core\CodeBook\Alternative;
use Bouclier\Core\CodeBook\Verdict;
use Bouclier\Core\CodeBook\WhatIf;
use Bouclier\Core\Feed\FeedMap;
use Bouclier\Core\House\House;
use Tests\Core\Build;

/** @return array<string, string> verdict by what would change it */
function alternatives(House $house, string $point): array
{
    $found = (new WhatIf($house, new FeedMap($house)))->for($house->point($point));

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
    ])->and(alternatives($house, 'k'))->toBe([]);
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
        'Under NEC 2017.' => 'not_asked',
    ]);
    $kitchen = Build::house([
        'code' => ['edition' => 'nec-2020'],
        'areas' => [Build::area('a', 'kitchen')],
        'points' => [Build::point('p')],
    ]);
    expect(alternatives($kitchen, 'p'))->toBe([
        'If it served the countertop.' => Verdict::Missing->value,
        'Under NEC 2023.' => Verdict::Missing->value,
    ]);
});
