<?php

declare(strict_types=1);

use Bouclier\Core\House\Edition;
use Tests\Core\Build;
use Tests\Core\Houses;

it('finds box_overfull, and only where it is', function (
    array $house,
    bool $found,
    Edition $edition = Edition::Nec2023,
    string $at = 'p',
): void {
    $findings = Build::findings(Build::house($house), $at, $edition);
    expect(in_array('box_overfull', $findings, true))->toBe($found);
})->with(function (): array {
    $box = fn(float $in3, array $more = []): array => ['box' => ['volume_in3' => $in3] + $more];

    return [
        'box: two 12 AWG cables, device, grounds' => [
            [
                'cables' => [Build::cable('c1', 'p'), Build::cable('p', 'q')],
                'points' => [Build::point('p', $box(15.7)), Build::point('q')],
            ] + Houses::lone(), true,
        ],
        'box: exactly enough' => [
            [
                'cables' => [Build::cable('c1', 'p'), Build::cable('p', 'q')],
                'points' => [Build::point('p', $box(15.75)), Build::point('q')],
            ] + Houses::lone(), false,
        ],
        'box: clamps add one' => [
            [
                'cables' => [Build::cable('c1', 'p'), Build::cable('p', 'q')],
                'points' => [Build::point('p', $box(17.9, ['clamps' => 2])), Build::point('q')],
            ] + Houses::lone(), true,
        ],
        'box: no volume recorded' => [Houses::lone(), false],
    ];
});
