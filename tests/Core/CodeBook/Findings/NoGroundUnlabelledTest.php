<?php

declare(strict_types=1);

use Bouclier\Core\House\Edition;
use Tests\Core\Build;
use Tests\Core\Houses;

it('finds no_ground_unlabelled, and only where it is', function (
    array $house,
    bool $found,
    Edition $edition = Edition::Nec2023,
    string $at = 'p',
): void {
    $findings = Build::findings(Build::house($house), $at, $edition);
    expect(in_array('no_ground_unlabelled', $findings, true))->toBe($found);
})->with(function (): array {
    return [
        'no ground, own device, no label' => [Houses::lone(['ground' => 'none', 'device' => 'gfci'], [], [], ['work' => 'replace']), true],
        'no ground, own device, label' => [
            Houses::lone(
                ['ground' => 'none', 'device' => 'gfci', 'labels' => ['no_equipment_ground']],
                [],
                [],
                ['work' => 'replace'],
            ),
            false,
        ],
        'no ground, fed by one, one label' => [
            Houses::pair([], ['ground' => 'none', 'labels' => ['no_equipment_ground']], ['work' => 'existing']),
            true,
            Edition::Nec2023,
            'q',
        ],
        'no ground, fed by one, both' => [
            Houses::pair([], ['ground' => 'none', 'labels' => ['no_equipment_ground', 'gfci_protected']], ['work' => 'existing']),
            false,
            Edition::Nec2023,
            'q',
        ],
        'two slots behind a GFCI' => [
            Houses::pair([], ['ground' => 'none', 'slots' => 2], ['work' => 'existing']), false, Edition::Nec2023, 'q',
        ],
        'new: an ungrounded receptacle, and no more is said' => [Houses::lone(['ground' => 'none', 'device' => 'gfci']), false],
        'no ground, not protected' => [Houses::lone(['ground' => 'none']), false],
    ];
});
