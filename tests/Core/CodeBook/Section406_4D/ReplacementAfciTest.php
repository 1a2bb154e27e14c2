<?php

declare(strict_types=1);

use Bouclier\Core\House\Protection;
use Tests\Core\Build;

it('asks, in 2014, 2017, 2020 and 2023', function (array $area, array $point, array $clauses, array $house = []): void {
    expect(Build::byEdition(Protection::Afci, $area, $point, $house))->toBe($clauses);
})->with([
    'an outlet in a listed room' => [
        ['kind' => 'bedroom'],
        ['work' => 'replace'],
        ['210.12(A), 406.4(D)(4)', '210.12(A), 406.4(D)(4)', '210.12(A), 406.4(D)(4)', '210.12(B), 406.4(D)(4)'],
    ],
    'an outlet elsewhere, alone on its circuit' => [
        ['kind' => 'garage'],
        ['work' => 'replace'],
        ['', '', '', ''],
    ],
    'a light' => [
        ['kind' => 'bedroom'],
        ['work' => 'replace', 'kind' => 'light', 'device' => 'none'],
        ['', '', '', ''],
    ],
]);
