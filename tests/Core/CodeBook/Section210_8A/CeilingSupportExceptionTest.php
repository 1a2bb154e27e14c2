<?php

declare(strict_types=1);

use Tests\Core\Houses;

it('lets off, in 2014, 2017, 2020 and 2023', function (array $area, array $point, array $off, bool $shared = false): void {
    expect(Houses::letOff($area, $point, $shared))->toBe($off);
})->with([
    'garage' => [
        ['kind' => 'garage'],
        ['serves' => 'ceiling_support'],
        [false, false, true, true],
    ],
    'crawl space' => [
        ['kind' => 'crawl_space'],
        ['serves' => 'ceiling_support'],
        [false, false, false, false],
    ],
    'laundry area' => [
        ['kind' => 'laundry'],
        ['serves' => 'ceiling_support'],
        [false, false, true, false],
    ],
    'boathouse' => [
        ['kind' => 'boathouse'],
        ['serves' => 'ceiling_support'],
        [false, false, true, false],
    ],
]);
