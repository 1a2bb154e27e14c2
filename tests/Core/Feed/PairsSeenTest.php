<?php

declare(strict_types=1);

use Bouclier\Core\Feed\Observed\PairsSeen;
use Tests\Core\Build;

/** The pairs of the box of p, three of them, by what was seen. */
function pairsSeen(array ...$seen): PairsSeen
{
    return PairsSeen::at(Build::house([
        'points' => [Build::point('p'), Build::point('q'), Build::point('r')],
        'observations' => [['kind' => 'open', 'point' => 'p', 'pairs' => 3], ...$seen],
    ]), 'p');
}

function pairRead(string $pair, bool $live, string $by = 'meter'): array
{
    return ['kind' => 'pair', 'point' => 'p', 'pair' => $pair, 'live' => $live, 'by' => $by];
}

function pairLifted(string $pair, array $dead): array
{
    return ['kind' => 'lift', 'point' => 'p', 'pair' => $pair, 'dead' => $dead, 'live' => array_values(array_diff(['p', 'q', 'r'], $dead))];
}

it('knows the feed by what proves it, and lets the last word stand', function (array $seen, array $isFeed): void {
    $pairs = pairsSeen(...$seen);
    expect($pairs->names())->toBe(['a', 'b', 'c'])->and(array_map($pairs->isFeed(...), ['a', 'b', 'c']))->toBe($isFeed);
})->with([
    'nothing was read' => [[], [null, null, null]],
    'read live' => [[pairRead('b', true)], [false, true, false]],
    'read dead' => [[pairRead('b', false)], [null, false, null]],
    'a look is no proof' => [[pairRead('b', true, 'old_landing')], [null, null, null]],
    'took it back' => [[pairRead('b', true), pairRead('b', false)], [null, false, null]],
    'another after it' => [[pairRead('b', true), pairRead('c', true)], [false, false, true]],
    'lifted, its own box died' => [[pairLifted('a', ['p', 'q'])], [true, false, false]],
    'lifted, its own box lived' => [[pairLifted('a', ['q'])], [false, null, null]],
]);

it('knows where a pair leads by what died with it, or by there being no other', function (): void {
    $pairs = pairsSeen(pairRead('a', true), pairLifted('b', ['q']));
    expect([$pairs->towards('q'), $pairs->towards('r'), $pairs->beyond('b'), $pairs->beyond('c')])->toBe(['b', null, ['q'], []]);
    $two = PairsSeen::at(Build::house([
        'points' => [Build::point('p'), Build::point('q')],
        'observations' => [['kind' => 'open', 'point' => 'p', 'pairs' => 2], pairRead('b', true)],
    ]), 'p');
    expect($two->towards('q'))->toBe('a');
});
