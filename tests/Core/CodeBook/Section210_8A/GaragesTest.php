<?php

declare(strict_types=1);

use Bouclier\Core\House\Protection;
use Tests\Core\Build;

it('asks, in 2014, 2017, 2020 and 2023', function (array $area, array $point, array $clauses): void {
    expect(Build::byEdition(Protection::Gfci, $area, $point))->toBe($clauses);
})->with([
    'garage' => [
        ['kind' => 'garage'],
        [],
        ['210.8(A)(2)', '210.8(A)(2)', '210.8(A)(2)', '210.8(A)(2)'],
    ],
    'garage above grade' => [
        ['kind' => 'garage', 'grade' => 'above'],
        [],
        ['210.8(A)(2)', '210.8(A)(2)', '210.8(A)(2)', '210.8(A)(2)'],
    ],
    'outbuilding at grade, not habitable' => [
        ['kind' => 'accessory_building', 'finished' => false],
        [],
        ['210.8(A)(2)', '210.8(A)(2)', '210.8(A)(2)', '210.8(A)(2)'],
    ],
    'outbuilding, habitable' => [
        ['kind' => 'accessory_building', 'finished' => true],
        [],
        ['', '', '', ''],
    ],
    'outbuilding above grade' => [
        ['kind' => 'accessory_building', 'finished' => false, 'grade' => 'above'],
        [],
        ['', '', '', ''],
    ],
]);
