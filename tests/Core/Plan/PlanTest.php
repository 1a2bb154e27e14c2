<?php

declare(strict_types=1);

use Bouclier\Core\CodeBook\Assess;
use Bouclier\Core\CodeBook\Verdict;
use Bouclier\Core\Exchange\PlanReader;
use Bouclier\Core\Exchange\PlanWriter;
use Bouclier\Core\Feed\FeedMap;
use Bouclier\Core\House\House;
use Bouclier\Core\House\Protection;
use Bouclier\Core\Plan\Aim;
use Bouclier\Core\Plan\Applied;
use Bouclier\Core\Plan\Blocked;
use Bouclier\Core\Plan\Plan;
use Bouclier\Core\Plan\Planner;
use Bouclier\Core\Plan\Strategy;
use Bouclier\Core\Plan\Terms;
use Bouclier\Core\Plan\Wanted;
use Tests\Core\Build;
use Tests\Core\Plan\Exhaustive;
use Tests\Core\Plan\SmallHouse;

function demanded(House $house): array
{
    $wanted = Wanted::in($house, new FeedMap($house));
    $demand = [];
    foreach ($house->points as $point) {
        foreach ([Protection::Gfci, Protection::Afci] as $function) {
            if ($wanted->at($point, $function)) {
                $demand[$point->id][] = $function->value;
            }
        }
    }

    return $demand;
}

function planned(array $parts, Strategy $strategy = Strategy::Fewest): array
{
    $plan = PlanReader::of(Build::house($parts), $strategy)->cheapest();

    return json_decode((string) json_encode(PlanWriter::toData($plan)), true);
}

it('is the cheapest there is: to the cent what trying everything finds', function (int $block): void {
    for ($seed = $block; $seed < $block + 100; ++$seed) {
        $data = json_decode((string) json_encode(SmallHouse::of($seed)), true);
        $house = Build::house(SmallHouse::of($seed));
        $demand = demanded($house);
        foreach (Strategy::cases() as $strategy) {
            $answer = json_decode((string) json_encode(PlanWriter::toData(PlanReader::of($house, $strategy)->cheapest())), true);
            $all = new Exhaustive($data, $demand, $strategy->value);
            expect($answer['feasible'])->toBe($all->best !== null, "seed $seed {$strategy->value}");
            if ($all->best === null) {
                expect($answer['blocked_by'])->not->toBe([], "seed $seed {$strategy->value}");
                continue;
            }
            expect(abs($answer['cost'] - $all->best[1]))->toBeLessThan(0.0051, "seed $seed {$strategy->value}")
                ->and($all->confirms($answer))->toBeNull();
        }
    }
})->with([0, 100, 200, 300, 400]);

it('keeps every plan that no other beats, and none that one does', function (int $block): void {
    for ($seed = $block; $seed < $block + 40; ++$seed) {
        $house = Build::house(SmallHouse::of($seed));
        $all = new Exhaustive(json_decode((string) json_encode(SmallHouse::of($seed)), true), demanded($house), 'fewest', true);
        $kept = array_map(
            fn(Plan $plan): array => [$plan->cost(), $plan->walks, round(4.0 - ($plan->nearest()->spareAtWorstMa ?? 4.0), 6)],
            (new Planner($house, Terms::of($house, Strategy::Fewest, Aim::EveryTrade)))->all(),
        );
        sort($kept);
        expect($kept)->toEqual($all->frontier(), "seed $seed");
    }
})->with([2000, 2040]);

it('keeps what it promised: applied, nothing it was made for is missing', function (int $block): void {
    $held = 0;
    for ($seed = $block; $seed < $block + 100; ++$seed) {
        $house = Build::house(array_diff_key(SmallHouse::of($seed), ['demand' => 0]));
        foreach (Strategy::cases() as $strategy) {
            $plan = (new Planner($house, Terms::of($house, $strategy)))->cheapest();
            if ($plan instanceof Blocked) {
                continue;
            }
            $then = new Assess((new Applied($house, $plan))->house());
            foreach ($then->house()->points as $judged) {
                foreach ([Protection::Gfci, Protection::Afci] as $function) {
                    expect($judged->verdict($function))->not->toBeIn(
                        [Verdict::Missing, Verdict::Advised],
                        "seed $seed {$strategy->value} {$judged->point->id} {$function->value}",
                    );
                    ++$held;
                }
                foreach ($judged->findings as $finding) {
                    expect($finding->id)->not->toBeIn(
                        ['redundant_gfci', 'alone_shared', 'leakage_over_budget', 'alarm_on_protection', 'shared_neutral_protection'],
                        "seed $seed {$strategy->value} {$judged->point->id}",
                    );
                }
            }
        }
    }
    expect($held)->toBeGreaterThan(500);
})->with([5000, 5100, 5200]);

