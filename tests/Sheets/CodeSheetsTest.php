<?php

declare(strict_types=1);

use Bouclier\Core\CodeBook\CodeBook;
use Bouclier\Core\House\Edition;
use Bouclier\Sheets\AlternativesSheet;
use Bouclier\Sheets\Choices;
use Bouclier\Sheets\ComparisonSheet;
use Bouclier\Sheets\RuleSheet;
use Tests\Core\Build;

it('lists every rule and exception with its clause in each edition, and what is found beside them', function (): void {
    $sheet = RuleSheet::shipped();
    $book = CodeBook::shipped();
    expect($sheet['rules'])->toHaveCount(count($book->rules))->and($sheet['exceptions'])->toHaveCount(count($book->exceptions))
        ->and($sheet['editions'])->toBe(array_map(fn(Edition $edition): string => $edition->label(), $book->editions()));
    foreach ([...$sheet['rules'], ...$sheet['exceptions'], ...$sheet['findings']] as $line) {
        expect($line['clauses'])->toHaveCount(count($sheet['editions']), $line['id'])
            ->and(array_filter($line['clauses'], is_string(...)))->not->toBe([], $line['id'])
            ->and($line['reason'])->toEndWith('.');
    }
    expect(array_unique(array_column($sheet['findings'], 'id')))->toHaveCount(count($sheet['findings']))
        ->and(array_filter(array_column($sheet['rules'], 'asksFor'), is_string(...)))->toHaveCount(count($sheet['rules']));
});

it('compares a house by two editions outlet by outlet, and names what is newly asked', function (): void {
    $house = Build::house([
        'areas' => [Build::area('l', 'laundry'), Build::area('b', 'bedroom')],
        'points' => [
            Build::point('w', ['area' => 'l', 'amps' => 30, 'volts' => 240, 'serves' => 'dryer']),
            Build::point('n', ['area' => 'b']),
        ],
        'cables' => [Build::cable('c1', 'w'), Build::cable('c1', 'n')],
    ]);
    $lines = ComparisonSheet::of($house, Edition::Nec2014, Edition::Nec2023);
    $dryer = array_values(array_filter($lines, fn(array $line): bool => $line['id'] === 'w' && $line['protection'] === 'GFCI'));
    expect($dryer[0])->toMatchArray(['room' => 'Room l', 'newlyAsked' => true])
        ->and($dryer[0]['before'])->toMatchArray(['asked' => false, 'clauses' => []])
        ->and($dryer[0]['after']['asked'])->toBeTrue()->and($dryer[0]['after']['verdict'])->toBe('missing')
        ->and($dryer[0]['after']['clauses'][0])->toStartWith('210.8(A)')
        ->and(ComparisonSheet::of($house, Edition::Nec2023, Edition::Nec2023))->toBe([]);
});

it('says what would change the verdict of an outlet', function (): void {
    $house = Build::house([
        'areas' => [Build::area('l', 'living', ['fixtures' => [['id' => 's', 'kind' => 'sink']]])],
        'points' => [Build::point('o', ['area' => 'l', 'distances' => [['fixture' => 's', 'ft' => 5.5]]])],
        'cables' => [Build::cable('c1', 'o')],
    ]);
    $lines = AlternativesSheet::of($house, $house->point('o'));
    expect(array_values(array_unique(array_column($lines, 'of'))))->toBe(['GFCI', 'AFCI', 'Tamper-resistant']);
    foreach ($lines as $line) {
        expect($line['text'])->not->toBe('')->and($line['verdictName'])->not->toBe('');
    }
});

it('offers the values of each field once, with the words of the trade', function (): void {
    foreach ([Choices::forHouses(), Choices::forOutlets(), Choices::forJurisdictions()] as $lists) {
        foreach ($lists as $field => $choices) {
            expect(array_unique(array_column($choices, 'value')))->toHaveCount(count($choices), $field)
                ->and(array_unique(array_column($choices, 'label')))->toHaveCount(count($choices), $field);
        }
    }
    $words = array_merge(...array_map(
        fn(array $list): array => array_merge(...array_column($list['words'], 'words')),
        Choices::shorthand(),
    ));
    expect($words)->toContain('kit', 'gfci')->and(array_filter($words, fn(string $word): bool => trim($word) === ''))->toBe([]);
});
