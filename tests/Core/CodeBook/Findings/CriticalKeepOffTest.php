<?php

declare(strict_types=1);

use Bouclier\Core\House\Edition;
use Tests\Core\Build;
use Tests\Core\Houses;

it('finds critical_keep_off, and only where it is', function (
    array $house,
    bool $found,
    Edition $edition = Edition::Nec2023,
    string $at = 'p',
): void {
    $findings = Build::findings(Build::house($house), $at, $edition);
    expect(in_array('critical_keep_off', $findings, true))->toBe($found);
})->with(function (): array {
    return [
        'freezer not asked for, protected' => [Houses::lone(['serves' => 'freezer', 'device' => 'gfci']), true],
        'freezer not asked for, bare' => [Houses::lone(['serves' => 'freezer']), false],
    ];
});
