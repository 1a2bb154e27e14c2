<?php

declare(strict_types=1);

use Bouclier\Core\House\Protection;
use Tests\Core\Build;

it('asks', function (array $area, array $point, array $clauses, array $house = []): void {
    expect(Build::byEdition(Protection::Gfci, $area, $point, $house))->toBe($clauses);
})->with([
    'hydromassage tub' => [['kind' => 'sunroom'], ['serves' => 'hydromassage', 'kind' => 'hardwired'], ['680.71', '680.71', '680.71', '680.71']],
    'spa' => [['kind' => 'sunroom'], ['serves' => 'spa', 'kind' => 'hardwired'], ['680.44', '680.44', '680.44', '680.44']],
    'pool pump' => [['kind' => 'utility'], ['serves' => 'pool_pump', 'kind' => 'hardwired'], ['680.21(C)', '680.21(C)', '680.21(C)', '680.21(C)']],
    '6 ft of a hydromassage tub in plan' => [['kind' => 'den', 'fixtures' => [['id' => 'h', 'kind' => 'hydromassage']]], ['volts' => 277, 'distances' => [['fixture' => 'h', 'ft' => 6, 'measured' => 'horizontal', 'crosses' => 'door']]], ['680.71', '680.71', '680.71', '680.71']],
    'farther' => [['kind' => 'den', 'fixtures' => [['id' => 'h', 'kind' => 'hydromassage']]], ['distances' => [['fixture' => 'h', 'ft' => 6.1, 'measured' => 'horizontal']]], ['', '', '', '']],
    'behind a wall' => [['kind' => 'den', 'fixtures' => [['id' => 'h', 'kind' => 'hydromassage']]], ['distances' => [['fixture' => 'h', 'ft' => 2, 'crosses' => 'barrier']]], ['', '', '', '']],
    '20 ft of a pool, indoors' => [['kind' => 'den', 'fixtures' => [['id' => 'h', 'kind' => 'pool']]], ['distances' => [['fixture' => 'h', 'ft' => 20]]], ['680.22(A)(4)', '680.22(A)(4)', '680.22(A)(4)', '680.22(A)(4)']],
    'beyond 20 ft of a pool' => [['kind' => 'den', 'fixtures' => [['id' => 'h', 'kind' => 'pool']]], ['distances' => [['fixture' => 'h', 'ft' => 20.1]]], ['', '', '', '']],
    'a pool beyond a door' => [['kind' => 'den', 'fixtures' => [['id' => 'h', 'kind' => 'pool']]], ['distances' => [['fixture' => 'h', 'ft' => 9, 'crosses' => 'door']]], ['', '', '', '']],
    'a 30 A receptacle by a pool' => [['kind' => 'den', 'fixtures' => [['id' => 'h', 'kind' => 'pool']]], ['amps' => 30, 'distances' => [['fixture' => 'h', 'ft' => 9]]], ['', '', '', '']],
]);
