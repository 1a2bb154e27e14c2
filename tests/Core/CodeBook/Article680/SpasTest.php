<?php

declare(strict_types=1);

use Bouclier\Core\House\Protection;
use Tests\Core\Build;

it('asks, in 2014, 2017, 2020 and 2023', function (array $area, array $point, array $clauses, array $house = []): void {
    expect(Build::byEdition(Protection::Gfci, $area, $point, $house))->toBe($clauses);
})->with([
    'wired in' => [
        ['kind' => 'sunroom'],
        ['serves' => 'spa', 'kind' => 'hardwired'],
        ['680.44', '680.44', '680.44', '680.44'],
    ],
    'on a plug' => [
        ['kind' => 'sunroom'],
        ['serves' => 'spa'],
        ['680.44', '680.44', '680.44', '680.44'],
    ],
]);
