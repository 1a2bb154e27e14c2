<?php

declare(strict_types=1);

use Bouclier\Core\House\Protection;
use Tests\Core\Build;

it('asks', function (array $area, array $point, array $clauses, array $house = []): void {
    expect(Build::byEdition(Protection::Gfci, $area, $point, $house))->toBe($clauses);
})->with([
    'bathroom floor' => [
        ['kind' => 'bathroom'],
        ['serves' => 'floor_heat', 'kind' => 'hardwired'],
        ['424.44', '424.44', '424.44', '424.44'],
    ],
    'kitchen floor' => [['kind' => 'kitchen'], ['serves' => 'floor_heat', 'kind' => 'hardwired'], ['424.44', '424.44', '424.44', '424.44']],
    'floor beside a hydromassage tub' => [
        ['kind' => 'sunroom', 'fixtures' => [['id' => 'h', 'kind' => 'hydromassage']]],
        ['serves' => 'floor_heat', 'kind' => 'hardwired'],
        ['424.44', '424.44', '424.44', '424.44'],
    ],
    'hall floor' => [['kind' => 'hallway'], ['serves' => 'floor_heat', 'kind' => 'hardwired'], ['424.45', '424.45', '424.45', '424.45']],
    'a bedroom that heats itself otherwise' => [['kind' => 'bedroom'], ['serves' => 'hvac', 'kind' => 'hardwired'], ['', '', '', '']],
]);
