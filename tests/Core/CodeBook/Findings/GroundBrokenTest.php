<?php

declare(strict_types=1);

use Bouclier\Core\House\Edition;
use Tests\Core\Build;
use Tests\Core\Houses;

it('finds ground_broken, and only where it is', function (
    array $house,
    bool $found,
    Edition $edition = Edition::Nec2023,
    string $at = 'p',
): void {
    $findings = Build::findings(Build::house($house), $at, $edition);
    expect(in_array('ground_broken', $findings, true))->toBe($found);
})->with(function (): array {
    return [
        'ground broken' => [Houses::lone(['ground' => 'broken']), true],
        'ground by raceway' => [Houses::lone(['ground' => 'raceway']), false],
    ];
});
