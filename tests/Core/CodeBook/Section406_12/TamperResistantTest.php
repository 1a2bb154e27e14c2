<?php

declare(strict_types=1);

use Bouclier\Core\House\Protection;
use Tests\Core\Build;

it('asks', function (array $area, array $point, array $clauses, array $house = []): void {
    expect(Build::byEdition(Protection::Tr, $area, $point, $house))->toBe($clauses);
})->with(function (): array {
    $all = ['406.12(A)', '406.12(1)', '406.12(1)', '406.12(1)'];
    $none = ['', '', '', ''];

    return [
        'bedroom' => [['kind' => 'bedroom'], [], $all],
        'garage' => [['kind' => 'garage'], [], $all],
        'outdoors' => [['kind' => 'outdoors'], [], $all],
        'boathouse' => [['kind' => 'boathouse'], [], ['', '', '', '406.12(1)']],
        'crawl space' => [['kind' => 'crawl_space'], [], $none],
        'attic' => [['kind' => 'attic'], [], ['', '', '', '406.12(1)']],
        'closet' => [['kind' => 'closet'], [], ['', '', '', '406.12(1)']],
        'utility room' => [['kind' => 'utility'], [], ['', '', '', '406.12(1)']],
        '250 V' => [['kind' => 'den'], ['volts' => 250], ['', '406.12(1)', '406.12(1)', '406.12(1)']],
        '30 A' => [['kind' => 'den'], ['amps' => 30], $none],
        'at 5 1/2 ft' => [['kind' => 'den'], ['height_ft' => 5.5], $all],
        'above 5 1/2 ft' => [['kind' => 'den'], ['height_ft' => 5.6], $none],
        'part of a luminaire' => [['kind' => 'den'], ['part_of_appliance' => true], $none],
        'behind the refrigerator' => [['kind' => 'kitchen'], ['serves' => 'refrigerator'], $none],
        'locking ceiling receptacle' => [['kind' => 'den'], ['serves' => 'ceiling_support'], $none],
        'light' => [['kind' => 'den'], ['kind' => 'light', 'device' => 'none'], $none],
    ];
});
