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
    return [
        '14 AWG on 20 A' => [['cables' => [Build::cable('c1', 'p', null, 'line', ['awg' => 14])]] + Houses::lone(), true],
        '12 AWG on 20 A' => [['cables' => [Build::cable('c1', 'p', null, 'line', ['awg' => 12])]] + Houses::lone(), false],
        '10 AWG on 30 A' => [
            ['cables' => [Build::cable('c1', 'p', null, 'line', ['awg' => 10])]] + Houses::lone([], [], ['amps' => 30]),
            false,
        ],
    ];
});
