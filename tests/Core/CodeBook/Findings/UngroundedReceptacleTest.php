<?php

declare(strict_types=1);

use Bouclier\Core\House\Edition;
use Tests\Core\Build;
use Tests\Core\Houses;

it('finds ungrounded_receptacle, graded by the kind of work', function (
    array $house,
    array $graded,
    array $editions = [Edition::Nec2014, Edition::Nec2017, Edition::Nec2020, Edition::Nec2023],
    string $at = 'p',
): void {
    foreach ($editions as $edition) {
        expect(Build::graded('ungrounded_receptacle', $house, $edition, $at))->toBe($graded, $edition->label());
    }
})->with(function (): array {
    $none = [null, null, null, null];
    $bare = ['error', 'error', 'error', 'warning'];
    $laid = ['error', 'error', null, null];

    return [
        'three slots, no ground' => [Houses::lone(['ground' => 'none']), $bare],
        'labels stand in for nothing' => [Houses::lone(['ground' => 'none', 'labels' => ['no_equipment_ground']]), $bare],
        'behind a GFCI: lawful as a replacement, not as new' => [
            Houses::pair([], ['ground' => 'none', 'labels' => ['gfci_protected', 'no_equipment_ground']]), $laid, [Edition::Nec2023], 'q',
        ],
        'a GFCI itself' => [Houses::lone(['ground' => 'none', 'device' => 'gfci']), $laid],
        'behind a GFCI breaker' => [Houses::lone(['ground' => 'none'], [], ['breaker' => 'gfci']), $laid],
        'two slots' => [Houses::lone(['ground' => 'none', 'slots' => 2]), [null, null, null, 'advice']],
        'two slots behind a GFCI' => [Houses::pair([], ['ground' => 'none', 'slots' => 2]), $none, [Edition::Nec2023], 'q'],
        'a ground wire' => [Houses::lone(['ground' => 'wire']), $none],
        'a raceway' => [Houses::lone(['ground' => 'raceway']), $none],
        'not recorded' => [Houses::lone(), $none],
        'a broken ground is another finding' => [Houses::lone(['ground' => 'broken']), $none],
        'what a survey found decides, not the cable' => [Houses::pair([], ['ground' => 'wire'], [], ['ground' => false]), $none],
        'a light' => [Houses::lone(['ground' => 'none', 'kind' => 'light', 'device' => 'none']), $none],
    ];
});
