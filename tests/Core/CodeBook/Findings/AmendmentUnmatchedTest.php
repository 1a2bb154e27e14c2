<?php

declare(strict_types=1);

use Bouclier\Core\House\Edition;
use Tests\Core\Build;
use Tests\Core\Houses;

it('finds amendment_unmatched, graded by the kind of work', function (
    array $house,
    array $graded,
    array $editions = [Edition::Nec2014, Edition::Nec2017, Edition::Nec2020, Edition::Nec2023],
    string $at = 'p',
): void {
    foreach ($editions as $edition) {
        expect(Build::graded('amendment_unmatched', $house, $edition, $at))->toBe($graded, $edition->label());
    }
})->with(function (): array {
    $none = [null, null, null, null];
    $warning = ['warning', 'warning', 'warning', 'warning'];
    $with = fn(array $amendment, string $edition = 'nec-2023'): array => [
        'code' => ['edition' => $edition, 'amendments' => [$amendment + ['do' => 'waive', 'what' => 'gfci']]],
    ] + Houses::lone();
    $now = [Edition::Nec2023];

    return [
        'a clause of the edition' => [$with(['clause' => '210.8(A)(1)']), $none, $now],
        'a whole section' => [$with(['clause' => '210.8(A)']), $none, $now],
        'a clause that is not there' => [$with(['clause' => '210.8(Z)']), $warning, $now],
        'a clause that asks for something else' => [$with(['clause' => '210.12(B)']), $warning, $now],
        'a rule by its id' => [$with(['rule' => 'nec-210.8(A)-sinks']), $none],
        'a rule that is not there' => [$with(['rule' => 'nec-210.8(A)-cellars']), $warning],
        'a rule the edition does not have yet' => [
            $with(['rule' => 'nec-210.8(D)-sump-pump']),
            $warning,
            [Edition::Nec2014, Edition::Nec2017],
        ],
        'and one that has it' => [$with(['rule' => 'nec-210.8(D)-sump-pump']), $none, [Edition::Nec2020, Edition::Nec2023]],
        'a clause means its rule, in every edition' => [$with(['clause' => '210.8(A)(8)']), $none],
        'a distance of a rule that has one' => [$with(['do' => 'distance', 'rule' => 'nec-210.8(A)-sinks', 'ft' => 4]), $none],
        'a distance of one that has none' => [$with(['do' => 'distance', 'rule' => 'nec-210.8(A)-bathrooms', 'ft' => 4]), $warning],
        'what is added stands by itself' => [$with(['do' => 'add', 'clause' => 'Town 12-3']), $none],
        'neither rule nor clause: everything of its kind' => [$with([]), $none],
    ];
});
