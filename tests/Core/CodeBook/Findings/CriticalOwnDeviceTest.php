<?php

declare(strict_types=1);

use Bouclier\Core\House\Edition;
use Tests\Core\Build;
use Tests\Core\Houses;

it('finds critical_own_device, and only where it is', function (
    array $house,
    bool $found,
    Edition $edition = Edition::Nec2023,
    string $at = 'p',
): void {
    $findings = Build::findings(Build::house($house), $at, $edition);
    expect(in_array('critical_own_device', $findings, true))->toBe($found);
})->with(function (): array {
    return [
        'sump asked for, bare: a device of its own' => [Houses::lone(['serves' => 'sump_pump']), true],
        'sump asked for, own device' => [Houses::lone(['serves' => 'sump_pump', 'device' => 'gfci']), false],
    ];
});
