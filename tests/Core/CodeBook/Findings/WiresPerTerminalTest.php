<?php

declare(strict_types=1);

use Bouclier\Core\House\Edition;
use Tests\Core\Build;

it('finds wires_per_terminal, and only where it is', function (
    array $house,
    bool $found,
    Edition $edition = Edition::Nec2023,
    string $at = 'p',
): void {
    $findings = Build::findings(Build::house($house), $at, $edition);
    expect(in_array('wires_per_terminal', $findings, true))->toBe($found);
})->with(function (): array {
    $run = fn(string $land): array => [
        'points' => [Build::point('p', ['device' => 'gfci']), Build::point('q')],
        'cables' => [Build::cable('c1', 'p'), Build::cable('p', 'q', $land)],
    ];

    return [
        'feed and continuation on LINE' => [$run('line'), true],
        'spliced' => [$run('splice'), false],
        'on LOAD' => [$run('load'), false],
        'a plain receptacle' => [['points' => [Build::point('p'), Build::point('q')]] + $run('line'), false],
    ];
});