it('buys one two-pole breaker for a shared neutral, or devices beyond the split, whichever costs less', function (): void {
    $outlet = fn(string $id, string $circuit): array => [
        'id' => $id, 'code' => strtoupper($id), 'area' => 'a', 'name' => $id, 'kind' => 'receptacle', 'device' => 'standard',
        'circuit' => $circuit,
    ];
    $parts = [
        'circuits' => [
            Build::circuit('c1', ['multiwire_with' => 'c2']), Build::circuit('c2', ['multiwire_with' => 'c1', 'leg' => 'b']),
        ],
        'points' => [$outlet('k1', 'c1'), $outlet('k2', 'c2'), $outlet('k3', 'c1')],
        'cables' => [
            ['id' => 'w1', 'from' => ['circuits' => ['c1', 'c2']], 'to' => ['point' => 'k1']],
            ['id' => 'w2', 'from' => ['point' => 'k1', 'land' => 'splice'], 'to' => ['point' => 'k2']],
            ['id' => 'w3', 'from' => ['point' => 'k2', 'land' => 'splice'], 'to' => ['point' => 'k3']],
        ],
        'demand' => ['k1' => ['gfci'], 'k2' => ['gfci'], 'k3' => ['gfci']],
    ];
    $apart = planned($parts + ['prices' => ['gfci_receptacle' => 9]]);
    expect($apart['devices'])->toBe(['k1' => 'gfci', 'k2' => 'gfci', 'k3' => 'gfci'])->and($apart['landings']['w2'])->toBe('line');
    $together = planned($parts);
    expect($together['breakers'])->toBe(['c1' => 'gfci', 'c2' => 'gfci'])
        ->and($together['parts'])->toBe([['item' => 'gfci_breaker_2p', 'count' => 1, 'each' => 118]])
        ->and($together['cost'])->toBe(141.75)->and($together['zones'][0]['covers'])->toBe(['k1', 'k2', 'k3']);
});

it('says what stands in the way, and why: nested devices that stay at the panel, a fuse', function (): void {
    $outlet = fn(string $id, string $device): array => [
        'id' => $id, 'code' => strtoupper($id), 'area' => 'a', 'name' => $id, 'kind' => 'receptacle', 'device' => $device,
    ];
    $parts = [
        'points' => [$outlet('k1', 'gfci'), $outlet('k2', 'gfci'), $outlet('k3', 'standard')],
        'cables' => [
            ['id' => 'w1', 'from' => ['circuit' => 'c1'], 'to' => ['point' => 'k1']],
            ['id' => 'w2', 'from' => ['point' => 'k1', 'land' => 'load'], 'to' => ['point' => 'k2']],
            ['id' => 'w3', 'from' => ['circuit' => 'c2'], 'to' => ['point' => 'k3']],
        ],
        'circuits' => [Build::circuit('c1'), Build::circuit('c2', ['breaker' => 'fuse'])],
        'demand' => ['k1' => ['gfci'], 'k3' => ['gfci']],
    ];
    $blocked = planned($parts, Strategy::Panel);
    expect($blocked['feasible'])->toBeFalse()->and(array_column($blocked['blocked_by'], 'point'))->toBe(['k2', 'k3'])
        ->and($blocked['blocked_by'][0]['why'])->toContain('inside the stretch of K1')
        ->and($blocked['blocked_by'][1]['why'])->toContain('a fuse stays a fuse');
    // With boxes open the inner one is fed past: that costs less than a receptacle in its place.
    expect(planned($parts)['devices'])->toBe(['k1' => 'gfci', 'k2' => 'gfci', 'k3' => 'gfci'])
        ->and(planned($parts)['landings'])->toBe(['w2' => 'line']);
});

it('leaves out only what cannot be had', function (): void {
    $house = Build::house(json_decode((string) file_get_contents(__DIR__ . '/../../../database/demo/plover-street-8.house.json'), true));
    $blocked = (new Planner($house, Terms::of($house, Strategy::Local)))->cheapest();
    expect($blocked)->toBeInstanceOf(Blocked::class)->and($blocked->allBut)->toBeInstanceOf(Plan::class);
    $left = array_map(fn($one): string => $one->point->id, $blocked->by);
    $then = new Assess((new Applied($house, $blocked->allBut))->house());
    foreach ($then->house()->points as $judged) {
        $isBare = in_array($judged->verdict(Protection::Gfci), [Verdict::Missing, Verdict::Advised], true);
        expect($isBare)->toBe(in_array($judged->point->id, $left, true), $judged->point->code);
    }
});

it('holds what a run of shown protection rests on: nothing is bought twice', function (): void {
    $outlet = fn(string $id, string $device): array => [
        'id' => $id, 'code' => strtoupper($id), 'area' => 'a', 'name' => $id, 'kind' => 'receptacle', 'device' => $device,
        'circuit' => 'c1',
    ];
    $parts = [
        'points' => [$outlet('k1', 'gfci'), $outlet('k2', 'standard')],
        'cables' => [['id' => 'w1', 'from' => ['circuit' => 'c1'], 'to' => ['point' => 'k1']]],
        'demand' => ['k1' => ['gfci'], 'k2' => ['gfci']],
    ];
    expect(planned($parts)['cost'])->toBeGreaterThan(0.0);
    $trip = ['kind' => 'trip', 'at' => 'k1', 'dead' => ['k1', 'k2'], 'live' => [], 'already_dead' => [], 'back' => ['k1', 'k2']];
    $shown = ['observations' => [$trip]];
    expect(planned($parts + $shown)['cost'])->toEqual(0);
});

it('names what is demanded and not there, and prints as the format has it', function (): void {
    $file = (string) tempnam(sys_get_temp_dir(), 'plan');
    file_put_contents($file, Build::json(['demand' => ['nowhere' => ['gfci']]]));
    exec(__DIR__ . '/../../../bin/bouclier plan ' . escapeshellarg($file) . ' 2>&1', $said, $status);
    expect($status)->toBe(2)->and($said)->toBe(['/demand/nowhere: there is no point "nowhere"']);
    exec(__DIR__ . '/../../../bin/bouclier plan ' . escapeshellarg($file) . ' --strategy best 2>&1', $other, $status);
    expect($status)->toBe(2)->and($other)->toBe(['--strategy must be one of fewest, local, panel, not "best"']);
});
