<?php

declare(strict_types=1);

use Bouclier\Core\House\Edition;
use Tests\Core\Build;
use Tests\Core\Houses;

it('finds box_loose, and only where it is', function (
    array $house,
    bool $found,
    Edition $edition = Edition::Nec2023,
    string $at = 'p',
): void {
    $findings = Build::findings(Build::house($house), $at, $edition);
    expect(in_array('box_loose', $findings, true))->toBe($found);
})->with(function (): array {
    return [
        'loose' => [Houses::lone(['box' => ['fixed' => false]]), true],
        'fixed' => [Houses::lone(['box' => ['fixed' => true]]), false],
        'nobody looked' => [Houses::lone(), false],
    ];
});
