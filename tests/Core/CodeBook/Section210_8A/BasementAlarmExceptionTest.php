<?php

declare(strict_types=1);

use Tests\Core\Houses;

it('lets off, in 2014, 2017, 2020 and 2023', function (array $area, array $point, array $off, bool $shared = false): void {
    expect(Houses::letOff($area, $point, $shared))->toBe($off);
})->with([
    'burglar alarm in the unfinished basement' => [
        ['kind' => 'basement', 'finished' => false],
        ['serves' => 'security'],
        [true, true, true, true],
    ],
    'smoke alarm in the unfinished basement' => [
        ['kind' => 'basement', 'finished' => false],
        ['serves' => 'smoke_alarm'],
        [false, false, false, false],
    ],
]);
