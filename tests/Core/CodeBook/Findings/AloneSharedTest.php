<?php

declare(strict_types=1);

use Bouclier\Core\House\Edition;
use Tests\Core\Build;
use Tests\Core\Houses;

it('finds alone_shared, and only where it is', function (
    array $house,
    bool $found,
    Edition $edition = Edition::Nec2023,
    string $at = 'p',
): void {
    $findings = Build::findings(Build::house($house), $at, $edition);
    expect(in_array('alone_shared', $findings, true))->toBe($found);
})->with(function (): array {
    return [
        'alone, with another' => [Houses::pair(['alone' => true]), true],
        'alone, with a junction' => [Houses::pair(['alone' => true], ['kind' => 'junction', 'device' => 'none']), false],
    ];
});
