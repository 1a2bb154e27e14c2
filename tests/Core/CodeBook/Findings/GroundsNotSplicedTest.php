<?php

declare(strict_types=1);

use Bouclier\Core\House\Edition;
use Tests\Core\Build;
use Tests\Core\Houses;

it('finds grounds_not_spliced, and only where it is', function (
    array $house,
    bool $found,
    Edition $edition = Edition::Nec2023,
    string $at = 'p',
): void {
    $findings = Build::findings(Build::house($house), $at, $edition);
    expect(in_array('grounds_not_spliced', $findings, true))->toBe($found);
})->with(function (): array {
    return [
        'two grounds under the screw' => [Houses::pair(['box' => ['grounds_spliced' => false]]), true],
        'joined' => [Houses::pair(['box' => ['grounds_spliced' => true]]), false],
        'nobody looked' => [Houses::pair(), false],
        'one ground only' => [Houses::lone(['box' => ['grounds_spliced' => false]]), false],
        'cables without a ground' => [Houses::pair(['box' => ['grounds_spliced' => false]], [], [], ['ground' => false]), false],
    ];
});
