<?php

declare(strict_types=1);

use Bouclier\Core\House\Edition;
use Bouclier\Core\House\Protection;
use Tests\Core\Build;

it('asks', function (array $area, array $point, array $clauses, array $house = []): void {
    expect(Build::byEdition(Protection::Gfci, $area, $point + ['kind' => 'hardwired'], $house))->toBe($clauses);
})->with([
    'wired in outdoors' => [['kind' => 'outdoors'], ['serves' => 'landscape'], ['', '', '210.8(F)', '210.8(F)']],
    'over 50 A' => [['kind' => 'outdoors'], ['serves' => 'ev'], ['', '', '', ''], ['circuits' => [Build::circuit('c1', ['amps' => 60])]]],
    'exactly 50 A' => [
        ['kind' => 'outdoors'],
        [],
        ['', '', '210.8(F)', '210.8(F)'],
        ['circuits' => [Build::circuit('c1', ['amps' => 50])]],
    ],
    'a light outdoors' => [['kind' => 'outdoors'], ['kind' => 'light', 'device' => 'none'], ['', '', '', '']],
    'in a garage at grade' => [['kind' => 'garage'], [], ['', '', '', '210.8(F)']],
    'in a garage above grade' => [['kind' => 'garage', 'grade' => 'above'], [], ['', '', '', '']],
    'in an accessory building above grade' => [['kind' => 'accessory_building', 'grade' => 'above'], [], ['', '', '', '210.8(F)']],
    'in a boathouse' => [['kind' => 'boathouse'], [], ['', '', '', '210.8(F)']],
    'in a kitchen' => [['kind' => 'kitchen'], [], ['', '', '', '']],
    'its equipment replaced' => [['kind' => 'outdoors'], ['work' => 'replace'], ['', '', '', '210.8(F)']],
]);

it('defers heating and cooling by the permit date', function (Edition $edition, string $serves, ?string $permit, bool $asked): void {
    $house = $permit === null ? [] : ['permit_date' => $permit];
    $judged = Build::judged($edition, ['kind' => 'outdoors'], ['kind' => 'hardwired', 'serves' => $serves], $house);
    expect(Build::gfciClauses($judged))->toBe($asked ? ['210.8(F)'] : [])
        ->and(count($judged->exemptions))->toBe($asked ? 0 : 1);
})->with([
    '2020, inverter, before' => [Edition::Nec2020, 'hvac_inverter', '2022-12-31', false],
    '2020, inverter, on the day' => [Edition::Nec2020, 'hvac_inverter', '2023-01-01', true],
    '2020, plain condenser, before' => [Edition::Nec2020, 'hvac', '2022-12-31', true],
    '2020, inverter, no date' => [Edition::Nec2020, 'hvac_inverter', null, true],
    '2023, inverter, before' => [Edition::Nec2023, 'hvac_inverter', '2026-08-31', false],
    '2023, plain condenser, before' => [Edition::Nec2023, 'hvac', '2026-08-31', false],
    '2023, plain condenser, on the day' => [Edition::Nec2023, 'hvac', '2026-09-01', true],
    '2023, anything else, before' => [Edition::Nec2023, 'landscape', '2020-01-01', true],
]);
