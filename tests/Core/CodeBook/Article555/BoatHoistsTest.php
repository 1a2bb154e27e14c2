<?php

declare(strict_types=1);

use Bouclier\Core\House\Protection;
use Tests\Core\Build;

it('asks, in 2014, 2017, 2020 and 2023', function (array $area, array $point, array $clauses): void {
    expect(Build::byEdition(Protection::Gfci, $area, $point))->toBe($clauses);
})->with([
    'a hoist on a dock' => [['kind' => 'attic'], ['serves' => 'boat_hoist'], ['210.8(C)', '210.8(C)', '555.9', '555.9']],
    'wired in, 240 V' => [
        ['kind' => 'attic'],
        ['serves' => 'boat_hoist', 'kind' => 'hardwired', 'device' => 'none', 'volts' => 240],
        ['210.8(C)', '210.8(C)', '555.9', '555.9'],
    ],
    'its switch' => [['kind' => 'attic'], ['serves' => 'boat_hoist', 'kind' => 'switch'], ['', '', '', '']],
    'anything else there' => [['kind' => 'attic'], [], ['', '', '', '']],
]);
