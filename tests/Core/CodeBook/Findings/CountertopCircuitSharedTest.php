<?php

declare(strict_types=1);

use Bouclier\Core\House\Edition;
use Tests\Core\Build;
use Tests\Core\Houses;

it('finds countertop_circuit_shared, and only where it is', function (
    array $house,
    bool $found,
    Edition $edition = Edition::Nec2023,
    string $at = 'p',
): void {
    $findings = Build::findings(Build::house($house), $at, $edition);
    expect(in_array('countertop_circuit_shared', $findings, true))->toBe($found);
})->with(function (): array {
    $light = ['kind' => 'light', 'device' => 'none'];

    return [
        'counter and dining' => [Houses::circuitOf([], ['kitchen', 'serves' => 'countertop'], ['dining']), false],
        'counter and a light' => [Houses::circuitOf([], ['kitchen', 'serves' => 'countertop'], ['kitchen'] + $light), true],
    ];
});
