<?php

declare(strict_types=1);

use Bouclier\Core\House\Protection;
use Tests\Core\Build;

it('asks, in 2014, 2017, 2020 and 2023', function (array $area, array $point, array $clauses, array $house = []): void {
    expect(Build::byEdition(Protection::Gfci, $area, $point, $house))->toBe($clauses);
})->with([
    'plugged in' => [
        ['kind' => 'similar'],
        ['serves' => 'dishwasher'],
        ['210.8(D)', '210.8(D)', '210.8(D), 422.5(A)(7)', '210.8(D), 422.5(A)(7)'],
    ],
    'hard-wired' => [
        ['kind' => 'similar'],
        ['serves' => 'dishwasher', 'kind' => 'hardwired'],
        ['210.8(D)', '210.8(D)', '210.8(D), 422.5(A)(7)', '210.8(D), 422.5(A)(7)'],
    ],
    'its switch' => [
        ['kind' => 'similar'],
        ['serves' => 'dishwasher', 'kind' => 'switch'],
        ['', '', '', ''],
    ],
    'a disposal is none' => [
        ['kind' => 'similar'],
        ['serves' => 'disposal'],
        ['', '', '', ''],
    ],
]);
