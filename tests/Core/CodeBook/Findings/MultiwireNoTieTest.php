<?php

declare(strict_types=1);

use Bouclier\Core\House\Edition;
use Tests\Core\Build;

it('finds multiwire_no_tie, and only where it is', function (
    array $house,
    bool $found,
    Edition $edition = Edition::Nec2023,
    string $at = 'p',
): void {
    $findings = Build::findings(Build::house($house), $at, $edition);
    expect(in_array('multiwire_no_tie', $findings, true))->toBe($found);
})->with(function (): array {
    $pair = fn(?bool $tie): array => ['circuits' => [
        Build::circuit('c1', ['multiwire_with' => 'c2'] + ($tie === null ? [] : ['handle_tie' => $tie])),
        Build::circuit('c2', ['multiwire_with' => 'c1', 'leg' => 'b'] + ($tie === null ? [] : ['handle_tie' => $tie])),
    ]];

    return [
        'no tie' => [$pair(false), true],
        'tied' => [$pair(true), false],
        'nobody looked' => [$pair(null), true],
        'one two-pole protective breaker' => [['circuits' => [
            Build::circuit('c1', ['multiwire_with' => 'c2', 'breaker' => 'gfci', 'common_trip' => true]),
            Build::circuit('c2', ['multiwire_with' => 'c1', 'breaker' => 'gfci', 'common_trip' => true, 'leg' => 'b']),
        ]], false],
    ];
});
