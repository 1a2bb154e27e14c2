<?php

declare(strict_types=1);

use Bouclier\Core\CodeBook\CodeBook;
use Bouclier\Core\CodeBook\Rule;
use Bouclier\Core\CodeBook\RuleException;
use Bouclier\Core\House\Edition;

/**
 * The clause of every rule in every edition, written out once more by hand from the code book's tables: 2014, 2017, 2020, 2023, CEC 2021.
 */
const CLAUSES = [
    'nec-210.8(A)-bathrooms' => ['210.8(A)(1)', '210.8(A)(1)', '210.8(A)(1)', '210.8(A)(1)', null],
    'nec-210.8(A)-garages' => ['210.8(A)(2)', '210.8(A)(2)', '210.8(A)(2)', '210.8(A)(2)', null],
    'nec-210.8(A)-outdoors' => ['210.8(A)(3)', '210.8(A)(3)', '210.8(A)(3)', '210.8(A)(3)', null],
    'nec-210.8(A)-crawl-spaces' => ['210.8(A)(4)', '210.8(A)(4)', '210.8(A)(4)', '210.8(A)(4)', null],
    'nec-210.8(A)-basements' => ['210.8(A)(5)', '210.8(A)(5)', '210.8(A)(5)', '210.8(A)(5)', null],
    'nec-210.8(A)-kitchens' => ['210.8(A)(6)', '210.8(A)(6)', '210.8(A)(6)', '210.8(A)(6)', null],
    'nec-210.8(A)-food-preparation' => [null, null, null, '210.8(A)(7)', null],
    'nec-210.8(A)-sinks' => ['210.8(A)(7)', '210.8(A)(7)', '210.8(A)(7)', '210.8(A)(8)', null],
    'nec-210.8(A)-boathouses' => ['210.8(A)(8)', '210.8(A)(8)', '210.8(A)(8)', '210.8(A)(9)', null],
    'nec-210.8(A)-bathtubs-and-showers' => ['210.8(A)(9)', '210.8(A)(9)', '210.8(A)(9)', '210.8(A)(10)', null],
    'nec-210.8(A)-laundry-areas' => ['210.8(A)(10)', '210.8(A)(10)', '210.8(A)(10)', '210.8(A)(11)', null],
    'nec-210.8(A)-damp-or-wet-indoors' => [null, null, '210.8(A)(11)', '210.8(A)(12)', null],
    'nec-210.8(C)-crawl-space-lighting' => [null, '210.8(E)', '210.8(C)', '210.8(C)', null],
    'nec-210.8(D)-dishwasher' => ['210.8(D)', '210.8(D)', '210.8(D)', '210.8(D)', null],
    'nec-422.5(A)-dishwasher' => [null, null, '422.5(A)(7)', '422.5(A)(7)', null],
    'nec-210.8(D)-sump-pump' => [null, null, '210.8(D)', '210.8(D)', null],
    'nec-422.5(A)-sump-pump' => [null, null, '422.5(A)(6)', '422.5(A)(6)', null],
    'nec-210.8(D)-cooking-and-drying' => [null, null, null, '210.8(D)', null],
    'nec-210.8(E)-hvac-service' => [null, null, '210.8(E)', '210.8(E)', null],
    'nec-210.8(F)-outdoor-outlets' => [null, null, '210.8(F)', '210.8(F)', null],
    'nec-424.44-floor-heating' => ['424.44', '424.44', '424.44', '424.44', null],
    'nec-424.45-floor-heating' => ['424.45', '424.45', '424.45', '424.45', null],
    'nec-555.9-boat-hoist' => ['210.8(C)', '210.8(C)', '555.9', '555.9', null],
    'nec-680.43-indoor-spa' => ['680.43', '680.43', '680.43', '680.43', null],
    'nec-625.54-vehicle-receptacles' => [null, '625.54', '625.54', '625.54', null],
    'nec-680.71-hydromassage-tub' => ['680.71', '680.71', '680.71', '680.71', null],
    'nec-680.71-hydromassage-receptacles' => ['680.71', '680.71', '680.71', '680.71', null],
    'nec-680.22(A)(4)-pool-receptacles' => ['680.22(A)(4)', '680.22(A)(4)', '680.22(A)(4)', '680.22(A)(4)', null],
    'nec-680.21(C)-pool-pump' => ['680.21(C)', '680.21(C)', '680.21(C)', '680.21(C)', null],
    'nec-680.44-spa' => ['680.44', '680.44', '680.44', '680.44', null],
    'nec-210.12-branch-circuits' => ['210.12(A)', '210.12(A)', '210.12(A)', '210.12(B)', null],
    'nec-210.12-extensions' => ['210.12(B)', '210.12(D)', '210.12(D)', '210.12(E)', null],
    'nec-406.12-tamper-resistant' => ['406.12(A)', '406.12(1)', '406.12(1)', '406.12(1)', null],
    'nec-406.9-damp-locations' => ['406.9(A)', '406.9(A)', '406.9(A)', '406.9(A)', null],
    'nec-406.9-wet-locations' => ['406.9(B)(1)', '406.9(B)(1)', '406.9(B)(1)', '406.9(B)(1)', null],
    'cec-26-704(1)-near-water' => [null, null, null, null, '26-704(1)'],
    'cec-26-704(2)-outdoors' => [null, null, null, null, '26-704(2)'],
    'cec-26-658-branch-circuits' => [null, null, null, null, '26-658'],
    'cec-26-706-tamper-resistant' => [null, null, null, null, '26-706'],
    'nec-406.4(D)(3)-replacement-gfci' => ['406.4(D)(3)', '406.4(D)(3)', '406.4(D)(3)', '406.4(D)(3)', null],
    'nec-406.4(D)(4)-replacement-afci' => ['406.4(D)(4)', '406.4(D)(4)', '406.4(D)(4)', '406.4(D)(4)', null],
    'nec-406.4(D)(5)-replacement-tamper-resistant' => ['406.4(D)(5)', '406.4(D)(5)', '406.4(D)(5)', '406.4(D)(5)', null],
    'nec-406.4(D)(6)-replacement-weather-resistant' => ['406.4(D)(6)', '406.4(D)(6)', '406.4(D)(6)', '406.4(D)(6)', null],
    'nec-760-fire-alarm' => ['760.41(B), 760.121(B)', '760.41(B), 760.121(B)', '760.41(B), 760.121(B)', '760.41(B), 760.121(B)', null],
    'nec-210.8(A)(3)-snow-melting' => [
        '210.8(A)(3) exception',
        '210.8(A)(3) exception',
        '210.8(A)(3) exception',
        '210.8(A)(3) exception',
        null,
    ],
    'nec-210.8(A)(5)-alarm' => ['210.8(A)(5) exception', '210.8(A)(5) exception', '210.8(A)(5) exception', null, null],
    'nec-210.8(A)-security-system' => [null, null, null, '210.8(A) exception', null],
    'nec-210.8(A)-ceiling-support' => [null, null, '210.8(A) exception', '210.8(A) exception', null],
    'nec-210.8(A)-bath-fan' => [null, null, null, '210.8(A) exception', null],
    'nec-210.8(F)-hvac-deferral' => [null, null, '210.8(F) deferred to 2023-01-01', '210.8(F) deferred to 2026-09-01', null],
    'nec-210.12-six-feet' => ['210.12(B) exception', '210.12(D) exception', '210.12(D) exception', '210.12(E) exception', null],
];

it('has the clause of every edition', function (string $id, array $clauses): void {
    $all = [...CodeBook::shipped()->rules, ...CodeBook::shipped()->exceptions];
    $found = array_values(array_filter($all, fn(Rule|RuleException $rule): bool => $rule->id() === $id));
    expect($found)->toHaveCount(1)
        ->and(array_map(fn(Edition $edition): ?string => $found[0]->clauses()->in($edition), Edition::cases()))->toBe($clauses);
})->with(array_map(fn(string $id, array $clauses): array => [$id, $clauses], array_keys(CLAUSES), CLAUSES));

it('holds no rule that the table does not', function (): void {
    $all = [...CodeBook::shipped()->rules, ...CodeBook::shipped()->exceptions];
    $ids = array_map(fn(Rule|RuleException $rule): string => $rule->id(), $all);
    expect(array_diff($ids, array_keys(CLAUSES)))->toBe([])->and(array_unique($ids))->toHaveCount(count($ids));
});

it('gives every rule a reason of its own, in a sentence', function (): void {
    foreach ([...CodeBook::shipped()->rules, ...CodeBook::shipped()->exceptions] as $rule) {
        expect($rule->reason())->toMatch('/^[A-Z].{20,}\.$/s', $rule->id());
    }
});
