<?php

declare(strict_types=1);

use Bouclier\Core\House\Edition;
use Tests\Core\Build;
use Tests\Core\Houses;

it('finds shared_neutral_protection, graded by the kind of work', function (
    array $house,
    array $graded,
    array $editions = [Edition::Nec2014, Edition::Nec2017, Edition::Nec2020, Edition::Nec2023],
    string $at = 'p',
): void {
    foreach ($editions as $edition) {
        expect(Build::graded('shared_neutral_protection', $house, $edition, $at))->toBe($graded, $edition->label());
    }
})->with(function (): array {
    $none = [null, null, null, null];
    $error = ['error', 'error', 'error', 'error'];
    $halves = fn(array $one, array $other = []): array => [
        'circuits' => [
            Build::circuit('c1', $one + ['multiwire_with' => 'c2']),
            Build::circuit('c2', $other + ['multiwire_with' => 'c1', 'leg' => 'b']),
        ],
        'points' => [Build::point('p', ['circuit' => 'c1']), Build::point('q', ['circuit' => 'c2'])],
        'cables' => [['from' => ['circuits' => ['c1', 'c2']]] + Build::cable('c1', 'p'), Build::cable('p', 'q')],
    ];

    return [
        'a one-pole GFCI breaker on its own half' => [$halves(['breaker' => 'gfci']), $error],
        'on the other half' => [$halves([], ['breaker' => 'gfci']), $error],
        'seen from the half without it' => [$halves(['breaker' => 'gfci']), $error, [Edition::Nec2023], 'q'],
        'an AFCI' => [$halves(['breaker' => 'afci']), $error],
        'a dual on both, one pole each' => [$halves(['breaker' => 'dual'], ['breaker' => 'dual']), $error],
        'a handle tie joins no sensors' => [$halves(['breaker' => 'gfci', 'handle_tie' => true], ['handle_tie' => true]), $error],
        'one two-pole breaker' => [
            $halves(['breaker' => 'gfci', 'common_trip' => true], ['breaker' => 'gfci', 'common_trip' => true]),
            $none,
        ],
        'plain breakers' => [$halves([]), $none],
        'a GFCI breaker on a circuit of its own' => [Houses::lone([], [], ['breaker' => 'gfci']), $none],
    ];
});
