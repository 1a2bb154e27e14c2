<?php

declare(strict_types=1);

use Bouclier\Core\CodeBook\Assess;
use Bouclier\Core\House\Edition;
use Bouclier\Core\House\Protection;
use Tests\Core\Build;

it('asks for GFCI near water and outdoors (26-704)', function (array $area, array $point, array $clauses): void {
    expect(Build::clauses(Build::judged(Edition::Cec2021, $area, $point), Protection::Gfci))->toBe($clauses);
})->with(function (): array {
    $sink = ['kind' => 'den', 'fixtures' => [['id' => 'f', 'kind' => 'sink']]];
    $at = fn(float $ft, string $crosses = 'none'): array => ['distances' => [['fixture' => 'f', 'ft' => $ft, 'crosses' => $crosses]]];

    return [
        '1.5 m of a sink' => [$sink, $at(4.92), ['26-704(1)']],
        'beyond 1.5 m' => [$sink, $at(4.95), []],
        'past a door' => [$sink, $at(3, 'door'), ['26-704(1)']],
        'behind a wall' => [$sink, $at(3, 'barrier'), []],
        'behind a stationary appliance' => [$sink, $at(3) + ['serves' => 'washer', 'accessible' => false], []],
        '30 A' => [$sink, $at(3) + ['amps' => 30], []],
        'outdoors at 2.5 m' => [['kind' => 'outdoors'], ['height_ft' => 8.2], ['26-704(2)']],
        'outdoors at 2.5 m to the hair' => [['kind' => 'outdoors'], ['height_ft' => 2.5 / 0.3048], ['26-704(2)']],
        'outdoors a hair above' => [['kind' => 'outdoors'], ['height_ft' => 8.20211], []],
        'outdoors, higher' => [['kind' => 'outdoors'], ['height_ft' => 8.3], []],
        'bathroom, far from water' => [['kind' => 'bathroom'], [], []],
    ];
});

it('asks for AFCI by circuit (26-658), each exemption only where the circuit feeds nothing else', function (
    array $kinds,
    array $points,
    bool $bound,
): void {
    $areas = $made = $cables = [];
    foreach ($points as $i => $point) {
        $areas[] = Build::area("a$i", $kinds[$i]);
        $made[] = Build::point("p$i", $point + ['area' => "a$i"]);
        $cables[] = Build::cable('c1', "p$i");
    }
    $house = Build::house(['areas' => $areas, 'points' => $made, 'cables' => $cables]);
    expect(
        Build::clauses((new Assess($house, Edition::Cec2021))->point($house->point('p0')), Protection::Afci),
    )->toBe($bound ? ['26-658'] : []);
})->with([
    'bedroom' => [['bedroom'], [[]], true],
    'garage' => [['garage'], [[]], true],
    'bathrooms only' => [['bathroom', 'bathroom'], [[], []], false],
    'bathroom and its light' => [['bathroom', 'bathroom'], [[], ['kind' => 'light', 'device' => 'none']], true],
    'counter and refrigerator' => [['kitchen', 'kitchen'], [['serves' => 'countertop'], ['serves' => 'refrigerator']], false],
    'counter and a dining receptacle' => [['kitchen', 'dining'], [['serves' => 'countertop'], []], true],
    'one sump pump' => [['basement'], [['serves' => 'sump_pump']], false],
    'two sump pumps' => [['basement', 'basement'], [['serves' => 'sump_pump'], ['serves' => 'sump_pump']], true],
    'bathroom with a counter' => [['bathroom', 'kitchen'], [[], ['serves' => 'countertop']], true],
    'lights only' => [['hallway'], [['kind' => 'light', 'device' => 'none']], false],
    '30 A' => [['garage'], [['amps' => 30]], false],
]);

it('takes an outlet-type device at the first outlet in metal, armour or conduit', function (?string $method, bool $first, bool $met): void {
    $house = Build::house([
        'points' => [Build::point('x'), Build::point('p', ['device' => 'afci'])],
        'cables' => $first
            ? [Build::cable('c1', 'p', null, 'line', $method === null ? [] : ['method' => $method])]
            : [Build::cable('c1', 'x', null, 'line', ['method' => 'emt']), Build::cable('x', 'p', null, 'line', ['method' => 'emt'])],
    ]);
    expect((new Assess($house, Edition::Cec2021))->point($house->point('p'))->isSatisfied(Protection::Afci))->toBe($met);
})->with([['emt', true, true], ['pvc', true, true], ['ac', true, true], ['nm', true, false], [null, true, false], ['emt', false, false]]);

it('asks for tamper-resistant receptacles throughout (26-706)', function (array $point, bool $asked): void {
    expect(Build::clauses(Build::judged(Edition::Cec2021, ['kind' => 'attic'], $point), Protection::Tr))->toBe($asked ? ['26-706'] : []);
})->with([
    'within reach' => [[], true],
    'at 2 m' => [['height_ft' => 6.56], true],
    'above 2 m' => [['height_ft' => 6.6], false],
    'behind a stationary appliance' => [['serves' => 'dryer', 'accessible' => false], false],
]);

it('speaks in metres and asks nothing of the NEC', function (): void {
    $judged = Build::judged(
        Edition::Cec2021,
        ['kind' => 'bathroom', 'fixtures' => [['id' => 'f', 'kind' => 'sink']]],
        ['work' => 'replace', 'exposure' => 'wet', 'distances' => [['fixture' => 'f', 'ft' => 3.28]]],
    );
    expect($judged->demandsFor(Protection::Gfci)[0]->fact)->toContain('1 m')

            ->and(
                array_filter(
                    array_map(fn($demand) => $demand->clause, $judged->demands),
                    fn(string $clause): bool => ! str_starts_with($clause, '26-'),
                ),
            )
            ->toBe([]);
});
