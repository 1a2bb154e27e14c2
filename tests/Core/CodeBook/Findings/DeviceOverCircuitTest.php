<?php

declare(strict_types=1);

use Bouclier\Core\House\Edition;
use Tests\Core\Build;
use Tests\Core\Houses;

it('finds device_over_circuit, and only where it is', function (
    array $house,
    bool $found,
    Edition $edition = Edition::Nec2023,
    string $at = 'p',
): void {
    $findings = Build::findings(Build::house($house), $at, $edition);
    expect(in_array('device_over_circuit', $findings, true))->toBe($found);
})->with(function (): array {
    return [
        '20 A duplex on 15 A' => [Houses::lone(['amps' => 20], [], ['amps' => 15]), true],
        '20 A single alone on 15 A' => [Houses::lone(['amps' => 20, 'yoke' => 'single'], [], ['amps' => 15]), false],
        '15 A single alone on 20 A' => [Houses::lone(['amps' => 15, 'yoke' => 'single']), true],
        'Canada: 20 A on 15 A' => [Houses::lone(['amps' => 20], [], ['amps' => 15]), true, Edition::Cec2021],
        'Canada: 20 A on 20 A' => [Houses::lone(['amps' => 20]), false, Edition::Cec2021],
        '15 A duplex on 20 A' => [Houses::lone(['amps' => 15]), false],
        '30 A on 20 A' => [Houses::lone(['amps' => 30]), true],
        '50 A on 40 A' => [Houses::lone(['amps' => 50, 'volts' => 250], [], ['amps' => 40, 'volts' => 240]), false],
    ];
});
