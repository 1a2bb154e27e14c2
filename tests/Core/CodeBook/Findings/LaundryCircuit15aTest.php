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
        'laundry on 20 A' => [Houses::circuitOf([], ['laundry']), false],
        'laundry light on 15 A' => [Houses::circuitOf(['amps' => 15], ['laundry'] + $light), false],
    ];
});
