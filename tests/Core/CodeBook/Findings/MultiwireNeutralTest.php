<?php

declare(strict_types=1);

use Bouclier\Core\House\Edition;
use Tests\Core\Build;
use Tests\Core\Houses;

it('finds multiwire_neutral, and only where it is', function (
    array $house,
    bool $found,
    Edition $edition = Edition::Nec2023,
    string $at = 'p',
): void {
    $findings = Build::findings(Build::house($house), $at, $edition);
    expect(in_array('multiwire_neutral', $findings, true))->toBe($found);
})->with(function (): array {
    $shared = fn(mixed $land): array => [
        'circuits' => [Build::circuit('c1', ['multiwire_with' => 'c2']), Build::circuit('c2', ['multiwire_with' => 'c1', 'leg' => 'b'])],
        'points' => [Build::point('p', ['device' => 'gfci', 'circuit' => 'c1']), Build::point('q', ['circuit' => 'c2'])],
        'cables' => [['from' => ['circuits' => ['c1', 'c2']]] + Build::cable('c1', 'p'), Build::cable('p', 'q', $land)],
    ];

    return [
        'through the device' => [$shared('line'), true],
        'spliced past it' => [$shared(['hot' => 'line', 'neutral' => 'splice']), false],
        'not said' => [$shared(null), false],
        'an ordinary circuit' => [Houses::pair(), false],
    ];
});
