<?php

declare(strict_types=1);

use Bouclier\Core\House\Protection;
use Tests\Core\Build;

it('asks, in 2014, 2017, 2020 and 2023', function (array $area, array $point, array $clauses, array $house = []): void {
    expect(Build::byEdition(Protection::Gfci, $area, $point, $house))->toBe($clauses);
})->with([
    '0 ft from a bathtub' => [
        ['kind' => 'bedroom', 'fixtures' => [['id' => 'f', 'kind' => 'bathtub']]],
        ['distances' => [['fixture' => 'f', 'ft' => 0, 'crosses' => 'none']]],
        ['210.8(A)(9)', '210.8(A)(9)', '210.8(A)(9)', '210.8(A)(10)'],
    ],
    '5.99 ft from a bathtub' => [
        ['kind' => 'bedroom', 'fixtures' => [['id' => 'f', 'kind' => 'bathtub']]],
        ['distances' => [['fixture' => 'f', 'ft' => 5.99, 'crosses' => 'none']]],
        ['210.8(A)(9)', '210.8(A)(9)', '210.8(A)(9)', '210.8(A)(10)'],
    ],
    '6 ft from a bathtub' => [
        ['kind' => 'bedroom', 'fixtures' => [['id' => 'f', 'kind' => 'bathtub']]],
        ['distances' => [['fixture' => 'f', 'ft' => 6, 'crosses' => 'none']]],
        ['210.8(A)(9)', '210.8(A)(9)', '210.8(A)(9)', '210.8(A)(10)'],
    ],
    '6.01 ft from a bathtub' => [
        ['kind' => 'bedroom', 'fixtures' => [['id' => 'f', 'kind' => 'bathtub']]],
        ['distances' => [['fixture' => 'f', 'ft' => 6.01, 'crosses' => 'none']]],
        ['', '', '', ''],
    ],
    '3 ft from a bathtub through a barrier' => [
        ['kind' => 'bedroom', 'fixtures' => [['id' => 'f', 'kind' => 'bathtub']]],
        ['distances' => [['fixture' => 'f', 'ft' => 3, 'crosses' => 'barrier']]],
        ['', '', '', ''],
    ],
    '6 ft from a bathtub through a door' => [
        ['kind' => 'bedroom', 'fixtures' => [['id' => 'f', 'kind' => 'bathtub']]],
        ['distances' => [['fixture' => 'f', 'ft' => 6, 'crosses' => 'door']]],
        ['210.8(A)(9)', '', '210.8(A)(9)', '210.8(A)(10)'],
    ],
    '6.01 ft from a bathtub through a door' => [
        ['kind' => 'bedroom', 'fixtures' => [['id' => 'f', 'kind' => 'bathtub']]],
        ['distances' => [['fixture' => 'f', 'ft' => 6.01, 'crosses' => 'door']]],
        ['', '', '', ''],
    ],
    '0 ft from a shower' => [
        ['kind' => 'bedroom', 'fixtures' => [['id' => 'f', 'kind' => 'shower']]],
        ['distances' => [['fixture' => 'f', 'ft' => 0, 'crosses' => 'none']]],
        ['210.8(A)(9)', '210.8(A)(9)', '210.8(A)(9)', '210.8(A)(10)'],
    ],
    '5.99 ft from a shower' => [
        ['kind' => 'bedroom', 'fixtures' => [['id' => 'f', 'kind' => 'shower']]],
        ['distances' => [['fixture' => 'f', 'ft' => 5.99, 'crosses' => 'none']]],
        ['210.8(A)(9)', '210.8(A)(9)', '210.8(A)(9)', '210.8(A)(10)'],
    ],
    '6 ft from a shower' => [
        ['kind' => 'bedroom', 'fixtures' => [['id' => 'f', 'kind' => 'shower']]],
        ['distances' => [['fixture' => 'f', 'ft' => 6, 'crosses' => 'none']]],
        ['210.8(A)(9)', '210.8(A)(9)', '210.8(A)(9)', '210.8(A)(10)'],
    ],
    '6.01 ft from a shower' => [
        ['kind' => 'bedroom', 'fixtures' => [['id' => 'f', 'kind' => 'shower']]],
        ['distances' => [['fixture' => 'f', 'ft' => 6.01, 'crosses' => 'none']]],
        ['', '', '', ''],
    ],
    '3 ft from a shower through a barrier' => [
        ['kind' => 'bedroom', 'fixtures' => [['id' => 'f', 'kind' => 'shower']]],
        ['distances' => [['fixture' => 'f', 'ft' => 3, 'crosses' => 'barrier']]],
        ['', '', '', ''],
    ],
    '6 ft from a shower through a door' => [
        ['kind' => 'bedroom', 'fixtures' => [['id' => 'f', 'kind' => 'shower']]],
        ['distances' => [['fixture' => 'f', 'ft' => 6, 'crosses' => 'door']]],
        ['210.8(A)(9)', '', '210.8(A)(9)', '210.8(A)(10)'],
    ],
    '6.01 ft from a shower through a door' => [
        ['kind' => 'bedroom', 'fixtures' => [['id' => 'f', 'kind' => 'shower']]],
        ['distances' => [['fixture' => 'f', 'ft' => 6.01, 'crosses' => 'door']]],
        ['', '', '', ''],
    ],
    '0 ft from a hydromassage' => [
        ['kind' => 'bedroom', 'fixtures' => [['id' => 'f', 'kind' => 'hydromassage']]],
        ['distances' => [['fixture' => 'f', 'ft' => 0, 'crosses' => 'none']]],
        ['210.8(A)(9), 680.71', '210.8(A)(9), 680.71', '210.8(A)(9), 680.71', '210.8(A)(10), 680.71'],
    ],
    '5.99 ft from a hydromassage' => [
        ['kind' => 'bedroom', 'fixtures' => [['id' => 'f', 'kind' => 'hydromassage']]],
        ['distances' => [['fixture' => 'f', 'ft' => 5.99, 'crosses' => 'none']]],
        ['210.8(A)(9), 680.71', '210.8(A)(9), 680.71', '210.8(A)(9), 680.71', '210.8(A)(10), 680.71'],
    ],
    '6 ft from a hydromassage' => [
        ['kind' => 'bedroom', 'fixtures' => [['id' => 'f', 'kind' => 'hydromassage']]],
        ['distances' => [['fixture' => 'f', 'ft' => 6, 'crosses' => 'none']]],
        ['210.8(A)(9), 680.71', '210.8(A)(9), 680.71', '210.8(A)(9), 680.71', '210.8(A)(10), 680.71'],
    ],
    '6.01 ft from a hydromassage' => [
        ['kind' => 'bedroom', 'fixtures' => [['id' => 'f', 'kind' => 'hydromassage']]],
        ['distances' => [['fixture' => 'f', 'ft' => 6.01, 'crosses' => 'none']]],
        ['', '', '', ''],
    ],
    '3 ft from a hydromassage through a barrier' => [
        ['kind' => 'bedroom', 'fixtures' => [['id' => 'f', 'kind' => 'hydromassage']]],
        ['distances' => [['fixture' => 'f', 'ft' => 3, 'crosses' => 'barrier']]],
        ['', '', '', ''],
    ],
    '6 ft from a hydromassage through a door' => [
        ['kind' => 'bedroom', 'fixtures' => [['id' => 'f', 'kind' => 'hydromassage']]],
        ['distances' => [['fixture' => 'f', 'ft' => 6, 'crosses' => 'door']]],
        ['210.8(A)(9), 680.71', '680.71', '210.8(A)(9), 680.71', '210.8(A)(10), 680.71'],
    ],
    '6.01 ft from a hydromassage through a door' => [
        ['kind' => 'bedroom', 'fixtures' => [['id' => 'f', 'kind' => 'hydromassage']]],
        ['distances' => [['fixture' => 'f', 'ft' => 6.01, 'crosses' => 'door']]],
        ['', '', '', ''],
    ],
]);
