<?php

declare(strict_types=1);

use Bouclier\Core\House\Protection;
use Tests\Core\Build;

it('asks', function (array $area, array $point, array $clauses, array $house = []): void {
    expect(Build::byEdition(Protection::Gfci, $area, $point, $house))->toBe($clauses);
})->with([
    'a light in the crawl space' => [
        ['kind' => 'crawl_space', 'grade' => 'below'],
        ['kind' => 'light', 'device' => 'none'],
        ['', '210.8(E)', '210.8(C)', '210.8(C)'],
    ],
    'a light in the crawl space at 240 V' => [
        ['kind' => 'crawl_space'],
        ['kind' => 'light', 'device' => 'none'],
        ['', '', '', ''],
        ['circuits' => [Build::circuit('c1', ['volts' => 240, 'poles' => 2])]],
    ],
    'a light in the garage' => [['kind' => 'garage'], ['kind' => 'light', 'device' => 'none'], ['', '', '', '']],
]);
