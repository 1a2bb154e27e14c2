<?php

declare(strict_types=1);

use Bouclier\Core\House\Protection;
use Tests\Core\Build;

it('asks, in 2014, 2017, 2020 and 2023', function (array $area, array $point, array $clauses, array $house = []): void {
    expect(Build::byEdition(Protection::Wr, $area, $point, $house))->toBe($clauses);
})->with([
    'wet' => [
        ['kind' => 'outdoors'],
        ['work' => 'replace', 'exposure' => 'wet'],
        ['406.9(B)(1), 406.4(D)(6)', '406.9(B)(1), 406.4(D)(6)', '406.9(B)(1), 406.4(D)(6)', '406.9(B)(1), 406.4(D)(6)'],
    ],
    'damp' => [
        ['kind' => 'outdoors'],
        ['work' => 'replace', 'exposure' => 'damp'],
        ['406.9(A), 406.4(D)(6)', '406.9(A), 406.4(D)(6)', '406.9(A), 406.4(D)(6)', '406.9(A), 406.4(D)(6)'],
    ],
    'dry' => [
        ['kind' => 'den'],
        ['work' => 'replace'],
        ['', '', '', ''],
    ],
]);
