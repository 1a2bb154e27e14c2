<?php

declare(strict_types=1);

use Bouclier\Core\House\Protection;
use Tests\Core\Build;

it('asks, in 2014, 2017, 2020 and 2023', function (array $area, array $point, array $clauses, array $house = []): void {
    expect(Build::byEdition(Protection::Gfci, $area, $point, $house))->toBe($clauses);
})->with([
    'wired in' => [
        ['kind' => 'utility'],
        ['serves' => 'pool_pump', 'kind' => 'hardwired'],
        ['680.21(C)', '680.21(C)', '680.21(C)', '680.21(C)'],
    ],
    'on a plug' => [
        ['kind' => 'utility'],
        ['serves' => 'pool_pump'],
        ['680.21(C)', '680.21(C)', '680.21(C)', '680.21(C)'],
    ],
]);
