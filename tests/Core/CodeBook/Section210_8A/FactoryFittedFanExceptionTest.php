<?php

declare(strict_types=1);

use Tests\Core\Houses;

it('lets off, in 2014, 2017, 2020 and 2023', function (array $area, array $point, array $off, bool $shared = false): void {
    expect(Houses::letOff($area, $point, $shared))->toBe($off);
})->with([
    'inside the fan' => [
        ['kind' => 'bathroom'],
        ['serves' => 'bath_fan', 'factory_fitted' => true, 'accessible' => false],
        [false, false, false, true],
    ],
    'inside the fan, within reach' => [
        ['kind' => 'bathroom'],
        ['serves' => 'bath_fan', 'factory_fitted' => true],
        [false, false, false, false],
    ],
    'beside the fan' => [
        ['kind' => 'bathroom'],
        ['serves' => 'bath_fan', 'accessible' => false],
        [false, false, false, false],
    ],
]);
