<?php

declare(strict_types=1);

use Bouclier\Core\House\Edition;
use Tests\Core\Build;
use Tests\Core\Houses;

it('finds wires_short, and only where it is', function (
    array $house,
    bool $found,
    Edition $edition = Edition::Nec2023,
    string $at = 'p',
): void {
    $findings = Build::findings(Build::house($house), $at, $edition);
    expect(in_array('wires_short', $findings, true))->toBe($found);
})->with(function (): array {
    return [
        'wires short' => [Houses::lone(['box' => ['free_in' => 5.9]]), true],
        'wires long enough' => [Houses::lone(['box' => ['free_in' => 6, 'past_face_in' => 3]]), false],
        'short past the face' => [Houses::lone(['box' => ['past_face_in' => 2.5, 'opening_in' => 4]]), true],
        'past the face of a large opening' => [Houses::lone(['box' => ['past_face_in' => 2.5, 'opening_in' => 8]]), false],
    ];
});
