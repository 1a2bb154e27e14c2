<?php

declare(strict_types=1);

use Bouclier\Core\CodeBook\Assess;
use Bouclier\Core\CodeBook\Concerns\Concern;
use Bouclier\Core\CodeBook\Concerns\Concerns;
use Bouclier\Core\CodeBook\Concerns\Urgency;
use Bouclier\Core\Exchange\HouseReader;
use Bouclier\Core\Feed\FeedMap;
use Bouclier\Core\House\House;
use Tests\Core\Build;
use Tests\Core\RandomHouse;

/** @return list<Concern> */
function allConcerns(House $house): array
{
    $feeds = new FeedMap($house);

    return Concerns::of((new Assess($house, feeds: $feeds))->house(), $feeds);
}

/** @return list<Concern> */
function concernsFor(House $house, string $finding): array
{
    return array_values(array_filter(allConcerns($house), fn(Concern $concern): bool => $concern->finding === $finding));
}

function kitchenOnSix(array $more = []): House
{
    return Build::house($more + [
        'areas' => [Build::area('k', 'kitchen', ['code' => 'K1', 'name' => 'Kitchen'])],
        'circuits' => [Build::circuit('c6', ['slot' => '6', 'label' => 'Kitchen'])],
        'points' => array_map(
            fn(int $n): array => Build::point("p$n", ['code' => "K1-0$n", 'area' => 'k', 'serves' => 'countertop']),
            [1, 2, 3],
        ),
        'cables' => [Build::cable('c6', 'p2'), Build::cable('p2', 'p1'), Build::cable('p1', 'p3')],
    ]);
}

it('says once what one device would mend, and where that goes', function (): void {
    $gaps = concernsFor(kitchenOnSix(), 'gfci_missing');
    expect($gaps)->toHaveCount(1)->and($gaps[0]->points)->toBe(['p1', 'p2', 'p3'])
        ->and($gaps[0]->what)->toBe('No GFCI protects the run of breaker 6 Kitchen: 3 outlets in Kitchen, one device.')
        ->and($gaps[0]->cure)->toBe('A GFCI device at K1-02, fed on LINE, with the rest on its LOAD; or a GFCI breaker in slot 6.')
        ->and($gaps[0]->urgency)->toBe(Urgency::Danger);
});

it('offers no device where none is made, and none first where the order is not known', function (): void {
    $range = Build::house([
        'areas' => [Build::area('k', 'kitchen')],
        'circuits' => [Build::circuit('c1', ['slot' => '1/3', 'amps' => 50, 'volts' => 240, 'poles' => 2])],
        'points' => [Build::point('p', ['area' => 'k', 'serves' => 'range', 'amps' => 50, 'volts' => 250])],
        'cables' => [Build::cable('c1', 'p')],
    ]);
    expect(concernsFor($range, 'gfci_missing')[0]->cure)->toBe('A GFCI breaker in slot 1/3.')
        ->and(concernsFor(kitchenOnSix(['cables' => []]), 'gfci_missing')[0]->cure)->toContain('Trace what feeds them');
});

it('says once that no cable is known, for the whole house', function (): void {
    $unfed = concernsFor(kitchenOnSix(['cables' => []]), 'no_feed');
    expect($unfed)->toHaveCount(1)->and($unfed[0]->what)->toContain('3 outlets')->and($unfed[0]->isTraced)->toBeTrue();
});

it('does not lose an unprotected bathroom among the advice of an existing house', function (): void {
    $rooms = [Build::area('b', 'bathroom', ['code' => 'B1'])];
    $points = [Build::point('b1', ['code' => 'B1-01', 'area' => 'b'])];
    foreach (range(1, 20) as $n) {
        $rooms[] = Build::area("e$n", 'bedroom');
        $points[] = Build::point("e$n-1", ['area' => "e$n"]);
        $points[] = Build::point("e$n-2", ['area' => "e$n"]);
    }
    $house = Build::house([
        'work' => 'existing', 'areas' => $rooms, 'points' => $points,
        'circuits' => [Build::circuit('c1'), Build::circuit('c2')],
        'cables' => array_map(fn(array $p): array => Build::cable($p['id'] === 'b1' ? 'c2' : 'c1', $p['id']), $points),
    ]);
    $concerns = allConcerns($house);
    expect($concerns[0]->finding)->toBe('gfci_advised')->and($concerns[0]->points)->toBe(['b1'])
        ->and($concerns[0]->urgency)->toBe(Urgency::Danger)->and(Concerns::worst($concerns)[0])->toBe($concerns[0]);
});

it('puts a fault that hurts before protection that is missing, and a shock before a fire', function (): void {
    $house = kitchenOnSix(['work' => 'existing', 'points' => [
        Build::point('p1', ['code' => 'K1-01', 'area' => 'k', 'serves' => 'countertop']),
        Build::point('p2', ['code' => 'K1-02', 'area' => 'k', 'ground' => 'none']),
        Build::point('p3', ['code' => 'K1-03', 'area' => 'k']),
    ], 'cables' => [Build::cable('c6', 'p2', more: ['awg' => 14]), Build::cable('p2', 'p1'), Build::cable('p1', 'p3')]]);
    $worst = array_map(fn(Concern $concern): string => $concern->finding, Concerns::worst(allConcerns($house)));
    expect($worst)->toBe(['ungrounded_receptacle', 'gfci_advised', 'conductor_under_breaker']);
});

it('leaves nothing out, and says nothing twice', function (): void {
    $reader = new HouseReader();
    for ($seed = 1; $seed <= 60; ++$seed) {
        $house = $reader->fromJson(json_encode(RandomHouse::data($seed), JSON_THROW_ON_ERROR));
        $feeds = new FeedMap($house);
        $judged = (new Assess($house, feeds: $feeds))->house();
        $concerns = Concerns::of($judged, $feeds);
        $ids = array_column($concerns, 'id');
        expect($ids)->toBe(array_values(array_unique($ids)));
        foreach ($judged->points as $point) {
            foreach ($point->findings as $finding) {
                $by = array_filter(
                    $concerns,
                    fn(Concern $c): bool => $c->finding === $finding->id && in_array($point->point->id, $c->points, true),
                );
                expect($by)->not->toBe([]);
            }
        }
        $orders = array_map(fn(Concern $concern): array => $concern->order(), $concerns);
        $sorted = $orders;
        sort($sorted);
        expect($orders)->toBe($sorted);
    }
});
