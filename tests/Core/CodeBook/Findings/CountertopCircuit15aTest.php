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
        'kitchen wall on 15 A' => [Houses::circuitOf(['amps' => 15], ['kitchen']), true],
        'dining room wall on 15 A' => [Houses::circuitOf(['amps' => 15], ['dining']), true],
        'dining room wall on 20 A' => [Houses::circuitOf([], ['dining']), false],
        'a refrigerator by itself on 15 A' => [Houses::circuitOf(['amps' => 15], ['kitchen', 'serves' => 'refrigerator']), false],
        'a dining room light on 15 A' => [Houses::circuitOf(['amps' => 15], ['dining', 'kind' => 'light', 'device' => 'none']), false],
        'counter on 20 A' => [Houses::circuitOf([], ['kitchen', 'serves' => 'countertop']), false],
    ];
});

it('is advice where only a device is replaced: that calls for no new circuit', function (string $id, array $house): void {
    expect(Build::graded($id, $house))->toBe(['error', 'error', 'advice', 'advice']);
})->with([
    ['countertop_circuit_15a', fn() => Houses::circuitOf(['amps' => 15], ['kitchen', 'serves' => 'countertop'])],
    ['bathroom_circuit_15a', fn() => Houses::circuitOf(['amps' => 15], ['bathroom', 'serves' => 'countertop'])],
    ['laundry_circuit_15a', fn() => Houses::circuitOf(['amps' => 15], ['laundry'])],
]);
