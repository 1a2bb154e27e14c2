<?php

declare(strict_types=1);

use Bouclier\Core\House\Edition;
use Tests\Core\Build;
use Tests\Core\Houses;

it('finds bathroom_circuit_shared, and only where it is', function (
    array $house,
    bool $found,
    Edition $edition = Edition::Nec2023,
    string $at = 'p',
): void {
    $findings = Build::findings(Build::house($house), $at, $edition);
    expect(in_array('bathroom_circuit_shared', $findings, true))->toBe($found);
})->with(function (): array {
    $light = ['kind' => 'light', 'device' => 'none'];
    $bath = ['bathroom', 'serves' => 'countertop'];

    return [
        'bathroom with a hall outlet' => [Houses::circuitOf([], $bath, ['hallway']), true],
        'bathroom with its own light' => [Houses::circuitOf([], $bath + ['in' => 'b'], ['bathroom', 'in' => 'b'] + $light), false],
        'two bathrooms, counters only' => [Houses::circuitOf([], $bath, $bath), false],
        'two bathrooms and a light' => [Houses::circuitOf([], $bath, $bath, ['bathroom'] + $light), true],
    ];
});
