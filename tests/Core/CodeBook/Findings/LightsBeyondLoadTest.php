<?php

declare(strict_types=1);

use Bouclier\Core\House\Edition;
use Tests\Core\Build;
use Tests\Core\Houses;

it('finds lights_beyond_load, and only where it is', function (
    array $house,
    bool $found,
    Edition $edition = Edition::Nec2023,
    string $at = 'p',
): void {
    $findings = Build::findings(Build::house($house), $at, $edition);
    expect(in_array('lights_beyond_load', $findings, true))->toBe($found);
})->with(function (): array {
    $light = ['kind' => 'light', 'device' => 'none'];

    return [
        'a light beyond LOAD' => [Houses::pair([], $light), true, Edition::Nec2023, 'q'],
        'a light spliced past' => [
            Houses::pair([], $light, ['cables' => [Build::cable('c1', 'p'), Build::cable('p', 'q', 'line')]]), false, Edition::Nec2023, 'q',
        ],
        'a light on a GFCI breaker' => [Houses::lone($light, [], ['breaker' => 'gfci']), false],
    ];
});
