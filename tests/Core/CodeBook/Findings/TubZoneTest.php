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

it('is computed from the distance and the height', function (array $point, array $graded, array $editions, string $id = 'tub_zone'): void {
    foreach ($editions as $edition) {
        $house = Houses::lone($point, ['kind' => 'bathroom', 'fixtures' => [['id' => 's', 'kind' => 'shower']]]);
        expect(Build::graded($id, $house, $edition))->toBe($graded, $edition->label());
    }
})->with(function (): array {
    $asked = ['error', 'error', 'error', 'advice'];
    $advice = ['advice', 'advice', 'advice', 'advice'];
    $none = [null, null, null, null];
    $old = [Edition::Nec2014, Edition::Nec2017];
    $since2020 = [Edition::Nec2020, Edition::Nec2023];
    $at = fn(float $ft, ?float $high, array $more = []): array => array_filter(
        $more + ['distances' => [['fixture' => 's', 'ft' => $ft]], 'height_ft' => $high],
        fn(mixed $said): bool => $said !== null,
    );

    return [
        'within' => [$at(2.5, 3.5), $asked, $since2020],
        'within, before 2020 only over it' => [$at(2.5, 3.5), $none, $old],
        'at 3 ft' => [$at(3.0, 3.5), $asked, $since2020],
        'beyond 3 ft' => [$at(3.1, 3.5), $none, $since2020],
        'above 8 ft' => [$at(2.5, 8.5), $none, $since2020],
        'through a wall' => [
            ['distances' => [['fixture' => 's', 'ft' => 1, 'crosses' => 'barrier']], 'height_ft' => 3.5],
            $none,
            $since2020,
        ],
        'on the opposite wall' => [$at(2.5, 3.5, ['tub_zone' => ['opposite_wall' => true]]), $none, $since2020],
        'no height: not found' => [$at(2.5, null), $none, $since2020],
        'no height: asked for' => [$at(2.5, null), $advice, $since2020, 'tub_zone_unknown'],
        'no distance: asked for' => [[], $advice, $since2020, 'tub_zone_unknown'],
        'far enough: no height needed' => [$at(5.0, null), $none, $since2020, 'tub_zone_unknown'],
        'the machine\'s own receptacle' => [$at(0.5, 0.5, ['serves' => 'hydromassage']), $none, $since2020],
    ];
});
