<?php

declare(strict_types=1);

use Bouclier\Core\House\Protection;
use Tests\Core\Build;

it('asks, in 2014, 2017, 2020 and 2023', function (array $area, array $point, array $clauses, array $house = []): void {
    expect(Build::byEdition(Protection::Gfci, $area, $point, $house))->toBe($clauses);
})->with([
    'sump pump' => [
        ['kind' => 'utility'],
        ['serves' => 'sump_pump'],
        ['', '', '210.8(D), 422.5(A)(6)', '210.8(D), 422.5(A)(6)'],
    ],
    'hard-wired' => [
        ['kind' => 'utility'],
        ['serves' => 'sump_pump', 'kind' => 'hardwired'],
        ['', '', '210.8(D), 422.5(A)(6)', '210.8(D), 422.5(A)(6)'],
    ],
    'in an unfinished basement: the place asks too' => [
        ['kind' => 'basement', 'finished' => false],
        ['serves' => 'sump_pump'],
        ['210.8(A)(5)', '210.8(A)(5)', '210.8(A)(5), 210.8(D), 422.5(A)(6)', '210.8(A)(5), 210.8(D), 422.5(A)(6)'],
    ],
]);
