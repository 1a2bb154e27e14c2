<?php

declare(strict_types=1);

use Bouclier\Core\House\Edition;
use Tests\Core\Build;

it('finds first_outlet_unmarked, graded by the kind of work', function (
    array $house,
    array $graded,
    array $editions = [Edition::Nec2014, Edition::Nec2017, Edition::Nec2020, Edition::Nec2023],
    string $at = 'p',
): void {
    foreach ($editions as $edition) {
        expect(Build::graded('first_outlet_unmarked', $house, $edition, $at))->toBe($graded, $edition->label());
    }
})->with(function (): array {
    $none = [null, null, null, null];
    $graded = ['error', null, 'warning', 'warning'];
    $at = fn(array $circuit, array $point = [], array $run = ['length_ft' => 30]): array => [
        'areas' => [Build::area('a', 'bedroom')],
        'circuits' => [Build::circuit('c1', $circuit)],
        'points' => [Build::point('p', $point + ['device' => 'afci', 'box' => ['material' => 'metal']])],
        'cables' => [Build::cable('c1', 'p', null, 'line', $run)],
    ];

    return [
        'way 2, no mark' => [$at(['breaker' => 'afci', 'breaker_listing' => 'branch_feeder']), $graded],
        'way 3, no mark' => [$at(['breaker_listing' => 'supplemental_arc']), $graded],
        'way 4, no mark' => [$at(['breaker_listing' => 'system']), $graded],
        'marked' => [$at(['breaker_listing' => 'system'], ['labels' => ['first_outlet_afci']]), $none],
        'another label' => [$at(['breaker_listing' => 'system'], ['labels' => ['gfci_protected']]), $graded],
        'way 5 asks for none' => [$at([], [], ['method' => 'mc']), $none],
        'way 6 asks for none' => [$at([], [], ['method' => 'concrete']), $none],
        'too long: it does not satisfy at all' => [$at(['breaker_listing' => 'system'], [], ['length_ft' => 71]), $none],
        'not measured' => [$at(['breaker_listing' => 'system'], [], []), $none],
    ];
});
