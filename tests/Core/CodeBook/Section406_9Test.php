<?php

declare(strict_types=1);

use Bouclier\Core\House\Protection;
use Tests\Core\Build;

it('asks', function (array $point, array $clauses): void {
    expect(Build::byEdition(Protection::Wr, ['kind' => 'outdoors'], $point))->toBe($clauses);
})->with([
    'damp' => [['exposure' => 'damp'], array_fill(0, 4, '406.9(A)')],
    'wet' => [['exposure' => 'wet'], array_fill(0, 4, '406.9(B)(1)')],
    'dry' => [['exposure' => 'dry'], array_fill(0, 4, '')],
    '250 V' => [['exposure' => 'wet', 'volts' => 250], array_fill(0, 4, '406.9(B)(1)')],
    '50 A' => [['exposure' => 'wet', 'amps' => 50], array_fill(0, 4, '')],
    'replaced' => [['exposure' => 'wet', 'work' => 'replace'], array_fill(0, 4, '406.9(B)(1), 406.4(D)(6)')],
]);
