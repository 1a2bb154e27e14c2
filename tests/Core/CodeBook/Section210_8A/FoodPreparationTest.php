<?php

declare(strict_types=1);

use Bouclier\Core\House\Protection;
use Tests\Core\Build;

it('asks, in 2014, 2017, 2020 and 2023', function (array $area, array $point, array $clauses): void {
    expect(Build::byEdition(Protection::Gfci, $area, $point))->toBe($clauses);
})->with([
    'bar with a sink' => [
        ['kind' => 'food_prep', 'fixtures' => [['id' => 's', 'kind' => 'sink']]],
        [],
        ['', '', '', '210.8(A)(7)'],
    ],
    'bar without a sink' => [
        ['kind' => 'food_prep'],
        [],
        ['', '', '', ''],
    ],
]);
