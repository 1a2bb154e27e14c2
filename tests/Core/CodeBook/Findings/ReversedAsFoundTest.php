<?php

declare(strict_types=1);

use Bouclier\Core\House\Edition;
use Tests\Core\Build;
use Tests\Core\Houses;

it('finds reversed_as_found, and only where it is', function (
    array $house,
    bool $found,
    Edition $edition = Edition::Nec2023,
    string $at = 'p',
): void {
    $findings = Build::findings(Build::house($house), $at, $edition);
    expect(in_array('reversed_as_found', $findings, true))->toBe($found);
})->with(function (): array {
    $pair = fn(string $name, string $by): array => ['kind' => 'pair', 'point' => 'p', 'pair' => $name, 'live' => true, 'by' => $by];
    $seen = fn(string $old, string $feed, string $by): array => Houses::pair(
        [],
        [],
        ['observations' => [['kind' => 'open', 'point' => 'p', 'pairs' => 2], $pair($old, 'old_landing'), $pair($feed, $by)]],
    );

    return [
        'the meter disagrees with the old landing' => [$seen('a', 'b', 'meter'), true],
        'they agree' => [$seen('a', 'a', 'meter'), false],
        'only a glow disagrees' => [$seen('a', 'b', 'non_contact'), false],
        'at another outlet' => [$seen('a', 'b', 'meter'), false, Edition::Nec2023, 'q'],
    ];
});
