<?php

declare(strict_types=1);

use Bouclier\Core\House\Edition;
use Tests\Core\Build;
use Tests\Core\Houses;

it('finds yoke_no_disconnect, graded by the kind of work', function (
    array $house,
    array $graded,
    array $editions = [Edition::Nec2014, Edition::Nec2017, Edition::Nec2020, Edition::Nec2023],
    string $at = 'p',
): void {
    foreach ($editions as $edition) {
        expect(Build::graded('yoke_no_disconnect', $house, $edition, $at))->toBe($graded, $edition->label());
    }
})->with(function (): array {
    $none = [null, null, null, null];
    $error = ['error', 'error', 'error', 'error'];
    $advice = ['advice', 'advice', 'advice', 'advice'];
    $yoke = fn(array $one, array $other, string $second = 'c2'): array => [
        'circuits' => [Build::circuit('c1', $one), Build::circuit('c2', $other)],
        'points' => [
            Build::point('p', ['yoke_with' => 'q', 'circuit' => 'c1']),
            Build::point('q', ['yoke_with' => 'p', 'circuit' => $second]),
        ],
    ];
    $tie = ['handle_tie' => true];

    return [
        'not tied' => [$yoke(['handle_tie' => false], []), $error],
        'nobody has said' => [$yoke([], []), $advice],
        'only one has said' => [$yoke($tie, []), $advice],
        'tied' => [$yoke($tie, $tie), $none],
        'one two-pole breaker' => [
            $yoke(
                ['breaker' => 'gfci', 'common_trip' => true, 'multiwire_with' => 'c2'],
                ['breaker' => 'gfci', 'common_trip' => true, 'multiwire_with' => 'c1', 'leg' => 'b'],
            ),
            $none,
        ],
        'both halves on one circuit' => [$yoke(['handle_tie' => false], [], 'c1'), $none],
        'no yoke' => [Houses::lone(), $none],
    ];
});
