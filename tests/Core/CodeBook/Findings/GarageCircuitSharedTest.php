<?php

declare(strict_types=1);

use Bouclier\Core\House\Edition;
use Tests\Core\Build;
use Tests\Core\Houses;

it('finds garage_circuit_shared, and only where it is', function (
    array $house,
    bool $found,
    Edition $edition = Edition::Nec2023,
    string $at = 'p',
): void {
    $findings = Build::findings(Build::house($house), $at, $edition);
    expect(in_array('garage_circuit_shared', $findings, true))->toBe($found);
})->with(function (): array {
    $light = ['kind' => 'light', 'device' => 'none'];
    $old = Edition::Nec2017;

    return [
        'garage and outdoors' => [Houses::circuitOf([], ['garage'], ['outdoors']), false],
        'garage and outdoors, 2014' => [Houses::circuitOf([], ['garage'], ['outdoors']), true, Edition::Nec2014],
        'garage and its light, 2014' => [Houses::circuitOf([], ['garage'], ['garage'] + $light), false, Edition::Nec2014],
        'garage and its light, 2017' => [Houses::circuitOf([], ['garage'], ['garage'] + $light), true, $old],
        'garage and a bedroom' => [Houses::circuitOf([], ['garage'], ['bedroom']), true],
    ];
});
