<?php

declare(strict_types=1);

use Bouclier\Core\House\Edition;
use Tests\Core\Build;
use Tests\Core\Houses;

it('finds afci_box_crowded, and only where it is', function (
    array $house,
    bool $found,
    Edition $edition = Edition::Nec2023,
    string $at = 'p',
): void {
    $findings = Build::findings(Build::house($house), $at, $edition);
    expect(in_array('afci_box_crowded', $findings, true))->toBe($found);
})->with(function (): array {
    $three = [
        'points' => [Build::point('p', ['device' => 'afci']), Build::point('q'), Build::point('r')],
        'cables' => [Build::cable('c1', 'p'), Build::cable('p', 'q', 'load'), Build::cable('p', 'r', 'load')],
    ];
    $gfci = ['points' => [Build::point('p', ['device' => 'gfci']), Build::point('q'), Build::point('r')]] + $three;

    return [
        'feed and one run' => [Houses::pair(['device' => 'afci']), false],
        'a third cable' => [$three, true],
        'a third cable at a GFCI' => [$gfci, false],
        'three pairs counted, none drawn' => [
            ['observations' => [['kind' => 'open', 'point' => 'p', 'pairs' => 3]], 'cables' => []] + Houses::pair(['device' => 'afci']),
            true,
        ],
        'two pairs counted' => [
            ['observations' => [['kind' => 'open', 'point' => 'p', 'pairs' => 2]], 'cables' => []] + Houses::pair(['device' => 'afci']),
            false,
        ],
        'a cable with three conductors' => [Houses::pair(['device' => 'dual'], [], [], ['conductors' => 3]), true],
    ];
});
