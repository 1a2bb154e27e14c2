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
        ['', '', '', '680.22(A)(4)'],
    ],
    '250 V, 60 A: 2023' => [
        ['kind' => 'den', 'fixtures' => [['id' => 'h', 'kind' => 'pool']]],
        ['amps' => 60, 'volts' => 250, 'distances' => [['fixture' => 'h', 'ft' => 9]]],
        ['', '', '', '680.22(A)(4)'],
    ],
    'over 60 A' => [
        ['kind' => 'den', 'fixtures' => [['id' => 'h', 'kind' => 'pool']]],
        ['amps' => 70, 'volts' => 250, 'distances' => [['fixture' => 'h', 'ft' => 9]]],
        ['', '', '', ''],
    ],
    'a spa outdoors is a pool' => [
        ['kind' => 'outdoors', 'fixtures' => [['id' => 'h', 'kind' => 'spa']]],
        ['serves' => 'general', 'distances' => [['fixture' => 'h', 'ft' => 12]]],
        ['210.8(A)(3), 680.22(A)(4)', '210.8(A)(3), 680.22(A)(4)', '210.8(A)(3), 680.22(A)(4)', '210.8(A)(3), 680.22(A)(4)'],
    ],
    'an indoor spa, within 10 ft' => [
        ['kind' => 'den', 'fixtures' => [['id' => 'h', 'kind' => 'spa']]],
        ['distances' => [['fixture' => 'h', 'ft' => 10]]],
        ['680.43', '680.43', '680.43', '680.43'],
    ],
    'an indoor spa, beyond' => [
        ['kind' => 'den', 'fixtures' => [['id' => 'h', 'kind' => 'spa']]],
        ['distances' => [['fixture' => 'h', 'ft' => 10.1]]],
        ['', '', '', ''],
    ],
]);
