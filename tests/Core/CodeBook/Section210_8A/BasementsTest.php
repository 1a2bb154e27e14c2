<?php

declare(strict_types=1);

use Bouclier\Core\House\Protection;
use Tests\Core\Build;

it('asks, in 2014, 2017, 2020 and 2023', function (array $area, array $point, array $clauses): void {
    expect(Build::byEdition(Protection::Gfci, $area, $point))->toBe($clauses);
})->with([
    'basement, unfinished' => [
        ['kind' => 'basement', 'finished' => false, 'grade' => 'below'],
        [],
        ['210.8(A)(5)', '210.8(A)(5)', '210.8(A)(5)', '210.8(A)(5)'],
    ],
    'basement, finished' => [
        ['kind' => 'basement', 'grade' => 'below'],
        [],
        ['', '', '210.8(A)(5)', '210.8(A)(5)'],
    ],
    'walk-out basement' => [
        ['kind' => 'basement', 'grade' => 'at'],
        [],
        ['', '', '210.8(A)(5)', '210.8(A)(5)'],
    ],
    'bedroom below grade' => [
        ['kind' => 'bedroom', 'grade' => 'below'],
        [],
        ['', '', '210.8(A)(5)', '210.8(A)(5)'],
    ],
    'store room below grade, unfinished' => [
        ['kind' => 'utility', 'grade' => 'below', 'finished' => false],
        [],
        ['210.8(A)(5)', '210.8(A)(5)', '210.8(A)(5)', '210.8(A)(5)'],
    ],
]);
