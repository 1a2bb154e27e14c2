<?php

declare(strict_types=1);

use Bouclier\Core\CodeBook\Assess;
use Bouclier\Core\CodeBook\CodeBook;
use Bouclier\Core\CodeBook\Verdict;
use Bouclier\Core\Feed\FeedMap;
use Bouclier\Core\House\House;
use Bouclier\Core\House\Protection;
use Bouclier\Core\Plan\Plan;
use Bouclier\Core\Plan\Planner;
use Bouclier\Core\Plan\Strategy;
use Bouclier\Core\Plan\Terms;
use Bouclier\Core\Scope\Ailment;
use Bouclier\Core\Scope\Cures;
use Bouclier\Core\Scope\Plain;
use Bouclier\Core\Scope\Remedy;
use Bouclier\Core\Scope\Scope;
use Tests\Core\Build;
use Tests\Core\RandomHouse;
use Tests\Core\Scope\Sick;

/** @return list<string> what every check can find */
function findingIds(): array
{
    $ids = [];
    foreach ([...CodeBook::shipped()->pointChecks, ...CodeBook::shipped()->houseChecks] as $check) {
        foreach (array_keys($check->finds()) as $id) {
            $ids[] = explode(', ', (string) $id)[0];
        }
    }

    return array_values(array_unique($ids));
}

/** What is wrong with a cure: that it leaves the finding, or brings something worse. */
function wrongWith(House $house, Ailment $ailment, Remedy $remedy): ?string
{
    $feeds = new FeedMap($remedy->house);
    $then = (new Assess($remedy->house, feeds: $feeds))->house();
    $after = Ailment::allIn($then, $remedy->house, $feeds);
    if (isset($after[$ailment->key()])) {
        return 'is still there';
    }
    $before = (new Cures($house))->inspection->ailments;
    foreach ($after as $key => $one) {
        $isWorse = $one->finding->severity->weight() > $ailment->finding->severity->weight();
        if ($isWorse && (! isset($before[$key]) || $before[$key]->finding->severity !== $one->finding->severity)) {
            return "brings {$one->finding->id}";
        }
    }
    $was = new Assess($house);
    foreach ($then->points as $judged) {
        foreach ([Protection::Gfci, Protection::Afci] as $function) {
            $bare = [Verdict::Missing, Verdict::Advised];
            $before = $house->hasPoint($judged->point->id)
                ? $was->verdict($house->point($judged->point->id), $function)
                : Verdict::NotAsked;
            if (in_array($judged->verdict($function), $bare, true) && ! in_array($before, $bare, true)) {
                return "leaves {$judged->point->id} bare";
            }
        }
    }

    return null;
}

it('knows a cure, and plain words, for whatever is found', function (): void {
    $cured = array_merge(...array_map(fn(string $cure): array => $cure::cures(), Cures::ALL));
    foreach (findingIds() as $id) {
        expect($cured)->toContain($id)->and(strlen(Plain::of($id)))->toBeGreaterThan(20, $id);
    }
});

it('cures what is wrong, and brings nothing worse', function (string $id, array $parts): void {
    $house = Build::house($parts);
    $cures = new Cures($house);
    $ailments = array_filter($cures->inspection->ailments, fn(Ailment $one): bool => $one->finding->id === $id);
    expect($ailments)->not->toBe([], "$id is not found there");
    foreach ($ailments as $ailment) {
        $remedy = $cures->of($ailment);
        expect($remedy)->toBeInstanceOf(Remedy::class)->and($remedy->isToBeProved)->toBeFalse()
            ->and(wrongWith($house, $ailment, $remedy))->toBeNull()->and($remedy->steps)->not->toBe([]);
    }
})->with(array_map(fn(string $id, array $parts): array => [$id, $parts], array_keys(Sick::houses()), Sick::houses()));

it('cures nothing in a way that leaves it or brings something worse, in any house', function (int $from): void {
    $cured = $seen = [];
    $tried = $without = 0;
    for ($seed = $from; $seed < $from + 30; ++$seed) {
        $house = Build::house(RandomHouse::data($seed));
        $cures = new Cures($house);
        foreach ($cures->inspection->ailments as $ailment) {
            $id = $ailment->finding->id;
            if (($seen[$id] = ($seen[$id] ?? 0) + 1) > 8) {
                continue;
            }
            $remedy = $cures->of($ailment);
            ++$tried;
            $without += $remedy === null ? 1 : 0;
            if ($remedy !== null && ! $remedy->isToBeProved) {
                expect(wrongWith($house, $ailment, $remedy))->toBeNull("seed $seed {$ailment->key()}: {$remedy->text}");
                $cured[$id] = true;
            }
        }
    }
    // Houses made at random are put together as none is built: 0.125 A breakers, a sub-panel fed from itself.
    expect(count($cured))->toBeGreaterThan(20)->and($without / $tried)->toBeLessThan(0.08);
})->with([1, 31, 61]);

it('finds the way an electrician would take', function (string $id, string $way, bool $isToBeProved, array $parts): void {
    $cures = new Cures(Build::house($parts));
    $ailments = array_values(array_filter($cures->inspection->ailments, fn(Ailment $one): bool => $one->finding->id === $id));
    expect($ailments)->not->toBe([], "$id is not found there");
    $remedy = $cures->of($ailments[0]);
    expect($remedy?->text)->toContain($way)->and($remedy?->isToBeProved)->toBe($isToBeProved);
})->with(Sick::ways(...));

it('opens a box once for all that is done in it, and does the same thing once', function (): void {
    $house = Build::house(json_decode((string) file_get_contents(__DIR__ . '/../../../database/demo/plover-street-8.house.json'), true));
    $plan = (new Planner($house, Terms::of($house, Strategy::Fewest)))->cheapest();
    expect($plan)->toBeInstanceOf(Plan::class);
    $scope = Scope::of($house, $plan);
    $keys = array_column($scope->lines, 'key');
    $all = $scope->bill($keys);
    $apart = array_sum(array_map(fn($line): float => $scope->bill([$line->key])->minutes(), $scope->lines));
    expect($keys)->toBe(array_values(array_unique($keys)))->and($all->minutes())->toBeLessThan($apart)
        ->and($scope->bill([Scope::PLAN])->cost())->toBe($plan->cost())
        ->and($scope->lines[0]->key)->toBe(Scope::PLAN);
    $larger = array_values(array_filter($scope->lines, fn($line): bool => $line->findings[0]->id === 'box_overfull'))[0];
    // Its box is open for the plan anyway.
    expect($scope->alone($larger)->minutes() - $scope->adds($larger)->minutes)->toBeGreaterThan(5.0);
});
