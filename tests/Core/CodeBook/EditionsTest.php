<?php

declare(strict_types=1);

use Bouclier\Core\CodeBook\Assess;
use Bouclier\Core\CodeBook\Clauses;
use Bouclier\Core\CodeBook\CodeBook;
use Bouclier\Core\CodeBook\Demand;
use Bouclier\Core\Exchange\HouseReader;
use Bouclier\Core\House\Edition;
use Bouclier\Core\House\Family;
use Tests\Core\Answers\Corpus;

it('has an answer for every edition: a rule, an exception or a check that says nothing of one is named', function (Edition $edition): void {
    expect(CodeBook::shipped()->unanswered($edition))->toBe([]);
})->with(Edition::cases());

it('does not pass an edition by that it does not know', function (): void {
    expect(Clauses::cec('26-704(1)')->answers(Edition::Nec2023))->toBeTrue()
        ->and(Clauses::cec('26-704(1)')->in(Edition::Nec2023))->toBeNull()

            ->and(Clauses::nec(null, null, '1', '2')->in(Edition::Nec2017))
            ->toBeNull()
            ->and(Clauses::nec(null, null, '1', '2')->in(Edition::Nec2020))
            ->toBe('1')
        ->and(Clauses::everyNec('3')->in(Edition::Nec2014))->toBe('3')->and(Clauses::none()->in(Edition::Cec2021))->toBeNull();
    // As if a new edition had come: its code has tables, and none of them names it.
    $table = new ReflectionClass(Clauses::class);
    $old = $table->newInstanceWithoutConstructor();
    $table->getConstructor()?->invoke($old, Family::Nec, [Edition::Nec2014->value => '1']);
    expect($old->answers(Edition::Nec2023))->toBeFalse()
        ->and(fn() => $old->in(Edition::Nec2023))->toThrow(OutOfRangeException::class, 'NEC 2023 has no answer')
        ->and($old->answers(Edition::Cec2021))->toBeTrue();
});

it('finds nothing whose clause is not listed, for the edition it is found in', function (): void {
    $listed = [];
    foreach (CodeBook::shipped()->checks() as $check) {
        foreach ($check->finds() as $id => $finds) {
            $clauses = $finds->clauses;
            $listed[explode(',', $id)[0]][] = $clauses;
        }
    }
    $seen = [];
    foreach (array_slice(Corpus::houses(), 0, 120, true) as $name => $json) {
        try {
            $house = (new HouseReader())->fromJson($json);
        } catch (Throwable) {
            continue;
        }
        foreach (Edition::cases() as $edition) {
            $assessment = (new Assess($house, $edition))->house();
            $demanded = array_map(
                fn(Demand $demand): string => $demand->clause,
                array_merge([], ...array_column($assessment->points, 'demands')),
            );
            $found = [...$assessment->findings, ...array_merge([], ...array_column($assessment->points, 'findings'))];
            foreach ($found as $finding) {
                expect($listed)->toHaveKey($finding->id);
                $may = array_map(fn(Clauses $clauses): ?string => $clauses->in($edition), $listed[$finding->id]);
                expect(in_array($finding->clause, [...$may, ...$demanded], true))->toBeTrue(
                    "$name {$edition->value} {$finding->id} {$finding->clause}",
                );
                $seen[$finding->id] = true;
            }
        }
    }
    expect(count($seen))->toBeGreaterThan(25);
});
