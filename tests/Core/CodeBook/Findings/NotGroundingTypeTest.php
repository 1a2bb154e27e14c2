<?php

declare(strict_types=1);

use Bouclier\Core\House\Edition;
use Tests\Core\Build;
use Tests\Core\Houses;

it('finds not_grounding_type, graded by the kind of work', function (
    array $house,
    array $graded,
    array $editions = [Edition::Nec2014, Edition::Nec2017, Edition::Nec2020, Edition::Nec2023],
    string $at = 'p',
): void {
    foreach ($editions as $edition) {
        expect(Build::graded('not_grounding_type', $house, $edition, $at))->toBe($graded, $edition->label());
    }
})->with(function (): array {
    $none = [null, null, null, null];

    return [
        'two slots, new' => [Houses::lone(['slots' => 2, 'ground' => 'none']), ['error', 'error', null, null]],
        'three slots' => [Houses::lone(['ground' => 'none']), $none],
    ];
});
