<?php

declare(strict_types=1);

use Bouclier\Core\House\Protection;
use Tests\Core\Build;

it('asks, in 2014, 2017, 2020 and 2023', function (array $area, array $point, array $clauses, array $house = []): void {
    expect(Build::byEdition(Protection::Wr, $area, $point, $house))->toBe($clauses);
})->with([
    'damp' => [
        ['kind' => 'outdoors'],
        ['exposure' => 'damp'],
        ['406.9(A)', '406.9(A)', '406.9(A)', '406.9(A)'],
    ],
    'dry, indoors' => [
        ['kind' => 'den'],
        ['exposure' => 'dry'],
        ['', '', '', ''],
    ],
    '250 V' => [
        ['kind' => 'outdoors'],
        ['exposure' => 'damp', 'volts' => 250],
        ['406.9(A)', '406.9(A)', '406.9(A)', '406.9(A)'],
    ],
    'over 250 V' => [
        ['kind' => 'outdoors'],
        ['exposure' => 'damp', 'volts' => 277],
        ['', '', '', ''],
    ],
    '50 A' => [
        ['kind' => 'outdoors'],
        ['exposure' => 'damp', 'amps' => 50],
        ['', '', '', ''],
    ],
    'a light' => [
        ['kind' => 'outdoors'],
        ['exposure' => 'damp', 'kind' => 'light', 'device' => 'none'],
        ['', '', '', ''],
    ],
]);
