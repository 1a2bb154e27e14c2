<?php

declare(strict_types=1);

use Bouclier\Core\House\Edition;
use Tests\Core\Build;
use Tests\Core\Houses;

it('finds countertop_circuit_15a, and only where it is', function (
    array $house,
    bool $found,
    Edition $edition = Edition::Nec2023,
    string $at = 'p',
): void {
    $findings = Build::findings(Build::house($house), $at, $edition);
    expect(in_array('countertop_circuit_15a', $findings, true))->toBe($found);
})->with(function (): array {
    return [
        'counter on 15 A' => [Houses::circuitOf(['amps' => 15], ['kitchen', 'serves' => 'countertop']), true],
        'counter on 20 A' => [Houses::circuitOf([], ['kitchen', 'serves' => 'countertop']), false],
    ];
});
