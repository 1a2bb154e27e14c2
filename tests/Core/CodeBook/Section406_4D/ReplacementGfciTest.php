<?php

declare(strict_types=1);

use Bouclier\Core\House\Protection;
use Tests\Core\Build;

it('asks, in 2014, 2017, 2020 and 2023', function (array $area, array $point, array $clauses, array $house = []): void {
    expect(Build::byEdition(Protection::Gfci, $area, $point, $house))->toBe($clauses);
})->with([
    'garage' => [
        ['kind' => 'garage'],
        ['work' => 'replace'],
        ['210.8(A)(2), 406.4(D)(3)', '210.8(A)(2), 406.4(D)(3)', '210.8(A)(2), 406.4(D)(3)', '210.8(A)(2), 406.4(D)(3)'],
    ],
    'bedroom: nothing asked there' => [
        ['kind' => 'bedroom'],
        ['work' => 'replace'],
        ['', '', '', ''],
    ],
    'new work names the place only' => [
        ['kind' => 'garage'],
        ['work' => 'new'],
        ['210.8(A)(2)', '210.8(A)(2)', '210.8(A)(2)', '210.8(A)(2)'],
    ],
    'a laundry area, 30 A 250 V' => [
        ['kind' => 'laundry'],
        ['work' => 'replace', 'amps' => 30, 'volts' => 250],
        ['', '', '210.8(A)(10), 406.4(D)(3)', '210.8(A)(11), 406.4(D)(3)'],
    ],
]);
