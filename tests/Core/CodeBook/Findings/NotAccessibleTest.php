<?php

declare(strict_types=1);

use Bouclier\Core\House\Edition;
use Tests\Core\Build;
use Tests\Core\Houses;

it('finds not_accessible, and only where it is', function (
    array $house,
    bool $found,
    Edition $edition = Edition::Nec2023,
    string $at = 'p',
): void {
    $findings = Build::findings(Build::house($house), $at, $edition);
    expect(in_array('not_accessible', $findings, true))->toBe($found);
})->with(function (): array {
    return [
        'device out of reach' => [Houses::lone(['device' => 'gfci', 'accessible' => false]), true],
        'plain receptacle out of reach' => [Houses::lone(['accessible' => false]), false],
    ];
});
