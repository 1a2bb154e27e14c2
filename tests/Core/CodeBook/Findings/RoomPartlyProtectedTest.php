<?php

declare(strict_types=1);

use Bouclier\Core\House\Edition;
use Tests\Core\Build;
use Tests\Core\Houses;

it('finds room_partly_protected, and only where it is', function (
    array $house,
    bool $found,
    Edition $edition = Edition::Nec2023,
    string $at = 'p',
): void {
    $findings = Build::findings(Build::house($house), $at, $edition);
    expect(in_array('room_partly_protected', $findings, true))->toBe($found);
})->with(function (): array {
    return [
        'a room half protected' => [
            ['areas' => [Build::area('a', 'garage')]] + Houses::pair(
                [],
                [],
                ['cables' => [Build::cable('c1', 'p'), Build::cable('p', 'q', 'splice')]],
            ), true,
        ],
        'a room protected' => [['areas' => [Build::area('a', 'garage')]] + Houses::pair(), false],
        'a room not protected at all' => [['areas' => [Build::area('a', 'garage')]] + Houses::pair(['device' => 'standard']), false],
    ];
});
