<?php

declare(strict_types=1);

use Tests\Core\Houses;

it('lets off, in 2014, 2017, 2020 and 2023', function (array $area, array $point, array $off, bool $shared = false): void {
    expect(Houses::letOff($area, $point, $shared))->toBe($off);
})->with([
    'in the unfinished basement' => [
        ['kind' => 'basement', 'finished' => false],
        ['serves' => 'fire_alarm'],
        [true, true, true, true],
    ],
    'in a bathroom' => [
        ['kind' => 'bathroom'],
        ['serves' => 'fire_alarm'],
        [true, true, true, true],
    ],
    'a smoke alarm is no such system' => [
        ['kind' => 'garage'],
        ['serves' => 'smoke_alarm'],
        [false, false, false, false],
    ],
]);
