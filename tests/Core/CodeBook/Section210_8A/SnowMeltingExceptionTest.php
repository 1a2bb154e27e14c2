<?php

declare(strict_types=1);

use Tests\Core\Houses;

it('lets off, in 2014, 2017, 2020 and 2023', function (array $area, array $point, array $off, bool $shared = false): void {
    expect(Houses::letOff($area, $point, $shared))->toBe($off);
})->with([
    'out of reach, alone on its circuit' => [
        ['kind' => 'outdoors'],
        ['serves' => 'snow_melting', 'accessible' => false],
        [true, true, true, true],
    ],
    'within reach' => [
        ['kind' => 'outdoors'],
        ['serves' => 'snow_melting'],
        [false, false, false, false],
    ],
    'on a shared circuit' => [
        ['kind' => 'outdoors'],
        ['serves' => 'snow_melting', 'accessible' => false],
        [false, false, false, false],
        true,
    ],
    'in a garage' => [
        ['kind' => 'garage'],
        ['serves' => 'snow_melting', 'accessible' => false],
        [false, false, false, false],
    ],
]);
