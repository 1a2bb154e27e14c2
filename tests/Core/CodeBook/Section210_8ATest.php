<?php

declare(strict_types=1);

use Bouclier\Core\House\Edition;
use Bouclier\Core\House\Protection;
use Tests\Core\Build;

const NEC = [Edition::Nec2014, Edition::Nec2017, Edition::Nec2020, Edition::Nec2023];

/** Rooms that no clause counts. Those that one does have a test of their own, named after the rule. */
it('asks nothing of rooms that are not listed', function (string $kind): void {
    expect(Build::byEdition(Protection::Gfci, ['kind' => $kind]))->toBe(['', '', '', '']);
})->with([
    'bedroom', 'living', 'family', 'dining', 'parlor', 'library', 'den', 'sunroom', 'recreation', 'closet', 'hallway', 'foyer', 'similar',
    'attic', 'utility',
]);

it('says where NEC 2014 is read strictly', function (): void {
    $fact = fn(Edition $edition): string => Build::judged(
        $edition,
        ['fixtures' => [['id' => 'f', 'kind' => 'sink']]],
        ['distances' => [['fixture' => 'f', 'ft' => 4, 'crosses' => 'door']]],
    )->demands[0]->fact;
    expect($fact(Edition::Nec2014))->toContain('no rule for that')->and($fact(Edition::Nec2023))->toContain('does not end the path');
});

it('takes the nearest path that counts, of several', function (): void {
    $judged = Build::judged(Edition::Nec2023, [
        'fixtures' => [['id' => 'f', 'kind' => 'sink'], ['id' => 'g', 'kind' => 'sink']],
    ], ['distances' => [
        ['fixture' => 'f', 'ft' => 1, 'crosses' => 'barrier'], ['fixture' => 'f', 'ft' => 9], ['fixture' => 'g', 'ft' => 5.5],
    ]]);
    expect($judged->demands[0]->fact)->toContain('5.5 ft');
});

it('shows every clause that asks, where two do', function (): void {
    $area = [
        'kind' => 'bathroom',
        'grade' => 'below',
        'fixtures' => [['id' => 'f', 'kind' => 'sink'], ['id' => 't', 'kind' => 'hydromassage']],
    ];
    $point = ['exposure' => 'damp', 'distances' => [['fixture' => 'f', 'ft' => 2], ['fixture' => 't', 'ft' => 6]]];
    expect(
        Build::gfciClauses(Build::judged(Edition::Nec2023, $area, $point)),
    )->toBe(['210.8(A)(1)', '210.8(A)(5)', '210.8(A)(8)', '210.8(A)(10)', '210.8(A)(12)', '680.71'])

            ->and(Build::gfciClauses(Build::judged(Edition::Nec2017, $area, $point)))
            ->toBe(['210.8(A)(1)', '210.8(A)(7)', '210.8(A)(9)', '680.71']);
});

it('speaks of receptacles of some volts and amperes', function (array $point, bool $old, bool $now): void {
    foreach (NEC as $i => $edition) {
        $clauses = Build::gfciClauses(Build::judged($edition, ['kind' => 'garage'], $point));
        expect(in_array('210.8(A)(2)', $clauses, true))->toBe($i < 2 ? $old : $now, $edition->value);
    }
})->with([
    '15 A, 125 V' => [['amps' => 15], true, true],
    '20 A, 125 V' => [['amps' => 20], true, true],
    '30 A, 125 V' => [['amps' => 30], false, true],
    '15 A, 250 V' => [['amps' => 15, 'volts' => 250], false, true],
    '50 A, 250 V' => [['amps' => 50, 'volts' => 250], false, true],
    'over 250 V' => [['amps' => 20, 'volts' => 277], false, false],
    'hard-wired' => [['kind' => 'hardwired'], false, false],
    'light' => [['kind' => 'light', 'device' => 'none'], false, false],
]);
