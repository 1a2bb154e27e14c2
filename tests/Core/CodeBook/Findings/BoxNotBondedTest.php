<?php

declare(strict_types=1);

use Bouclier\Core\House\Edition;
use Tests\Core\Build;
use Tests\Core\Houses;

it('finds box_not_bonded, and only where it is', function (
    array $house,
    bool $found,
    Edition $edition = Edition::Nec2023,
    string $at = 'p',
): void {
    $findings = Build::findings(Build::house($house), $at, $edition);
    expect(in_array('box_not_bonded', $findings, true))->toBe($found);
})->with(function (): array {
    return [
        'metal, not bonded' => [Houses::lone(['box' => ['material' => 'metal', 'bonded' => false]]), true],
        'metal, bonded' => [Houses::lone(['box' => ['material' => 'metal', 'bonded' => true]]), false],
        'plastic' => [Houses::lone(['box' => ['material' => 'plastic', 'bonded' => false]]), false],
        'nothing to bond it to' => [Houses::lone(['ground' => 'none', 'box' => ['material' => 'metal', 'bonded' => false]]), false],
    ];
});
