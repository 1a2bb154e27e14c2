<?php

declare(strict_types=1);

use Bouclier\Core\House\Protection;
use Tests\Core\Build;

it('asks', function (array $area, array $point, array $clauses, array $house = []): void {
    expect(Build::byEdition(Protection::Gfci, $area, $point, $house))->toBe($clauses);
})->with([
    'service receptacle in the attic' => [['kind' => 'attic'], ['serves' => 'hvac_service'], ['', '', '210.8(E)', '210.8(E)']],
    'the unit itself' => [['kind' => 'attic'], ['serves' => 'hvac'], ['', '', '', '']],
]);
