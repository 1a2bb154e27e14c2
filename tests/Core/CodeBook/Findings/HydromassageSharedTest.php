<?php

declare(strict_types=1);

use Bouclier\Core\House\Edition;
use Tests\Core\Build;
use Tests\Core\Houses;

it('finds hydromassage_shared, graded by the kind of work', function (
    array $house,
    array $graded,
    array $editions = [Edition::Nec2014, Edition::Nec2017, Edition::Nec2020, Edition::Nec2023],
    string $at = 'p',
): void {
    foreach ($editions as $edition) {
        expect(Build::graded('hydromassage_shared', $house, $edition, $at))->toBe($graded, $edition->label());
    }
})->with(function (): array {
    $none = [null, null, null, null];
    $wiring = ['error', 'error', 'warning', 'warning'];
    $tub = ['bathroom', 'in' => 'b', 'serves' => 'hydromassage'];

    return [
        'with the basin' => [Houses::circuitOf([], $tub, ['bathroom', 'in' => 'b', 'serves' => 'countertop']), $wiring],
        'with a light' => [Houses::circuitOf([], $tub, ['bathroom', 'in' => 'b', 'kind' => 'light', 'device' => 'none']), $wiring],
        'pump and heater' => [Houses::circuitOf([], $tub, $tub), $none],
        'alone' => [Houses::circuitOf([], $tub), $none],
        'with a switch' => [Houses::circuitOf([], $tub, ['bathroom', 'in' => 'b', 'kind' => 'switch']), $none],
    ];
});
