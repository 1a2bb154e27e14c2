<?php

declare(strict_types=1);

use Bouclier\Core\House\Edition;
use Tests\Core\Build;
use Tests\Core\Houses;

it('finds leakage_over_budget, and only where it is', function (
    array $house,
    bool $found,
    Edition $edition = Edition::Nec2023,
    string $at = 'p',
): void {
    $findings = Build::findings(Build::house($house), $at, $edition);
    expect(in_array('leakage_over_budget', $findings, true))->toBe($found);
})->with(function (): array {
    $leaky = fn(float $r, float $c, string $at = 'q'): array => [
        'appliances' => [['id' => 'x', 'name' => 'X', 'at' => $at, 'leakage' => ['resistive_ma' => $r, 'capacitive_ma' => $c]]],
    ];

    return [
        'leakage over budget' => [Houses::pair([], [], $leaky(2.0, 1.6)), true],
        'leakage at right angles stays within' => [Houses::pair([], [], $leaky(2.0, 1.4)), false],
        'leakage of the face counts' => [Houses::pair([], [], $leaky(3, 0, 'p')), true],
        'a set budget' => [Houses::pair([], [], $leaky(1, 0) + ['budget_ma' => 0.5]), true],
        'a long cable' => [Houses::pair([], [], [], ['length_ft' => 2600]), true],
        'a long cable without a ground' => [Houses::pair([], [], [], ['length_ft' => 2600, 'ground' => false]), false],
        'behind a breaker' => [Houses::lone([], [], ['breaker' => 'gfci'], $leaky(3, 0, 'p')), true],
    ];
});
