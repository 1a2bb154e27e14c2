<?php

declare(strict_types=1);

use Bouclier\Core\House\Edition;
use Tests\Core\Build;
use Tests\Core\Houses;

it('finds connector_out_of_range, and only where it is', function (
    array $house,
    bool $found,
    Edition $edition = Edition::Nec2023,
    string $at = 'p',
): void {
    $findings = Build::findings(Build::house($house), $at, $edition);
    expect(in_array('connector_out_of_range', $findings, true))->toBe($found);
})->with(function (): array {
    $with = fn(array $connector, int $awg): array => Houses::lone(
        ['box' => ['connectors' => [['kind' => 'lever'] + $connector]]],
        [],
        [],
        ['cables' => [Build::cable('c1', 'p', null, 'line', ['awg' => $awg])]],
    );

    return [
        'heavier than it takes' => [$with(['rated_awg' => [18, 14]], 12), true],
        'within' => [$with(['rated_awg' => [18, 10]], 12), false],
        'at its end' => [$with(['rated_awg' => [18, 12]], 12), false],
        'the heaviest alone is said' => [$with(['rated_awg' => 12], 10), true],
        'nothing said' => [$with([], 10), false],
    ];
});
