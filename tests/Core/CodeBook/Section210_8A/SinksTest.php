<?php

declare(strict_types=1);

use Bouclier\Core\House\Protection;
use Tests\Core\Build;

it('asks, in 2014, 2017, 2020 and 2023', function (array $area, array $point, array $clauses, array $house = []): void {
    expect(Build::byEdition(Protection::Gfci, $area, $point, $house))->toBe($clauses);
})->with([
    '0 ft from a sink' => [
        ['kind' => 'bedroom', 'fixtures' => [['id' => 'f', 'kind' => 'sink']]],
        ['distances' => [['fixture' => 'f', 'ft' => 0, 'crosses' => 'none']]],
        ['210.8(A)(7)', '210.8(A)(7)', '210.8(A)(7)', '210.8(A)(8)'],
    ],
    '5.99 ft from a sink' => [
        ['kind' => 'bedroom', 'fixtures' => [['id' => 'f', 'kind' => 'sink']]],
        ['distances' => [['fixture' => 'f', 'ft' => 5.99, 'crosses' => 'none']]],
        ['210.8(A)(7)', '210.8(A)(7)', '210.8(A)(7)', '210.8(A)(8)'],
    ],
    '6 ft from a sink' => [
        ['kind' => 'bedroom', 'fixtures' => [['id' => 'f', 'kind' => 'sink']]],
        ['distances' => [['fixture' => 'f', 'ft' => 6, 'crosses' => 'none']]],
        ['210.8(A)(7)', '210.8(A)(7)', '210.8(A)(7)', '210.8(A)(8)'],
    ],
    '6.01 ft from a sink' => [
        ['kind' => 'bedroom', 'fixtures' => [['id' => 'f', 'kind' => 'sink']]],
        ['distances' => [['fixture' => 'f', 'ft' => 6.01, 'crosses' => 'none']]],
        ['', '', '', ''],
    ],
    '3 ft from a sink through a barrier' => [
        ['kind' => 'bedroom', 'fixtures' => [['id' => 'f', 'kind' => 'sink']]],
        ['distances' => [['fixture' => 'f', 'ft' => 3, 'crosses' => 'barrier']]],
        ['', '', '', ''],
    ],
    '6 ft from a sink through a door' => [
        ['kind' => 'bedroom', 'fixtures' => [['id' => 'f', 'kind' => 'sink']]],
        ['distances' => [['fixture' => 'f', 'ft' => 6, 'crosses' => 'door']]],
        ['210.8(A)(7)', '', '210.8(A)(7)', '210.8(A)(8)'],
    ],
    '6.01 ft from a sink through a door' => [
        ['kind' => 'bedroom', 'fixtures' => [['id' => 'f', 'kind' => 'sink']]],
        ['distances' => [['fixture' => 'f', 'ft' => 6.01, 'crosses' => 'door']]],
        ['', '', '', ''],
    ],
]);
