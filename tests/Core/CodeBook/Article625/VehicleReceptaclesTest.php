<?php

declare(strict_types=1);

use Bouclier\Core\House\Protection;
use Tests\Core\Build;

it('asks', function (array $area, array $point, array $clauses, array $house = []): void {
    expect(Build::byEdition(Protection::Gfci, $area, $point, $house))->toBe($clauses);
})->with([
    'vehicle receptacle, 50 A' => [
        ['kind' => 'utility'],
        ['serves' => 'ev', 'amps' => 50, 'volts' => 250],
        ['', '625.54', '625.54', '625.54'],
    ],
    'vehicle receptacle over 50 A' => [
        ['kind' => 'utility'],
        ['serves' => 'ev', 'amps' => 60, 'volts' => 250],
        ['', '', '625.54', '625.54'],
    ],
    'wired in' => [['kind' => 'utility'], ['serves' => 'ev', 'kind' => 'hardwired'], ['', '', '', '']],
]);
