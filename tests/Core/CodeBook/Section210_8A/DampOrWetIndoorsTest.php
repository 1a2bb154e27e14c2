<?php

declare(strict_types=1);

use Bouclier\Core\House\Protection;
use Tests\Core\Build;

it('asks, in 2014, 2017, 2020 and 2023', function (array $area, array $point, array $clauses): void {
    expect(Build::byEdition(Protection::Gfci, $area, $point))->toBe($clauses);
})->with([
    'damp indoors' => [
        ['kind' => 'utility'],
        ['exposure' => 'damp'],
        ['', '', '210.8(A)(11)', '210.8(A)(12)'],
    ],
    'wet indoors' => [
        ['kind' => 'sunroom'],
        ['exposure' => 'wet'],
        ['', '', '210.8(A)(11)', '210.8(A)(12)'],
    ],
    '250 V, damp' => [
        ['kind' => 'utility'],
        ['exposure' => 'damp', 'volts' => 250],
        ['', '', '210.8(A)(11)', '210.8(A)(12)'],
    ],
    'over 250 V, damp' => [
        ['kind' => 'utility'],
        ['exposure' => 'damp', 'volts' => 277],
        ['', '', '', ''],
    ],
    'dry indoors' => [
        ['kind' => 'utility'],
        ['exposure' => 'dry'],
        ['', '', '', ''],
    ],
]);
