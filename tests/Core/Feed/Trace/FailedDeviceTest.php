<?php

declare(strict_types=1);

use Bouclier\Core\Feed\Observed\Observations;
use Bouclier\Core\Feed\Trace\NextKind;
use Bouclier\Core\Feed\Trace\Tracer;
use Tests\Core\Build;

it('does not ask for the TEST of a device that opens nothing before there is nothing else', function (bool $failed): void {
    $points = [Build::point('g', ['device' => 'gfci']), Build::point('p'), Build::point('q')];
    $tests = ['device_tests' => [['point' => 'g', 'by' => 'device_button', 'tripped' => false]]];
    $off = ['kind' => 'off', 'circuit' => 'c1', 'dead' => ['g', 'p', 'q'], 'live' => []];
    $seen = ['points' => $points, 'circuits' => [Build::circuit('c1')], 'observations' => [$off]];
    $house = Build::house($failed ? ['records' => $tests] + $seen : $seen);
    $next = (new Tracer($house, Observations::of($house)->seen))->trace()->next;
    expect($next?->kind === NextKind::Trip)->toBe(! $failed)->and($next)->not->toBeNull();
    // With all boxes known there is nothing else: then it is said that it is replaced first.
    $lifted = Build::house(['points' => $points, 'circuits' => [Build::circuit('c1')], 'records' => $tests, 'observations' => [
        ['kind' => 'off', 'circuit' => 'c1', 'dead' => ['g', 'p', 'q'], 'live' => []],
        ['kind' => 'open', 'point' => 'g', 'pairs' => 2], ['kind' => 'open', 'point' => 'p', 'pairs' => 2],
        ['kind' => 'open', 'point' => 'q', 'pairs' => 1],
        ['kind' => 'lift', 'point' => 'g', 'pair' => 'a', 'dead' => ['p', 'q'], 'live' => ['g']],
        ['kind' => 'lift', 'point' => 'p', 'pair' => 'a', 'dead' => ['q'], 'live' => ['g', 'p']],
    ]]);
    $last = (new Tracer($lifted, Observations::of($lifted)->seen))->trace()->next;
    expect($last?->kind)->toBe(NextKind::Trip)->and($last?->why)->toContain('replace it first');
})->with([true, false]);
