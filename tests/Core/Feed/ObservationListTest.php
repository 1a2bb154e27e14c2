<?php

declare(strict_types=1);

use Bouclier\Core\Feed\FeedMap;
use Bouclier\Core\Feed\Observed\ObservationList;
use Bouclier\Core\Feed\Observed\Observations;
use Bouclier\Core\Feed\Trace\TracedCables;
use Bouclier\Core\Feed\Trace\Tracer;
use Bouclier\Core\House\Entries\Seen;
use Bouclier\Core\House\Entries\SeenKind;
use Bouclier\Core\House\House;
use Bouclier\Core\House\Protection;
use Bouclier\Core\Survey\Removal;
use Tests\Core\Build;

function noted(array $observations, array $points = []): House
{
    return Build::house([
        'points' => [Build::point('g', ['device' => 'gfci']), Build::point('p'), Build::point('q'), ...$points],
        'observations' => $observations,
    ]);
}

it('withdraws a fact, and with an opened box what was said of its pairs', function (): void {
    $house = noted([
        ['id' => 'box', 'kind' => 'open', 'point' => 'p', 'pairs' => 2],
        ['kind' => 'pair', 'point' => 'p', 'pair' => 'b', 'live' => true, 'by' => 'meter'],
        ['id' => 'off', 'kind' => 'off', 'circuit' => 'c1', 'dead' => ['p'], 'live' => []],
        ['kind' => 'open', 'point' => 'q', 'pairs' => 1],
    ]);
    $kinds = fn(House $house): array => array_map(fn(Seen $seen): string => $seen->kind->value, $house->entries->all(Seen::class));
    expect($kinds(ObservationList::withdrawn($house, 'off')))->toBe(['open', 'pair', 'open'])
        ->and($kinds(ObservationList::withdrawn($house, 'box')))->toBe(['off', 'open'])
        ->and(Observations::of(ObservationList::withdrawn($house, 'box'))->faults)->toBe([])
        ->and(fn() => ObservationList::withdrawn($house, 'another'))->toThrow(OutOfBoundsException::class);
});

it('keeps what was seen of others when an outlet is taken out', function (): void {
    $house = noted([
        ['kind' => 'off', 'circuit' => 'c1', 'dead' => ['g', 'p'], 'live' => ['q']],
        ['kind' => 'trip', 'at' => 'g', 'dead' => ['p'], 'live' => [], 'back' => ['p']],
        ['kind' => 'open', 'point' => 'p', 'pairs' => 1],
    ]);
    $left = Removal::outlet($house, $house->point('p'));
    expect($left->entries->all(Seen::class))->toEqual([
        new Seen(SeenKind::Off, 'c1', dead: ['g'], live: ['q']),
        new Seen(SeenKind::Trip, at: 'g', dead: [], live: [], back: []),
    ])
        ->and(Observations::of($left)->faults)->toBe([]);
});

it('writes runs that are certain as cables, with the landing that a trip proved', function (): void {
    $house = noted([
        ['kind' => 'off', 'circuit' => 'c1', 'dead' => ['g', 'p', 'q'], 'live' => []],
        ['kind' => 'trip', 'at' => 'g', 'dead' => ['p', 'q'], 'live' => []],
        ['kind' => 'open', 'point' => 'q', 'pairs' => 1],
        ['kind' => 'open', 'point' => 'p', 'pairs' => 2],
    ]);
    $trace = (new Tracer($house, Observations::of($house)->seen))->trace();
    $written = TracedCables::into($house, $trace);
    expect(
        array_map(
            fn($cable): array => [
                $cable->fromPoint() ?? $cable->from->circuits[0],
                $cable->to->point,
                $cable->landingAtStart()?->hot->value,
            ],
            $written->cables,
        ),
    )
        ->toEqualCanonicalizing([['c1', 'g', null], ['g', 'p', 'load'], ['p', 'q', 'line']])
        ->and((new FeedMap($written))->guards($written->point('q'), Protection::Gfci)[0]->id())->toBe('g');
    $again = (new Tracer($written, Observations::of($written)->seen))->trace();
    expect($again->resolved)->toBeTrue()->and(TracedCables::missing($written, $again))->toBe([]);
});

it('writes nothing that is only likely', function (): void {
    $house = noted([['kind' => 'off', 'circuit' => 'c1', 'dead' => ['g', 'p', 'q'], 'live' => []]]);
    expect(TracedCables::into($house, (new Tracer($house, Observations::of($house)->seen))->trace())->cables)->toBe([]);
});
