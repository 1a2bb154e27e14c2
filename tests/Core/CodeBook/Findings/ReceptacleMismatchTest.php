<?php

declare(strict_types=1);

use Bouclier\Core\House\Edition;
use Tests\Core\Build;
use Tests\Core\Houses;

it('finds receptacle_mismatch, graded by the kind of work', function (
    array $house,
    array $graded,
    array $editions = [Edition::Nec2014, Edition::Nec2017, Edition::Nec2020, Edition::Nec2023],
    string $at = 'p',
): void {
    foreach ($editions as $edition) {
        expect(Build::graded('receptacle_mismatch', $house, $edition, $at))->toBe($graded, $edition->label());
    }
})->with(function (): array {
    $none = [null, null, null, null];
    $error = ['error', 'error', 'error', 'error'];
    $two = ['volts' => 240, 'poles' => 2];

    return [
        '120 V on 240 V' => [Houses::lone(['volts' => 125], [], $two), $error],
        '250 V on 120 V' => [Houses::lone(['volts' => 250]), $error],
        '250 V on 240 V' => [Houses::lone(['volts' => 250, 'amps' => 20], [], $two), $none],
        '125 V on 120 V' => [Houses::lone(['volts' => 125]), $none],
        'volts not recorded' => [Houses::lone([], [], $two), $none],
        '50 A alone on 60 A' => [Houses::lone(['volts' => 250, 'amps' => 50], [], $two + ['amps' => 60]), $error],
        '50 A alone on 50 A' => [Houses::lone(['volts' => 250, 'amps' => 50], [], $two + ['amps' => 50]), $none],
        '50 A alone on 40 A' => [Houses::lone(['volts' => 250, 'amps' => 50], [], $two + ['amps' => 40]), $none],
        '20 A alone on 20 A' => [Houses::lone(['amps' => 20]), $none],
        'hard-wired' => [Houses::lone(['kind' => 'hardwired', 'device' => 'none'], [], $two), $none],
    ];
});
