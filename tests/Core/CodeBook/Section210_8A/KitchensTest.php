<?php

declare(strict_types=1);

use Bouclier\Core\House\Protection;
use Tests\Core\Build;

it('asks, in 2014, 2017, 2020 and 2023', function (array $area, array $point, array $clauses): void {
    expect(Build::byEdition(Protection::Gfci, $area, $point))->toBe($clauses);
})->with([
    'kitchen counter' => [
        ['kind' => 'kitchen'],
        ['serves' => 'countertop'],
        ['210.8(A)(6)', '210.8(A)(6)', '210.8(A)(6)', '210.8(A)(6)'],
    ],
    'kitchen, not the counter' => [
        ['kind' => 'kitchen'],
        ['serves' => 'refrigerator'],
        ['', '', '', '210.8(A)(6)'],
    ],
]);
