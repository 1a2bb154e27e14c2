<?php

declare(strict_types=1);

use Bouclier\Core\House\Edition;
use Tests\Core\Build;
use Tests\Core\Houses;

it('finds laundry_circuit_15a, and only where it is', function (
    array $house,
    bool $found,
    Edition $edition = Edition::Nec2023,
    string $at = 'p',
): void {
    $findings = Build::findings(Build::house($house), $at, $edition);
    expect(in_array('laundry_circuit_15a', $findings, true))->toBe($found);
})->with(function (): array {
    $light = ['kind' => 'light', 'device' => 'none'];

    return [
        'laundry on 15 A' => [Houses::circuitOf(['amps' => 15], ['laundry']), true],
        'an extra circuit of 15 A' => [[
            'circuits' => [Build::circuit('c1', ['amps' => 15]), Build::circuit('c2')],
            'cables' => [Build::cable('c1', 'p'), Build::cable('c2', 'p1')],
        ] + Houses::circuitOf([], ['laundry', 'in' => 'l'], ['laundry', 'in' => 'l']), false],
        'a washer in a closet on 15 A' => [Houses::circuitOf(['amps' => 15], ['closet', 'serves' => 'washer']), true],
        'laundry on 20 A' => [Houses::circuitOf([], ['laundry']), false],
        'laundry light on 15 A' => [Houses::circuitOf(['amps' => 15], ['laundry'] + $light), false],
    ];
});
