<?php

declare(strict_types=1);

use Bouclier\Core\CodeBook\Assess;
use Bouclier\Core\CodeBook\PointAssessment;
use Bouclier\Core\CodeBook\Verdict;
use Bouclier\Core\House\Edition;
use Bouclier\Core\House\House;
use Bouclier\Core\House\Point;
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

describe('an extension', function (): void {
    /** p was there, q hangs on a cable from it, r beyond q. */
    $house = fn(array $cable, array $q = [], array $p = []): House => Build::house([
        'work' => 'extend', 'areas' => [Build::area('a', 'bedroom', ['fixtures' => [['id' => 'f', 'kind' => 'sink']]])],
        'points' => [
            Build::point('p', $p + ['distances' => [['fixture' => 'f', 'ft' => 2]]]),
            Build::point('q', $q + ['distances' => [['fixture' => 'f', 'ft' => 2]]]),
            Build::point('r'),
        ],
        'cables' => [Build::cable('c1', 'p'), Build::cable('p', 'q', null, 'line', $cable), Build::cable('q', 'r')],
    ]);
    $verdicts = fn(House $house, Protection $protection): array => array_map(
        fn(PointAssessment $point): string => $point->verdict($protection)->value,
        (new Assess($house))->house()->points,
    );

    it('binds what is added, and what hangs beyond it', function () use ($house, $verdicts): void {
        $added = $house(['added' => true, 'length_ft' => 12]);
        expect($verdicts($added, Protection::Afci))->toBe(['advised', 'missing', 'missing'])
            ->and($verdicts($added, Protection::Gfci))->toBe(['advised', 'missing', 'not_asked']);
    });

    it('binds a point that says so, and no other', function () use ($house, $verdicts): void {
        expect($verdicts($house(['added' => true], ['work' => 'existing']), Protection::Afci))->toBe(['advised', 'advised', 'missing']);
    });

    it('is the whole house where no cable is marked, and says so', function () use ($house, $verdicts): void {
        expect($verdicts($house([]), Protection::Afci))->toBe(['missing', 'missing', 'missing'])
            ->and((new Assess($house([])))->house()->points[0]->demandsFor(Protection::Afci)[0]->fact)->toContain('no cable is marked');
    });

    it('cites its own clause alone', function () use ($house): void {
        $added = $house(['added' => true, 'length_ft' => 12]);
        $clauses = fn(string $point): array => Build::clauses((new Assess($added))->point($added->point($point)), Protection::Afci);
        expect($clauses('q'))->toBe(['210.12(E)'])->and($clauses('p'))->toBe(['210.12(B)']);
    });
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

    it('hold by the rule in every edition that has it', function (): void {
        $waive = ['do' => 'waive', 'what' => 'gfci', 'rule' => 'nec-210.8(A)-laundry-areas'];
        $clauses = fn(Edition $edition): array => Build::gfciClauses(Build::judged(
            $edition,
            ['kind' => 'laundry'],
            [],
            ['code' => ['edition' => 'nec-2023', 'amendments' => [$waive]]],
        ));
        expect($clauses(Edition::Nec2014))->toBe([])->and($clauses(Edition::Nec2023))->toBe([]);
    });

    it('mean by a clause its rule, under whatever number another edition has it', function (): void {
        // 210.8(A)(10) of 2017 is laundry areas; in 2023 that number is bathtubs.
        $waive = ['do' => 'waive', 'what' => 'gfci', 'clause' => '210.8(A)(10)'];
        $clauses = fn(Edition $edition, array $area, array $point = []): array => Build::gfciClauses(
            Build::judged($edition, $area, $point, ['code' => ['edition' => 'nec-2017', 'amendments' => [$waive]]]),
        );
        $tub = ['kind' => 'den', 'fixtures' => [['id' => 'f', 'kind' => 'bathtub']]];
        expect($clauses(Edition::Nec2023, ['kind' => 'laundry']))->toBe([])
            ->and($clauses(Edition::Nec2023, $tub, ['distances' => [['fixture' => 'f', 'ft' => 4]]]))->toBe(['210.8(A)(10)']);
    });

    it('name lights and what is wired in by their kind', function () use ($amended): void {
        $add = ['do' => 'add', 'what' => 'gfci', 'kinds' => ['bathroom'], 'clause' => 'Ordinance 7', 'points' => ['light', 'hardwired']];
        expect($amended($add, ['kind' => 'bathroom'], ['kind' => 'light', 'device' => 'none']))->toBe(['Ordinance 7'])
            ->and($amended($add, ['kind' => 'bathroom'], ['kind' => 'hardwired', 'device' => 'none']))->toBe(['Ordinance 7'])
            ->and($amended($add, ['kind' => 'bathroom']))->toBe(['210.8(A)(1)']);
    });

    it('work in the duty of the circuit', function (array $amendment, array $bound): void {
        $house = Build::house([
            'code' => ['edition' => 'nec-2023', 'amendments' => [$amendment + ['what' => 'afci']]],
            'areas' => [Build::area('a', 'bathroom'), Build::area('b', 'bedroom'), Build::area('g', 'garage')],
            'points' => [
                Build::point('p'), Build::point('q', ['area' => 'b']), Build::point('r', ['area' => 'g']), Build::point(
                    's',
                    ['area' => 'g'],
                ),
            ],
            'cables' => [Build::cable('c1', 'p'), Build::cable('p', 'q'), Build::cable('c2', 'r'), Build::cable('r', 's')],
        ]);
        $asked = array_filter($house->points, fn(Point $point): bool => Build::clauses(
            (new Assess($house))->point($point),
            Protection::Afci,
        ) !== []);
        expect(array_values(array_column($asked, 'id')))->toBe($bound);
    })->with([
        'nothing that matters' => [['do' => 'waive', 'kinds' => ['den']], ['p', 'q']],
        'a place waived binds no circuit' => [['do' => 'waive', 'kinds' => ['bedroom'], 'clause' => '210.12(B)'], []],
        'a place added to the rule binds its circuit' => [
            ['do' => 'add', 'kinds' => ['garage'], 'rule' => 'nec-210.12-branch-circuits'], ['p', 'q', 'r', 's'],
        ],
    ]);
});
