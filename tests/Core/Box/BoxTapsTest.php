<?php

declare(strict_types=1);

use Bouclier\Core\Box\BoxTap;
use Bouclier\Core\Box\BoxTaps;
use Bouclier\Core\Change\BoxRest;
use Bouclier\Core\Change\Changed;
use Bouclier\Core\Change\Commands\BoxIsWell;
use Bouclier\Core\Change\Commands\CheckBox;
use Bouclier\Core\House\BoxCheck;
use Bouclier\Core\House\Entries\BoxChecked;
use Bouclier\Core\House\Entries\OpenItem;
use Bouclier\Core\House\House;
use Bouclier\Core\House\LengthUnit;
use Bouclier\Core\Live\Asker;
use Tests\Core\Build;

function tapped(array $point = []): House
{
    return Build::house(['points' => [Build::point('p', $point)], 'cables' => [Build::cable('c1', 'p')]]);
}

it('asks of a box what can be so in it', function (array $point, array $asked): void {
    $fields = array_map(fn(BoxTap $tap): string => $tap->field, BoxTaps::of(tapped($point)->points[0], LengthUnit::Feet));
    expect(array_values(array_intersect(['grounds_spliced', 'pigtail', 'bonded'], $fields)))->toBe($asked);
})->with([
    'plastic' => [['box' => ['material' => 'plastic']], ['grounds_spliced', 'pigtail']],
    'metal' => [['box' => ['material' => 'metal']], ['grounds_spliced', 'pigtail', 'bonded']],
    'without a ground' => [['ground' => 'none', 'box' => ['material' => 'metal']], ['bonded']],
]);

it('says lengths in the unit of the house', function (): void {
    expect(array_column(BoxTaps::of(tapped()->points[0], LengthUnit::Metres)[0]->choices, 0))->toBe(['8 cm', '11 cm', '15 cm', '20 cm'])
        ->and(array_column(BoxTaps::of(tapped()->points[0], LengthUnit::Feet)[0]->choices, 0))->toBe(['3 in', '4.5 in', '6 in', '8 in']);
});

it('takes the rest of a box as well in one tap, and leaves what was said', function (): void {
    $by = new Asker('2026-05-01T10:00:00Z', 'Ada');
    $wrong = (new CheckBox('p', BoxCheck::Torque, false))->on(tapped(['box' => ['free_in' => 3, 'material' => 'metal']]), $by);
    expect(BoxRest::of($wrong, $wrong->points[0])->count())->toBe(5 + count(BoxCheck::cases()) - 1);
    $well = Changed::by(new BoxIsWell('p'), $wrong, $by)->house;
    expect(BoxRest::of($well, $well->points[0])->count())->toBe(0);
    $box = $well->points[0]->box;
    expect([$box?->freeIn, $box?->pastFaceIn, $box?->groundsSpliced, $box?->pigtail, $box?->bonded, $box?->fixed, $box?->volumeIn3])
        ->toBe([3.0, 3.0, true, true, true, true, null]);
    $checks = [];
    foreach ($well->entries->all(BoxChecked::class) as $checked) {
        $checks[$checked->check->value] = $checked->ok;
    }
    expect($checks)->toHaveCount(count(BoxCheck::cases()))->and($checks['torque'])->toBeFalse()
        ->and(array_sum($checks))->toBe(count(BoxCheck::cases()) - 1);
});

it('does not take for right what was said to be wrong', function (): void {
    $by = new Asker('2026-05-01T10:00:00Z', 'Ada');
    $well = (new BoxIsWell('p'))->on(tapped(['box' => ['pigtail' => false, 'fixed' => false]]), $by);
    $right = array_map(fn(BoxChecked $one): string => $one->check->value, $well->entries->all(BoxChecked::class));
    expect(array_diff(array_column(BoxCheck::cases(), 'value'), $right))->toEqualCanonicalizing(['grounds_pigtailed', 'support']);
});

it('leaves what is wrong to be done, once, until it is right', function (): void {
    $by = new Asker('2026-05-01T10:00:00Z', 'Ada');
    $items = fn(House $house): array => array_map(fn(OpenItem $item): bool => $item->isOpen(), $house->entries->all(OpenItem::class));
    $house = (new CheckBox('p', BoxCheck::Torque, false))->on(tapped(), $by);
    expect($items($house))->toBe([true])->and(Build::findings($house))->toContain('box_wrong');
    $house = (new CheckBox('p', BoxCheck::Torque, false))->on($house, $by);
    expect($items($house))->toBe([true]);
    $house = (new CheckBox('p', BoxCheck::Torque, true))->on($house, $by);
    expect($items($house))->toBe([false])->and(Build::findings($house))->not->toContain('box_wrong');
});
