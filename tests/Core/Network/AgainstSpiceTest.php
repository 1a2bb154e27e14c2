<?php

declare(strict_types=1);

use Bouclier\Core\Faults\FaultList;
use Bouclier\Core\Feed\FeedMap;
use Bouclier\Core\House\Point;
use Bouclier\Core\Network\Condition;
use Bouclier\Core\Network\Draws;
use Bouclier\Core\Network\GridBuilder;
use Bouclier\Core\Network\HouseGrid;
use Bouclier\Core\Network\Strand;
use Bouclier\Core\Network\Tripping;
use Tests\Core\Actions\RandomWiring;
use Tests\Core\Build;
use Tests\Core\Network\Spice;

function built(array $parts): HouseGrid
{
    $points = array_map(
        fn(array $point): array => $point + ['code' => $point['id'], 'area' => 'a', 'name' => $point['id']],
        $parts['points'],
    );
    $house = Build::house(['points' => $points] + $parts);
    $faults = FaultList::of($house);
    expect($faults->wrong)->toBe([]);
    $condition = Condition::of($house);
    $condition->faults = $faults->all;
    $feeds = new FeedMap($house);
    $refusing = array_filter($house->points, fn(Point $point): bool => $point->refusesFeedOnLoad());
    $staysOpen = (new Tripping($house, $feeds, [], Draws::exact()))->staysOpen($condition);
    array_map($condition->opens(...), array_intersect(array_column($refusing, 'id'), $staysOpen));

    return (new GridBuilder($house, $feeds))->build($condition);
}

function withTester(HouseGrid $grid, ?string $point): HouseGrid
{
    if ($point === null) {
        return $grid;
    }
    [$hot, $neutral, $ground] = $grid->faces[$point];

    return $grid->solvedAs($grid->solution()->with($hot, $neutral, 1e-5)->with($hot, $ground, 1e-5)->with($neutral, $ground, 1e-5));
}

/** Within 0.1 % or a floor, whichever is larger. */
function same(float $ours, float $theirs, float $floor, string $what): void
{
    expect(abs($ours - $theirs))->toBeLessThanOrEqual(max(0.001 * abs($theirs), $floor), "$what: $ours, not $theirs");
}

it('shows the voltages and currents an independent solver shows, in houses with every kind of fault', function (int $first): void {
    $houses = array_map(fn(int $seed): array => RandomWiring::house($seed, 3 + $seed % 10), range($first, $first + 29));
    $testers = array_map(fn(int $n): ?string => $n % 3 === 0 ? null : 'p' . ($n % 3), array_keys($houses));
    $spice = Spice::solve(array_map(fn(array $house, ?string $tester): Spice => new Spice($house, $tester), $houses, $testers));
    foreach ($houses as $number => $parts) {
        $grid = withTester(built($parts), $testers[$number]);
        $ours = $grid->solution();
        $theirs = $spice[$number];
        $where = 'house ' . ($first + $number);
        $apart = fn(string $one, string $other): float => hypot(
            $theirs[$one][0] - $theirs[$other][0],
            $theirs[$one][1] - $theirs[$other][1],
        );
        foreach ($parts['points'] as ['id' => $id]) {
            [$hot, $neutral, $ground] = $grid->faces[$id];
            same($ours->between($hot, $neutral), $apart("face $id h", "face $id n"), 0.02, "$where $id hn");
            same($ours->between($hot, $ground), $apart("face $id h", "face $id g"), 0.02, "$where $id hg");
            same($ours->between($neutral, $ground), $apart("face $id n", "face $id g"), 0.02, "$where $id ng");
            foreach (['hl', 'hd', 'nl', 'nd', 'g'] as $at => $name) {
                same(hypot(...$ours->at($grid->boxes[$id][$at])), hypot(...$theirs["$id $name"]), 0.02, "$where $id $name");
            }
            if (isset($grid->contacts[$id])) {
                $sum = array_map(fn(int $axis): float => $theirs["A contact $id 0"][$axis] + $theirs["A contact $id 1"][$axis], [0, 1]);
                same($grid->residual($id), hypot(...$sum), 3e-6, "$where residual $id");
            }
        }
        if ($testers[$number] !== null) {
            $id = $testers[$number];
            foreach ([[0, 1, 'h', 'n'], [0, 2, 'h', 'g'], [1, 2, 'n', 'g']] as [$a, $b, $one, $other]) {
                $volts = $apart("face $id $one", "face $id $other");
                // On the very edge of lighting the last digits decide.
                if (abs($volts - 80.0) > 0.1) {
                    expect(
                        $ours->between($grid->faces[$id][$a], $grid->faces[$id][$b]) >= 80.0,
                    )->toBe($volts >= 80.0, "$where lamp $one$other");
                }
            }
        }
        foreach ($grid->cables as $id => $strands) {
            $sum = [0.0, 0.0];
            $summed = [0.0, 0.0];
            if ($testers[$number] !== null && array_filter($strands, fn(Strand $strand): bool => $strand->branch === null) !== []) {
                // What flows through a joint is summed from the branches beyond it; a tester that is only held there is none.
                continue;
            }
            foreach ($strands as $name => $strand) {
                $amps = $grid->through($strand);
                same(hypot(...$amps), hypot(...$theirs["A $id $name"]), 3e-6, "$where $id $name");
                if ($name !== 'ground') {
                    $sum = [$sum[0] + $amps[0], $sum[1] + $amps[1]];
                    $summed = [$summed[0] + $theirs["A $id $name"][0], $summed[1] + $theirs["A $id $name"][1]];
                }
            }
            same(hypot(...$sum), hypot(...$summed), 3e-6, "$where clamp $id");
        }
        foreach ($parts['circuits'] as $circuit) {
            $re = $im = 0.0;
            // The sensor of a two-pole breaker has both hots and their neutral in it.
            $halves = [$circuit['id'], ...(($circuit['common_trip'] ?? false) ? [$circuit['multiwire_with']] : [])];
            foreach ($theirs as $name => $amps) {
                $isPole = array_filter($halves, fn(string $half): bool => str_starts_with($name, "A pole $half ")) !== [];
                $home = array_filter(
                    $parts['cables'],
                    fn(array $cable): bool => ($circuit['volts'] ?? 120) === 120 && in_array(
                        $circuit['id'],
                        $cable['from']['circuits'] ?? [$cable['from']['circuit'] ?? null],
                        true,
                    ) && $name === "A {$cable['id']} neutral",
                );
                if ($isPole || $home !== [] || ($circuit['id'] === 'feed' && $name === 'A feeder n')) {
                    $re += $amps[0];
                    $im += $amps[1];
                }
            }
            if ($testers[$number] === null) {
                same($grid->residual($circuit['id']), hypot($re, $im), 3e-6, "$where residual {$circuit['id']}");
            }
        }
    }
})->with(array_map(fn(int $n): int => 1 + 30 * $n, range(0, 10)));
