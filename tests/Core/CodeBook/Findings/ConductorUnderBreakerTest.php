<?php

declare(strict_types=1);

use Bouclier\Core\House\Edition;
use Tests\Core\Build;
use Tests\Core\Houses;

it('finds conductor_under_breaker, and only where it is', function (
    array $house,
    bool $found,
    Edition $edition = Edition::Nec2023,
    string $at = 'p',
): void {
    $findings = Build::findings(Build::house($house), $at, $edition);
    expect(in_array('conductor_under_breaker', $findings, true))->toBe($found);
})->with(function (): array {
    $wired = fn(array $cable, int $amps): array => ['cables' => [Build::cable('c1', 'p', null, 'line', $cable)]]
        + Houses::lone([], [], ['amps' => $amps]);

    return [
        '14 AWG on 20 A' => [['cables' => [Build::cable('c1', 'p', null, 'line', ['awg' => 14])]] + Houses::lone(), true],
        '12 AWG on 20 A' => [['cables' => [Build::cable('c1', 'p', null, 'line', ['awg' => 12])]] + Houses::lone(), false],
        '6 AWG on 60 A, the next size up' => [$wired(['awg' => 6], 60), false],
        '6 AWG on 70 A' => [$wired(['awg' => 6, 'method' => 'nm'], 70), true],
        '8 AWG on 40 A' => [$wired(['awg' => 8, 'method' => 'nm'], 40), false],
        '8 AWG on 50 A in NM' => [$wired(['awg' => 8, 'method' => 'nm'], 50), true],
        '8 AWG on 50 A in EMT' => [$wired(['awg' => 8, 'method' => 'emt'], 50), false],
        '8 AWG on 60 A in EMT' => [$wired(['awg' => 8, 'method' => 'emt'], 60), true],
        '4 AWG on 70 A' => [$wired(['awg' => 4, 'method' => 'nm'], 70), false],
        '10 AWG on 40 A has no next size up' => [$wired(['awg' => 10, 'method' => 'emt'], 40), true],
        '10 AWG on 30 A' => [
            ['cables' => [Build::cable('c1', 'p', null, 'line', ['awg' => 10])]] + Houses::lone([], [], ['amps' => 30]),
            false,
        ],
    ];
});

it('grades a wire by how it is run and what it feeds (240.4(B), (G))', function (
    array $cable,
    array $point,
    int $amps,
    string $grade,
): void {
    $house = ['cables' => [Build::cable('c1', 'p', null, 'line', $cable)]] + Houses::lone($point, [], ['amps' => $amps, 'volts' => 240]);
    expect(Build::graded('conductor_under_breaker', $house))->toBe([$grade, $grade, $grade, $grade]);
})->with([
    'NM' => [['awg' => 8, 'method' => 'nm'], ['volts' => 250, 'amps' => 50], 50, 'error'],
    'how it is run is not recorded' => [['awg' => 8], ['volts' => 250, 'amps' => 50], 50, 'warning'],
    'not even at 75 °C' => [['awg' => 8], ['volts' => 250, 'amps' => 50], 60, 'error'],
    'a condenser' => [['awg' => 12], ['kind' => 'hardwired', 'device' => 'none', 'serves' => 'hvac'], 30, 'advice'],
    'a mini-split' => [['awg' => 14], ['kind' => 'hardwired', 'device' => 'none', 'serves' => 'hvac_inverter'], 20, 'advice'],
    'a water heater' => [['awg' => 12], ['kind' => 'hardwired', 'device' => 'none'], 30, 'error'],
]);
