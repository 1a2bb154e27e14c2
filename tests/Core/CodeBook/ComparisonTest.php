<?php

declare(strict_types=1);

use Bouclier\Core\CodeBook\Comparison;
use Bouclier\Core\CodeBook\Difference;
use Bouclier\Core\House\Edition;
use Tests\Core\Build;

/** @return list<string> */
function differences(array $area, array $point, Edition $from, Edition $to): array
{
    $house = Build::house([
        'areas' => [$area + Build::area('a')],
        'points' => [Build::point('p', $point)],
        'cables' => [Build::cable('c1', 'p')],
    ]);

    return array_map(
        fn(Difference $d): string => "{$d->protection->value} " . ($d->isNewlyAsked() ? 'newly asked' : 'changed'),
        Comparison::of($house, $from, $to),
    );
}

it('names what one edition asks and the other does not', function (
    array $area,
    array $point,
    Edition $from,
    Edition $to,
    array $expected,
): void {
    expect(differences($area, $point, $from, $to))->toBe($expected);
})->with([
    'a kitchen wall, 2020 to 2023' => [
        ['kind' => 'kitchen'],
        ['serves' => 'refrigerator'],
        Edition::Nec2020,
        Edition::Nec2023,
        ['gfci newly asked'],
    ],
    'the same, backwards' => [['kind' => 'kitchen'], ['serves' => 'refrigerator'], Edition::Nec2023, Edition::Nec2020, ['gfci changed']],
    'a clause that is only renumbered' => [['kind' => 'laundry'], [], Edition::Nec2020, Edition::Nec2023, []],
    'a finished basement, 2017 to 2020' => [['kind' => 'basement'], [], Edition::Nec2017, Edition::Nec2020, ['gfci newly asked']],
    '250 V, 2014 to 2017' => [['kind' => 'den'], ['volts' => 250], Edition::Nec2014, Edition::Nec2017, ['tr newly asked']],
    'the same edition' => [['kind' => 'kitchen'], [], Edition::Nec2023, Edition::Nec2023, []],
]);
