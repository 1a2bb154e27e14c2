<?php

declare(strict_types=1);

use Bouclier\Core\House\Protection;
use Tests\Core\Build;

it('asks, in 2014, 2017, 2020 and 2023', function (array $area, array $point, array $clauses, array $house = []): void {
    expect(Build::byEdition(Protection::Gfci, $area, $point, $house))->toBe($clauses);
})->with([
    'range' => [
        ['kind' => 'dining'],
        ['serves' => 'range', 'amps' => 50, 'volts' => 250],
        ['', '', '', '210.8(D)'],
    ],
    'wall oven' => [
        ['kind' => 'dining'],
        ['serves' => 'wall_oven', 'kind' => 'hardwired'],
        ['', '', '', '210.8(D)'],
    ],
    'cooktop' => [
        ['kind' => 'dining'],
        ['serves' => 'cooktop', 'kind' => 'hardwired'],
        ['', '', '', '210.8(D)'],
    ],
    'dryer' => [
        ['kind' => 'closet'],
        ['serves' => 'dryer', 'amps' => 30, 'volts' => 250],
        ['', '', '', '210.8(D)'],
    ],
    'microwave' => [
        ['kind' => 'dining'],
        ['serves' => 'microwave'],
        ['', '', '', '210.8(D)'],
    ],
    'washer' => [
        ['kind' => 'closet'],
        ['serves' => 'washer'],
        ['210.8(A)(10)', '210.8(A)(10)', '210.8(A)(10)', '210.8(A)(11)'],
    ],
    'range in a kitchen: both clauses' => [
        ['kind' => 'kitchen'],
        ['serves' => 'range', 'amps' => 50, 'volts' => 250],
        ['', '', '', '210.8(A)(6), 210.8(D)'],
    ],
    'dryer in a laundry area' => [
        ['kind' => 'laundry'],
        ['serves' => 'dryer', 'amps' => 30, 'volts' => 250],
        ['', '', '210.8(A)(10)', '210.8(A)(11), 210.8(D)'],
    ],
]);
