<?php

declare(strict_types=1);

use Bouclier\Core\House\Edition;
use Tests\Core\Build;
use Tests\Core\Houses;

it('finds pool_too_near, graded by the kind of work', function (
    array $house,
    array $graded,
    array $editions = [Edition::Nec2014, Edition::Nec2017, Edition::Nec2020, Edition::Nec2023],
    string $at = 'p',
): void {
    foreach ($editions as $edition) {
        expect(Build::graded('pool_too_near', $house, $edition, $at))->toBe($graded, $edition->label());
    }
})->with(function (): array {
    $none = [null, null, null, null];
    $fault = ['error', 'error', 'error', 'warning'];
    $at = fn(float $ft, array $more = [], string $water = 'pool'): array => Houses::lone(
        ['distances' => [['fixture' => 'f', 'ft' => $ft] + $more]],
        ['kind' => 'outdoors', 'fixtures' => [['id' => 'f', 'kind' => $water]]],
    );

    return [
        'nearer than 6 ft' => [$at(5.9), $fault],
        'at 6 ft' => [$at(6.0), $none],
        'a spa outdoors' => [$at(5.0, [], 'spa'), $fault],
        'through a door' => [$at(5.0, ['crosses' => 'door']), $none],
    ];
});
