<?php

declare(strict_types=1);

use Bouclier\Core\House\Edition;
use Tests\Core\Build;
use Tests\Core\Houses;

it('finds tub_zone, and only where it is', function (
    array $house,
    bool $found,
    Edition $edition = Edition::Nec2023,
    string $at = 'p',
): void {
    $findings = Build::findings(Build::house($house), $at, $edition);
    expect(in_array('tub_zone', $findings, true))->toBe($found);
})->with(function (): array {
    $old = Edition::Nec2017;

    return [
        'over the tub, 2017' => [Houses::lone(['tub_zone' => ['horizontal_ft' => 0, 'above_rim_ft' => 9]]), true, $old],
        'beside the tub, 2017' => [Houses::lone(['tub_zone' => ['horizontal_ft' => 1, 'above_rim_ft' => 1]]), false, $old],
        'beside the tub, 2020' => [Houses::lone(['tub_zone' => ['horizontal_ft' => 3, 'above_rim_ft' => 8]]), true, Edition::Nec2020],
        'beyond 3 ft' => [Houses::lone(['tub_zone' => ['horizontal_ft' => 3.1, 'above_rim_ft' => 1]]), false],
        'above 8 ft' => [Houses::lone(['tub_zone' => ['horizontal_ft' => 1, 'above_rim_ft' => 8.1]]), false],
        'below the rim, 2020' => [Houses::lone(['tub_zone' => ['horizontal_ft' => 1, 'above_rim_ft' => -1]]), false, Edition::Nec2020],
        'below the rim, 2023' => [Houses::lone(['tub_zone' => ['horizontal_ft' => 1, 'above_rim_ft' => -1]]), true],
        'on the opposite wall' => [
            Houses::lone(['tub_zone' => ['horizontal_ft' => 2, 'above_rim_ft' => 1, 'opposite_wall' => true]]),
            false,
        ],
        'toilet seat, 2023' => [Houses::lone(['serves' => 'bidet', 'tub_zone' => ['horizontal_ft' => 2, 'above_rim_ft' => 1]]), false],
        'toilet seat, 2020' => [
            Houses::lone(['serves' => 'bidet', 'tub_zone' => ['horizontal_ft' => 2, 'above_rim_ft' => 1]]),
            true,
            Edition::Nec2020,
        ],
    ];
});
