<?php

declare(strict_types=1);

use Bouclier\Core\House\Edition;
use Tests\Core\Build;
use Tests\Core\Houses;

it('finds raceway_unsupported, and only where it is', function (
    array $house,
    bool $found,
    Edition $edition = Edition::Nec2023,
    string $at = 'p',
): void {
    $findings = Build::findings(Build::house($house), $at, $edition);
    expect(in_array('raceway_unsupported', $findings, true))->toBe($found);
})->with(function (): array {
    $pvc = fn(?float $strap, string $method = 'pvc'): array => Houses::lone(
        [],
        [],
        [],
        [
            'cables' => [
                Build::cable(
                    'c1',
                    'p',
                    null,
                    'line',
                    array_filter(['method' => $method, 'strap_ft' => $strap], fn($said): bool => $said !== null),
                ),
            ],
        ],
    );

    return [
        'PVC, strapped at 3 ft' => [$pvc(3), false],
        'PVC, strapped farther off' => [$pvc(3.5), true],
        'not recorded' => [$pvc(null), false],
        'cable' => [$pvc(9, 'nm'), false],
        'in Canada' => [$pvc(9), false, Edition::Cec2021],
    ];
});
