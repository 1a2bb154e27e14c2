<?php

declare(strict_types=1);

use Bouclier\Core\House\Edition;
use Tests\Core\Build;
use Tests\Core\Houses;

it('finds critical_shared, and only where it is', function (
    array $house,
    bool $found,
    Edition $edition = Edition::Nec2023,
    string $at = 'p',
): void {
    $findings = Build::findings(Build::house($house), $at, $edition);
    expect(in_array('critical_shared', $findings, true))->toBe($found);
})->with(function (): array {
    return [
        'freezer shares' => [Houses::pair([], ['serves' => 'freezer']), true, Edition::Nec2023, 'q'],
        'a smoke alarm beyond a LOAD' => [
            Houses::pair([], ['serves' => 'smoke_alarm', 'kind' => 'hardwired', 'device' => 'none']), true, Edition::Nec2023, 'q',
        ],
        'a smoke alarm on a GFCI breaker' => [
            Houses::lone(['serves' => 'smoke_alarm', 'kind' => 'hardwired', 'device' => 'none'], [], ['breaker' => 'gfci']),
            false,
        ],
        'freezer by itself' => [Houses::lone(['serves' => 'freezer', 'device' => 'gfci']), false],
        'critical appliance shares' => [
            Houses::pair(
                [],
                [],
                ['appliances' => [['id' => 'x', 'name' => 'Aquarium', 'at' => 'q', 'critical' => true]]],
            ), true, Edition::Nec2023, 'q',
        ],
    ];
});
