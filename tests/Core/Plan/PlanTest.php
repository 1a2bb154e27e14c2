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
