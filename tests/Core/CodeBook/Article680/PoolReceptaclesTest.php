<?php

declare(strict_types=1);

use Bouclier\Core\House\Protection;
use Tests\Core\Build;

it('asks, in 2014, 2017, 2020 and 2023', function (array $area, array $point, array $clauses, array $house = []): void {
    expect(Build::byEdition(Protection::Gfci, $area, $point, $house))->toBe($clauses);
})->with([
    '20 ft of a pool, indoors' => [
        ['kind' => 'den', 'fixtures' => [['id' => 'h', 'kind' => 'pool']]],
        ['distances' => [['fixture' => 'h', 'ft' => 20]]],
        ['680.22(A)(4)', '680.22(A)(4)', '680.22(A)(4)', '680.22(A)(4)'],
    ],
    'beyond 20 ft' => [
        ['kind' => 'den', 'fixtures' => [['id' => 'h', 'kind' => 'pool']]],
        ['distances' => [['fixture' => 'h', 'ft' => 20.1]]],
        ['', '', '', ''],
    ],
    'a pool beyond a door' => [
        ['kind' => 'den', 'fixtures' => [['id' => 'h', 'kind' => 'pool']]],
        ['distances' => [['fixture' => 'h', 'ft' => 9, 'crosses' => 'door']]],
        ['', '', '', ''],
    ],
    '30 A' => [
        ['kind' => 'den', 'fixtures' => [['id' => 'h', 'kind' => 'pool']]],
        ['amps' => 30, 'distances' => [['fixture' => 'h', 'ft' => 9]]],
        ['', '', '', ''],
    ],
]);
