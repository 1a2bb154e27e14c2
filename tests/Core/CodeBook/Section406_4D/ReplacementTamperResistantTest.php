<?php

declare(strict_types=1);

use Bouclier\Core\House\Protection;
use Tests\Core\Build;

it('asks, in 2014, 2017, 2020 and 2023', function (array $area, array $point, array $clauses, array $house = []): void {
    expect(Build::byEdition(Protection::Tr, $area, $point, $house))->toBe($clauses);
})->with([
    'a den' => [
        ['kind' => 'den'],
        ['work' => 'replace'],
        ['406.12(A), 406.4(D)(5)', '406.12(1), 406.4(D)(5)', '406.12(1), 406.4(D)(5)', '406.12(1), 406.4(D)(5)'],
    ],
    'a two-slot replaced by a two-slot' => [
        ['kind' => 'den'],
        ['work' => 'replace', 'ground' => 'none', 'slots' => 2],
        ['', '', '', ''],
    ],
    'three slots without a ground are not let off' => [
        ['kind' => 'den'],
        ['work' => 'replace', 'ground' => 'none', 'labels' => ['gfci_protected']],
        ['406.12(A), 406.4(D)(5)', '406.12(1), 406.4(D)(5)', '406.12(1), 406.4(D)(5)', '406.12(1), 406.4(D)(5)'],
    ],
    'an attic: not asked there before 2023' => [
        ['kind' => 'attic'],
        ['work' => 'replace'],
        ['', '', '', '406.12(1), 406.4(D)(5)'],
    ],
]);
