<?php

declare(strict_types=1);

use Bouclier\Core\CodeBook\Verdict;
use Bouclier\Core\House\Edition;
use Bouclier\Core\House\Protection;
use Bouclier\Core\House\Work;
use Tests\Core\Build;

it('calls a gap by the kind of work', function (string $house, ?Work $as, ?string $point, Verdict $verdict): void {
    $judged = Build::judged(Edition::Nec2023, ['kind' => 'bathroom'], $point === null ? [] : ['work' => $point], ['work' => $house], $as);
    expect($judged->verdict(Protection::Gfci))->toBe($verdict);
})->with([
    'new' => ['new', null, null, Verdict::Missing],
    'extend' => ['extend', null, null, Verdict::Missing],
    'replace' => ['replace', null, null, Verdict::Missing],
    'existing' => ['existing', null, null, Verdict::Advised],
    'asked as existing' => ['new', Work::Existing, null, Verdict::Advised],
    'a point of its own kind' => ['existing', Work::Existing, 'replace', Verdict::Missing],
]);

it('knows all five verdicts', function (): void {
    $verdict = fn(string $kind, string $device): Verdict => Build::judged(
        Edition::Nec2023,
        ['kind' => $kind],
        ['device' => $device],
    )->verdict(Protection::Gfci);
    expect($verdict('garage', 'gfci'))->toBe(Verdict::Met)
        ->and($verdict('garage', 'dual'))->toBe(Verdict::Met)
        ->and($verdict('garage', 'afci'))->toBe(Verdict::Missing)
        ->and($verdict('living', 'gfci'))->toBe(Verdict::NotAskedButPresent)
        ->and($verdict('living', 'standard'))->toBe(Verdict::NotAsked);
});

describe('local amendments', function (): void {
    $amended = fn(array $amendment, array $area, array $point = []): array => Build::gfciClauses(
        Build::judged(Edition::Nec2023, $area, $point, ['code' => ['edition' => 'nec-2023', 'amendments' => [$amendment]]]),
    );
    $sink = ['kind' => 'den', 'fixtures' => [['id' => 'f', 'kind' => 'sink']]];

    it('add', function () use ($amended): void {
        $add = ['do' => 'add', 'what' => 'gfci', 'kinds' => ['bedroom'], 'clause' => 'Ordinance 7'];
        expect($amended($add, ['kind' => 'bedroom']))->toBe(['Ordinance 7'])
            ->and($amended($add, ['kind' => 'den']))->toBe([])
            ->and($amended($add, ['kind' => 'bedroom'], ['kind' => 'light', 'device' => 'none']))->toBe([]);
    });

    it('waive', function () use ($amended): void {
        $waive = ['do' => 'waive', 'what' => 'gfci', 'clause' => '210.8(A)(2)', 'serves' => ['garage_opener']];
        expect($amended($waive, ['kind' => 'garage'], ['serves' => 'garage_opener']))->toBe([])
            ->and($amended($waive, ['kind' => 'garage']))->toBe(['210.8(A)(2)'])
            ->and($amended(['do' => 'waive', 'what' => 'gfci', 'clause' => '210.8(A)(1)'], ['kind' => 'laundry']))->toBe(['210.8(A)(11)'])
            ->and($amended(['do' => 'waive', 'what' => 'gfci', 'clause' => '210.8(A)'], ['kind' => 'laundry']))->toBe([]);
    });

    it('change a distance', function () use ($amended, $sink): void {
        $farther = ['do' => 'distance', 'what' => 'gfci', 'clause' => '210.8(A)(8)', 'ft' => 8];
        expect($amended($farther, $sink, ['distances' => [['fixture' => 'f', 'ft' => 8]]]))->toBe(['210.8(A)(8)'])
            ->and($amended($farther, $sink, ['distances' => [['fixture' => 'f', 'ft' => 8.1]]]))->toBe([])
            ->and($amended(['clause' => '210.8(A)(10)'] + $farther, $sink, ['distances' => [['fixture' => 'f', 'ft' => 7]]]))->toBe([]);
    });

    it('are named in the verdict', function (): void {
        $judged = Build::judged(
            Edition::Nec2023,
            ['kind' => 'bedroom'],
            [],
            [
                'code' => [
                    'edition' => 'nec-2023',
                    'amendments' => [['do' => 'add', 'what' => 'gfci', 'author' => 'Marsh County', 'date' => '2025-01-01']],
                ],
            ],
        );
        expect($judged->demandsFor(Protection::Gfci)[0]->amendment?->author)->toBe('Marsh County');
    });
});
