<?php

declare(strict_types=1);

use Bouclier\Core\House\Edition;
use Tests\Core\Build;
use Tests\Core\Houses;

it('finds ground_run_on, graded by the kind of work', function (
    array $house,
    array $graded,
    array $editions = [Edition::Nec2014, Edition::Nec2017, Edition::Nec2020, Edition::Nec2023],
    string $at = 'p',
): void {
    foreach ($editions as $edition) {
        expect(Build::graded('ground_run_on', $house, $edition, $at))->toBe($graded, $edition->label());
    }
})->with(function (): array {
    $none = [null, null, null, null];
    $error = ['error', 'error', 'error', 'error'];
    $gfci = ['ground' => 'none', 'labels' => ['no_equipment_ground']];

    return [
        'a ground wire runs on' => [Houses::pair($gfci, ['ground' => 'none'], [], ['ground' => true]), $error],
        'what it feeds is said to have one' => [Houses::pair($gfci, ['ground' => 'wire']), $error],
        'none runs on' => [Houses::pair($gfci, ['ground' => 'none'], [], ['ground' => false]), $none],
        'nobody has said' => [Houses::pair($gfci, ['ground' => 'none']), $none],
        'the GFCI is grounded' => [Houses::pair([], [], [], ['ground' => true]), $none],
        'no GFCI' => [Houses::pair(['device' => 'standard', 'ground' => 'none'], [], [], ['ground' => true]), $none],
    ];
});
