<?php

declare(strict_types=1);

use Bouclier\Core\Network\Grid;
use Tests\Core\Network\Dense;

/** Any network at all, not only trees: so many terminals, joints and branches between them. */
function anyGrid(int $seed, int $size, float $least = 0.01): Grid
{
    mt_srand($seed);
    $grid = new Grid(120.0);
    $terminals = [Grid::REFERENCE, Grid::LEG_A, Grid::LEG_B];
    foreach (range(1, $size) as $n) {
        $terminals[] = $new = $grid->terminal();
        $grid->resistor($terminals[mt_rand(0, count($terminals) - 2)], $new, $least * 10 ** (mt_rand(0, 60) / 10));
        $grid->resistor($new, Grid::REFERENCE, 1e8);
    }
    $any = fn(): int => $terminals[mt_rand(3, count($terminals) - 1)];
    foreach (range(1, 6) as $n) {
        $grid->branch($any(), $any(), mt_rand(0, 100) / 1e4, mt_rand(0, 100) / 1e7);
    }
    $grid->join($any(), $any());

    return $grid;
}

/** @return array<int, array{float, float}> amperes into each node that is not held, which should be none */
function leftOver(Grid $grid): array
{
    $solution = $grid->solve();
    $sum = [];
    foreach (range(0, count($grid->branches()) - 1) as $branch) {
        [$from, $to] = $grid->at($branch);
        [$re, $im] = $solution->current($branch);
        foreach ([[$grid->node($from), 1.0], [$grid->node($to), -1.0]] as [$node, $sign]) {
            $sum[$node] = [($sum[$node][0] ?? 0.0) + $sign * $re, ($sum[$node][1] ?? 0.0) + $sign * $im];
        }
    }

    return array_filter($sum, fn(int $node): bool => $node >= 0, ARRAY_FILTER_USE_KEY);
}

it('solves any network as plain elimination does', function (): void {
    foreach (range(1, 40) as $seed) {
        $grid = anyGrid($seed, 5 + $seed);
        $solution = $grid->solve();
        $plain = Dense::solve($grid);
        foreach (range(3, $grid->terminal() - 1) as $terminal) {
            $node = $grid->node($terminal);
            [$re, $im] = $solution->at($terminal);
            [$plainRe, $plainIm] = $node < 0 ? $grid->held($node) : $plain[$node];
            expect(hypot($re - $plainRe, $im - $plainIm))->toBeLessThan(1e-6);
        }
    }
});

it('lets no current get lost', function (): void {
    foreach (range(1, 60) as $seed) {
        foreach (leftOver(anyGrid($seed, 30)) as [$re, $im]) {
            expect(hypot($re, $im))->toBeLessThan(1e-9);
        }
    }
});

it('changes one branch, and another, as if they had been there from the start', function (): void {
    $moved = 0;
    foreach (range(1, 40) as $seed) {
        $grid = anyGrid($seed, 20);
        $before = $grid->solve();
        $changed = $before->with(5, 9, 0.02, 1e-4)->with(7, Grid::LEG_A, 1e-5)->with(5, 9, -0.01)->with(12, 18, 1e-3);
        $grid->branch(5, 9, 0.01, 1e-4);
        $grid->branch(7, Grid::LEG_A, 1e-5);
        $grid->branch(12, 18, 1e-3);
        $anew = $grid->solve();
        foreach (range(3, 22) as $terminal) {
            expect(
                hypot($changed->at($terminal)[0] - $anew->at($terminal)[0], $changed->at($terminal)[1] - $anew->at($terminal)[1]),
            )->toBeLessThan(1e-7);
        }
        $moved += $before->between(9, Grid::LEG_A) === $changed->between(9, Grid::LEG_A) ? 0 : 1;
    }
    expect($moved)->toBeGreaterThan(20);
});

it('keeps a box that floats on 100 Mohm right beside a joint of a nano-ohm', function (): void {
    $grid = new Grid(120.0);
    [$a, $b] = [$grid->terminal(), $grid->terminal()];
    $grid->resistor(Grid::LEG_A, $a, 300e6);
    $grid->resistor($a, $b, 1e-9);
    $grid->resistor($b, Grid::REFERENCE, 100e6);
    expect($grid->solve()->at($b)[0])->toEqualWithDelta(30.0, 1e-9)->and($grid->solve()->between($a, $b))->toBeLessThan(1e-9);
});

it('leaves what nothing leads to at the reference', function (): void {
    $grid = new Grid(120.0);
    [$a, $b] = [$grid->terminal(), $grid->terminal()];
    $grid->resistor($a, $b, 5.0);
    expect($grid->solve()->between($a, Grid::LEG_A))->toBe(120.0)->and($grid->solve()->between($a, $b))->toBe(0.0);
});
