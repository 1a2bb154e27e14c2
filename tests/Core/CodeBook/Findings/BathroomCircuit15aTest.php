<?php

declare(strict_types=1);

use Bouclier\Core\House\Edition;
use Tests\Core\Build;
use Tests\Core\Houses;

it('finds bathroom_circuit_15a, and only where it is', function (
    array $house,
    bool $found,
    Edition $edition = Edition::Nec2023,
    string $at = 'p',
): void {
    $findings = Build::findings(Build::house($house), $at, $edition);
    expect(in_array('bathroom_circuit_15a', $findings, true))->toBe($found);
})->with(function (): array {
    $bath = ['bathroom', 'serves' => 'countertop'];
    $old = Edition::Nec2017;

    return [
        'bathroom on 15 A' => [Houses::circuitOf(['amps' => 15], $bath), true],
        'bathroom on 20 A' => [Houses::circuitOf([], $bath), false],
        'bathroom, not the counter, 2023' => [Houses::circuitOf(['amps' => 15], ['bathroom']), false],
        'bathroom, not the counter, 2017' => [Houses::circuitOf(['amps' => 15], ['bathroom']), true, $old],
    ];
});
