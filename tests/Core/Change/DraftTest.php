<?php

declare(strict_types=1);

use Bouclier\Core\Change\Commands\CarryOutDraft;
use Bouclier\Core\Change\Commands\DropDraft;
use Bouclier\Core\Change\Commands\KeepDraft;
use Bouclier\Core\Change\Drafted;
use Bouclier\Core\Change\HouseDifference;
use Bouclier\Core\Change\Patch;
use Bouclier\Core\Change\Patched;
use Bouclier\Core\Exchange\BadHouseFile;
use Bouclier\Core\Exchange\HouseReader;
use Bouclier\Core\Exchange\HouseWriter;
use Bouclier\Core\House\Entries\Draft;
use Bouclier\Core\House\House;
use Bouclier\Core\House\PartList;
use Bouclier\Core\Live\Asker;
use Bouclier\Core\Plan\Applied;
use Bouclier\Core\Plan\Plan;
use Bouclier\Core\Plan\Planner;
use Bouclier\Core\Plan\Strategy;
use Bouclier\Core\Plan\Terms;
use Tests\Core\Build;
use Tests\Core\Plan\SmallHouse;
use Tests\Core\RandomHouse;

function asker(): Asker
{
    return new Asker(name: 'Rosa Tallow', now: '2026-03-02T09:42:00Z');
}

/** The house and what a plan makes of it. */
function planInHand(): array
{
    for ($seed = 1;; ++$seed) {
        $house = Build::house(SmallHouse::of($seed));
        $plan = (new Planner($house, Terms::of($house, Strategy::Fewest)))->cheapest();
        if ($plan instanceof Plan && array_sum($plan->tasks) > 2) {
            return [$house, (new Applied($house, $plan))->house()];
        }
    }
}

function parts(House $house): array
{
    return array_map(fn(string $list): string => (string) json_encode(HouseWriter::toData($house)[$list]), array_combine(
        PartList::names(),
        PartList::names(),
    ));
}

it('says what makes one house another, so that it makes it of the one', function (int $seed): void {
    $one = Build::house(RandomHouse::data($seed));
    $other = Build::house(RandomHouse::data($seed));
    mt_srand($seed);
    $points = $other->points;
    $points[0] = $points[0]->with(finish: 'brass', box: null, distances: []);
    $other = $other->with(points: $points, appliances: array_slice($other->appliances, 1));
    expect(parts(Patched::in($one, HouseDifference::between($one, $other))))->toBe(parts($other));
})->with(range(1, 20));

it('keeps a plan beside the house, carries it out with one change, and is gone then', function (): void {
    [$house, $then] = planInHand();
    $patches = HouseDifference::between($house, $then);
    expect($patches)->not->toBe([]);
    $kept = (new KeepDraft('Fewest parts', $patches))->on($house, asker());
    expect(parts($kept))->toBe(parts($house));
    $back = (new HouseReader())->fromJson((string) json_encode(HouseWriter::toData($kept)));
    [$draft] = $back->entries->identified()->all(Draft::class);
    expect($draft->name)->toBe('Fewest parts')->and($draft->who)->toBe('Rosa Tallow')
        ->and(parts(Drafted::on($back, $draft)))->toBe(parts($then));
    $done = (new CarryOutDraft((string) $draft->id))->on($back, asker());
    expect(parts($done))->toBe(parts($then))->and($done->entries->all(Draft::class))->toBe([]);
});

it('is carried out outlet by outlet, and ends as it would have at once', function (): void {
    [$house, $then] = planInHand();
    $house = (new KeepDraft('By and by', HouseDifference::between($house, $then)))->on($house, asker());
    $steps = 0;
    while (($draft = $house->entries->identified()->all(Draft::class)[0] ?? null) !== null) {
        $place = Drafted::places($house, $draft, $draft->changes[0])[0];
        $house = (new CarryOutDraft((string) $draft->id, [$place]))->on($house, asker());
        expect(++$steps)->toBeLessThan(20);
    }
    expect($steps)->toBeGreaterThan(1)->and(parts($house))->toBe(parts($then));
});

it('is dropped, and the house is what it was', function (): void {
    [$house, $then] = planInHand();
    $kept = (new KeepDraft('No', HouseDifference::between($house, $then)))->on($house, asker());
    $id = (string) $kept->entries->identified()->all(Draft::class)[0]->id;
    $dropped = (new DropDraft($id))->on($kept, asker());
    expect($dropped->entries->all(Draft::class))->toBe([])->and(parts($dropped))->toBe(parts($house));
});

it('is refused where it makes no house', function (): void {
    [$house] = planInHand();
    $bad = new Patch('points', 'k0', (object) ['area' => 'nowhere']);
    expect(fn() => (new KeepDraft('Bad', [$bad]))->on($house, asker()))->toThrow(BadHouseFile::class);
});

it('changes both halves of one two-pole breaker at once', function (): void {
    $house = Build::house([
        'circuits' => [
            Build::circuit('c1', ['multiwire_with' => 'c2']), Build::circuit('c2', ['multiwire_with' => 'c1', 'leg' => 'b']),
        ],
    ]);
    $both = array_map(
        fn(string $id): Patch => new Patch('circuits', $id, (object) [
            'breaker' => 'gfci', 'common_trip' => true,
        ]),
        ['c1', 'c2'],
    );
    $kept = (new KeepDraft('Two poles', $both))->on($house, asker());
    $done = (new CarryOutDraft((string) $kept->entries->identified()->all(Draft::class)[0]->id, ['c1']))->on($kept, asker());
    expect($done->circuit('c2')->breaker()->value)->toBe('gfci')->and($done->entries->all(Draft::class))->toBe([]);
});
