<?php

declare(strict_types=1);

use Bouclier\Core\House\Protection;
use Tests\Core\Build;

it('asks, in 2014, 2017, 2020 and 2023', function (array $area, array $point, array $clauses, array $house = []): void {
    expect(Build::byEdition(Protection::Gfci, $area, $point, $house))->toBe($clauses);
})->with([
    '6 ft in plan, through a door' => [
        ['kind' => 'den', 'fixtures' => [['id' => 'h', 'kind' => 'hydromassage']]],
        ['volts' => 277, 'distances' => [['fixture' => 'h', 'ft' => 6, 'measured' => 'horizontal', 'crosses' => 'door']]],
        ['680.71', '680.71', '680.71', '680.71'],
    ],
    'farther' => [
        ['kind' => 'den', 'fixtures' => [['id' => 'h', 'kind' => 'hydromassage']]],
        ['distances' => [['fixture' => 'h', 'ft' => 6.1, 'measured' => 'horizontal']]],
        ['', '', '', ''],
    ],
    'behind a wall' => [
        ['kind' => 'den', 'fixtures' => [['id' => 'h', 'kind' => 'hydromassage']]],
        ['distances' => [['fixture' => 'h', 'ft' => 2, 'crosses' => 'barrier']]],
        ['', '', '', ''],
    ],
]);
