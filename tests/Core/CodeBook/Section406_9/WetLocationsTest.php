<?php

declare(strict_types=1);

use Bouclier\Core\House\Protection;
use Tests\Core\Build;

it('asks, in 2014, 2017, 2020 and 2023', function (array $area, array $point, array $clauses, array $house = []): void {
    expect(Build::byEdition(Protection::Wr, $area, $point, $house))->toBe($clauses);
})->with([
    'wet' => [
        ['kind' => 'outdoors'],
        ['exposure' => 'wet'],
        ['406.9(B)(1)', '406.9(B)(1)', '406.9(B)(1)', '406.9(B)(1)'],
    ],
    'said to be dry, outdoors: it is wet there' => [
        ['kind' => 'outdoors'],
        ['exposure' => 'dry'],
        ['406.9(B)(1)', '406.9(B)(1)', '406.9(B)(1)', '406.9(B)(1)'],
    ],
    'not said, outdoors: wet' => [
        ['kind' => 'outdoors'],
        [],
        ['406.9(B)(1)', '406.9(B)(1)', '406.9(B)(1)', '406.9(B)(1)'],
    ],
    'not said, indoors' => [
        ['kind' => 'basement'],
        [],
        ['', '', '', ''],
    ],
    'under a roof: damp is another clause' => [
        ['kind' => 'outdoors'],
        ['exposure' => 'damp'],
        ['406.9(A)', '406.9(A)', '406.9(A)', '406.9(A)'],
    ],
    '250 V' => [
        ['kind' => 'outdoors'],
        ['exposure' => 'wet', 'volts' => 250],
        ['406.9(B)(1)', '406.9(B)(1)', '406.9(B)(1)', '406.9(B)(1)'],
    ],
    '50 A' => [
        ['kind' => 'outdoors'],
        ['exposure' => 'wet', 'amps' => 50],
        ['', '', '', ''],
    ],
    'a light' => [
        ['kind' => 'outdoors'],
        ['exposure' => 'wet', 'kind' => 'light', 'device' => 'none'],
        ['', '', '', ''],
    ],
]);
