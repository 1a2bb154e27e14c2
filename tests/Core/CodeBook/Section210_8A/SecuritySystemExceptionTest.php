<?php

declare(strict_types=1);

use Tests\Core\Houses;

it('lets off, in 2014, 2017, 2020 and 2023', function (array $area, array $point, array $off, bool $shared = false): void {
    expect(Houses::letOff($area, $point, $shared))->toBe($off);
})->with([
    'in the garage: any listed place since 2023' => [
        ['kind' => 'garage'],
        ['serves' => 'security'],
        [false, false, false, true],
    ],
    'a freezer' => [
        ['kind' => 'garage'],
        ['serves' => 'freezer'],
        [false, false, false, false],
    ],
]);
