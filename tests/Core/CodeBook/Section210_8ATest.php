<?php

declare(strict_types=1);

use Bouclier\Core\House\Edition;
use Bouclier\Core\House\Protection;
use Tests\Core\Build;

const NEC = [Edition::Nec2014, Edition::Nec2017, Edition::Nec2020, Edition::Nec2023];

/** Rooms that no clause counts. Those that one does have a test of their own, named after the rule. */
it('asks nothing of rooms that are not listed', function (string $kind): void {
    expect(Build::byEdition(Protection::Gfci, ['kind' => $kind]))->toBe(['', '', '', '']);
})->with(['bedroom', 'living', 'family', 'dining', 'parlor', 'library', 'den', 'sunroom', 'recreation', 'closet', 'hallway', 'foyer', 'similar', 'attic', 'utility']);

dataset('reaches', function (): array {
    $numbers = ['sink' => [7, 7, 7, 8], 'bathtub' => [9, 9, 9, 10], 'shower' => [9, 9, 9, 10]];
    $cases = [];
    foreach ($numbers as $fixture => $clause) {
        foreach (NEC as $i => $edition) {
            foreach ([[0, 'none', true], [5.99, 'none', true], [6.0, 'none', true], [6.01, 'none', false], [3.0, 'barrier', false], [6.0, 'door', $i !== 1], [6.01, 'door', false]] as [$ft, $crosses, $asked]) {
                $cases["$ft ft from a $fixture through $crosses, {$edition->value}"] = [$edition, $fixture, $ft, $crosses, $asked ? "210.8(A)({$clause[$i]})" : null];
            }
        }
    }

    return $cases;
});

it('asks by the path of a cord, both sides of the limit', function (Edition $edition, string $fixture, float $ft, string $crosses, ?string $clause): void {
    $judged = Build::judged($edition, ['kind' => 'bedroom', 'fixtures' => [['id' => 'f', 'kind' => $fixture]]], ['distances' => [['fixture' => 'f', 'ft' => $ft, 'crosses' => $crosses]]]);
    expect(Build::gfciClauses($judged))->toBe($clause === null ? [] : [$clause]);
})->with('reaches');

it('says where NEC 2014 is read strictly', function (): void {
    $fact = fn(Edition $edition): string => Build::judged($edition, ['fixtures' => [['id' => 'f', 'kind' => 'sink']]], ['distances' => [['fixture' => 'f', 'ft' => 4, 'crosses' => 'door']]])->demands[0]->fact;
    expect($fact(Edition::Nec2014))->toContain('no rule for that')->and($fact(Edition::Nec2023))->toContain('does not end the path');
});

it('takes the nearest path that counts, of several', function (): void {
    $judged = Build::judged(Edition::Nec2023, ['fixtures' => [['id' => 'f', 'kind' => 'sink'], ['id' => 'g', 'kind' => 'sink']]], ['distances' => [
        ['fixture' => 'f', 'ft' => 1, 'crosses' => 'barrier'], ['fixture' => 'f', 'ft' => 9], ['fixture' => 'g', 'ft' => 5.5],
    ]]);
    expect($judged->demands[0]->fact)->toContain('5.5 ft');
});

it('shows every clause that asks, where two do', function (): void {
    $area = ['kind' => 'bathroom', 'grade' => 'below', 'fixtures' => [['id' => 'f', 'kind' => 'sink'], ['id' => 't', 'kind' => 'hydromassage']]];
    $point = ['exposure' => 'damp', 'distances' => [['fixture' => 'f', 'ft' => 2], ['fixture' => 't', 'ft' => 6]]];
    expect(Build::gfciClauses(Build::judged(Edition::Nec2023, $area, $point)))->toBe(['210.8(A)(1)', '210.8(A)(5)', '210.8(A)(8)', '210.8(A)(10)', '210.8(A)(12)', '680.71'])
        ->and(Build::gfciClauses(Build::judged(Edition::Nec2017, $area, $point)))->toBe(['210.8(A)(1)', '210.8(A)(7)', '210.8(A)(9)', '680.71']);
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

dataset('exceptions', function (): array {
    $ice = ['serves' => 'snow_melting', 'accessible' => false];
    $fan = ['serves' => 'bath_fan', 'factory_fitted' => true, 'accessible' => false];

    return [
        'pipe heating out of reach, alone' => [['kind' => 'outdoors'], $ice, [], [true, true, true, true]],
        'pipe heating within reach' => [['kind' => 'outdoors'], ['accessible' => true] + $ice, [], [false, false, false, false]],
        'pipe heating on a shared circuit' => [['kind' => 'outdoors'], $ice, ['more' => true], [false, false, false, false]],
        'pipe heating in a garage' => [['kind' => 'garage'], $ice, [], [false, false, false, false]],
        'burglar alarm in the basement' => [['kind' => 'basement', 'finished' => false], ['serves' => 'security'], [], [true, true, true, true]],
        'burglar alarm in the garage' => [['kind' => 'garage'], ['serves' => 'security'], [], [false, false, false, true]],
        'fire alarm in the basement' => [['kind' => 'basement', 'finished' => false], ['serves' => 'fire_alarm'], [], [true, true, true, true]],
        'fire alarm in a bathroom' => [['kind' => 'bathroom'], ['serves' => 'fire_alarm'], [], [true, true, true, true]],
        'smoke alarm in the garage' => [['kind' => 'garage'], ['serves' => 'smoke_alarm'], [], [false, false, false, false]],
        'fan support in the garage' => [['kind' => 'garage'], ['serves' => 'ceiling_support'], [], [false, false, true, true]],
        'fan support in the crawl space' => [['kind' => 'crawl_space'], ['serves' => 'ceiling_support'], [], [false, false, false, false]],
        'fan support in the laundry' => [['kind' => 'laundry'], ['serves' => 'ceiling_support'], [], [false, false, true, false]],
        'fan support in the boathouse' => [['kind' => 'boathouse'], ['serves' => 'ceiling_support'], [], [false, false, true, false]],
        'inside the bath fan' => [['kind' => 'bathroom'], $fan, [], [false, false, false, true]],
        'inside the bath fan, within reach' => [['kind' => 'bathroom'], ['accessible' => true] + $fan, [], [false, false, false, false]],
        'beside the bath fan' => [['kind' => 'bathroom'], ['factory_fitted' => false] + $fan, [], [false, false, false, false]],
    ];
});

it('lets off what the code lets off', function (array $area, array $point, array $circuit, array $off): void {
    $others = $circuit === [] ? [] : [Build::point('q')];
    foreach (NEC as $i => $edition) {
        $judged = Build::judged($edition, $area, $point, $others === [] ? [] : [
            'points' => [Build::point('p', $point), ...$others], 'cables' => [Build::cable('c1', 'p'), Build::cable('p', 'q')],
        ]);
        expect(Build::gfciClauses($judged) === [])->toBe($off[$i], $edition->value)
            ->and($judged->exemptions !== [])->toBe($off[$i], $edition->value);
    }
})->with('exceptions');
