<?php

declare(strict_types=1);

use Bouclier\Core\House\Edition;
use Tests\Core\Build;
use Tests\Core\Houses;

it('finds wrong_cover, and only where it is', function (
    array $house,
    bool $found,
    Edition $edition = Edition::Nec2023,
    string $at = 'p',
): void {
    $findings = Build::findings(Build::house($house), $at, $edition);
    expect(in_array('wrong_cover', $findings, true))->toBe($found);
})->with(function (): array {
    return [
        'wet, flip cover' => [Houses::lone(['exposure' => 'wet', 'cover' => 'flip']), true],
        'wet, hood' => [Houses::lone(['exposure' => 'wet', 'cover' => 'in_use']), false],
        'damp, flip cover' => [Houses::lone(['exposure' => 'damp', 'cover' => 'flip']), false],
        'damp, none' => [Houses::lone(['exposure' => 'damp', 'cover' => 'none']), true],
        'dry, none' => [Houses::lone(['cover' => 'none']), false],
    ];
});
