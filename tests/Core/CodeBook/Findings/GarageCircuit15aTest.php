<?php

declare(strict_types=1);

use Bouclier\Core\House\Edition;
use Tests\Core\Build;
use Tests\Core\Houses;

it('finds garage_circuit_15a, graded by the kind of work', function (
    array $house,
    array $graded,
    array $editions = [Edition::Nec2014, Edition::Nec2017, Edition::Nec2020, Edition::Nec2023],
    string $at = 'p',
): void {
    foreach ($editions as $edition) {
        expect(Build::graded('garage_circuit_15a', $house, $edition, $at))->toBe($graded, $edition->label());
    }
})->with(function (): array {
    $none = [null, null, null, null];
    $wiring = ['error', 'error', 'warning', 'warning'];
    $since2017 = [Edition::Nec2017, Edition::Nec2020, Edition::Nec2023];
    $two = Houses::circuitOf(['amps' => 15], ['garage', 'in' => 'g'], ['garage', 'in' => 'g']);
    $two['circuits'][] = Build::circuit('c2');
    $two['cables'][1] = Build::cable('c2', 'p1');

    return [
        '15 A' => [Houses::circuitOf(['amps' => 15], ['garage']), $wiring, $since2017],
        '15 A, 2014' => [Houses::circuitOf(['amps' => 15], ['garage']), $none, [Edition::Nec2014]],
        '20 A' => [Houses::circuitOf([], ['garage']), $none],
        'an extra circuit of 15 A' => [$two, $none],
        'elsewhere' => [Houses::circuitOf(['amps' => 15], ['attic']), $none],
    ];
});
