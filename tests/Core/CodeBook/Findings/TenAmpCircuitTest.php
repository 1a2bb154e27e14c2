<?php

declare(strict_types=1);

use Bouclier\Core\House\Edition;
use Tests\Core\Build;
use Tests\Core\Houses;

it('finds ten_amp_circuit, and only where it is', function (
    array $house,
    bool $found,
    Edition $edition = Edition::Nec2023,
    string $at = 'p',
): void {
    $findings = Build::findings(Build::house($house), $at, $edition);
    expect(in_array('ten_amp_circuit', $findings, true))->toBe($found);
})->with(function (): array {
    $light = ['kind' => 'light', 'device' => 'none'];

    return [
        '10 A, general' => [Houses::circuitOf(['amps' => 10], ['bedroom']), true],
        '10 A, lights' => [Houses::circuitOf(['amps' => 10], ['bedroom'] + $light), false],
    ];
});
