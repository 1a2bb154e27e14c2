<?php

declare(strict_types=1);

use Bouclier\Core\House\Edition;
use Tests\Core\Build;
use Tests\Core\Houses;

it('finds device_not_made, graded by the kind of work', function (
    array $house,
    array $graded,
    array $editions = [Edition::Nec2014, Edition::Nec2017, Edition::Nec2020, Edition::Nec2023],
    string $at = 'p',
): void {
    foreach ($editions as $edition) {
        expect(Build::graded('device_not_made', $house, $edition, $at))->toBe($graded, $edition->label());
    }
})->with(function (): array {
    $none = [null, null, null, null];
    $error = ['error', 'error', 'error', 'error'];

    return [
        'a GFCI of 250 V' => [Houses::lone(['device' => 'gfci', 'volts' => 250]), $error],
        'a GFCI of 30 A' => [Houses::lone(['device' => 'gfci', 'amps' => 30]), $error],
        'a dual of 50 A' => [Houses::lone(['device' => 'dual', 'amps' => 50, 'volts' => 250]), $error],
        'of 20 A, 125 V' => [Houses::lone(['device' => 'gfci', 'amps' => 20, 'volts' => 125]), $none],
        'a plain one of 250 V' => [Houses::lone(['volts' => 250, 'amps' => 30]), $none],
        'a blank face in a switch box' => [Houses::lone(['kind' => 'switch', 'device' => 'gfci']), $none],
    ];
});
