<?php

declare(strict_types=1);

use Bouclier\Core\House\Edition;
use Tests\Core\Build;
use Tests\Core\Houses;

it('finds device_under_load, and only where it is', function (
    array $house,
    bool $found,
    Edition $edition = Edition::Nec2023,
    string $at = 'p',
): void {
    $findings = Build::findings(Build::house($house), $at, $edition);
    expect(in_array('device_under_load', $findings, true))->toBe($found);
})->with(function (): array {
    $heater = fn(string $at, float $watts, bool $on = true): array => [
        'id' => "x$at",
        'name' => 'Heater',
        'at' => $at,
        'watts' => $watts,
        'on' => $on,
    ];

    return [
        'face over its rating' => [Houses::lone([], [], [], ['appliances' => [$heater('p', 1801)]]), true],
        'face at its rating' => [Houses::lone([], [], [], ['appliances' => [$heater('p', 1800)]]), false],
        'not running' => [Houses::lone([], [], [], ['appliances' => [$heater('p', 5000, false)]]), false],
        'feed-through over 20 A' => [Houses::pair([], ['amps' => 30], ['appliances' => [$heater('q', 2401)]]), true],
        'feed-through over its own rating' => [
            Houses::pair(['feed_through_amps' => 15], ['amps' => 20], ['appliances' => [$heater('q', 1900)]]),
            true,
        ],
        'feed-through of 20 A' => [Houses::pair([], ['amps' => 30], ['appliances' => [$heater('q', 2400)]]), false],
    ];
});
