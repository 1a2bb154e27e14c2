<?php

declare(strict_types=1);

use Bouclier\Core\House\Edition;
use Tests\Core\Build;
use Tests\Core\Houses;

it('finds small_appliance_shared, graded by the kind of work', function (
    array $house,
    array $graded,
    array $editions = [Edition::Nec2014, Edition::Nec2017, Edition::Nec2020, Edition::Nec2023],
    string $at = 'p',
): void {
    foreach ($editions as $edition) {
        expect(Build::graded('small_appliance_shared', $house, $edition, $at))->toBe($graded, $edition->label());
    }
})->with(function (): array {
    $none = [null, null, null, null];
    $wiring = ['error', 'error', 'warning', 'warning'];
    $with = fn(array $other): array => Houses::circuitOf(
        [],
        ['kitchen', 'in' => 'k', 'serves' => 'countertop'],
        ['kitchen', 'in' => 'k'] + $other,
    );

    return [
        'a dishwasher' => [$with(['serves' => 'dishwasher']), $wiring],
        'a dishwasher wired in' => [$with(['serves' => 'dishwasher', 'kind' => 'hardwired', 'device' => 'none']), $wiring],
        'a disposal' => [$with(['serves' => 'disposal']), $wiring],
        'a microwave' => [$with(['serves' => 'microwave']), $wiring],
        'a range hood' => [$with(['serves' => 'range_hood']), $wiring],
        'a refrigerator' => [$with(['serves' => 'refrigerator']), $none],
        'another of the counter' => [$with(['serves' => 'countertop']), $none],
        'a dishwasher on a circuit of its own' => [Houses::circuitOf([], ['kitchen', 'serves' => 'dishwasher']), $none],
        'beside a wall receptacle' => [
            Houses::circuitOf([], ['kitchen', 'in' => 'k'], ['kitchen', 'in' => 'k', 'serves' => 'disposal']),
            $none,
        ],
    ];
});
