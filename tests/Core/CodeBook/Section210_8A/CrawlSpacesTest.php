<?php

declare(strict_types=1);

use Bouclier\Core\House\Protection;
use Tests\Core\Build;

it('asks, in 2014, 2017, 2020 and 2023', function (array $area, array $point, array $clauses): void {
    expect(Build::byEdition(Protection::Gfci, $area, $point))->toBe($clauses);
})->with([
    'crawl space below grade' => [
        ['kind' => 'crawl_space', 'grade' => 'below'],
        [],
        ['210.8(A)(4)', '210.8(A)(4)', '210.8(A)(4)', '210.8(A)(4)'],
    ],
    'crawl space at grade' => [
        ['kind' => 'crawl_space'],
        [],
        ['210.8(A)(4)', '210.8(A)(4)', '210.8(A)(4)', '210.8(A)(4)'],
    ],
    'crawl space above grade' => [
        ['kind' => 'crawl_space', 'grade' => 'above'],
        [],
        ['', '', '', ''],
    ],
]);
