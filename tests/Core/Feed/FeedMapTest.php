<?php

declare(strict_types=1);

use Bouclier\Core\CodeBook\Assess;
use Bouclier\Core\CodeBook\Finding;
use Bouclier\Core\Exchange\HouseReader;
use Bouclier\Core\Feed\FeedMap;
use Bouclier\Core\Feed\Guard;
use Bouclier\Core\House\House;
use Bouclier\Core\House\Protection;
use Tests\Core\Build;
use Tests\Core\RandomHouse;

/** @return list<string> */
function guardsOf(House $house, string $point, Protection $function = Protection::Gfci): array
{
    return array_map(fn(Guard $guard): string => $guard->id(), (new FeedMap($house))->guards($house->point($point), $function));
}

/** @return list<string> */
function findingsAt(House $house, string $point): array
{
    $ids = array_map(fn(Finding $finding): string => $finding->id, (new Assess($house))->point($house->point($point))->findings);

    return array_values(array_intersect($ids, ['reversed_line_load', 'split_pair', 'redundant_gfci', 'no_feed']));
}

function run(array $landings, string $device = 'gfci', mixed $feed = 'line', array $more = []): House
{
    $points = [Build::point('k', ['device' => $device])];
    $cables = [Build::cable('c1', 'k', null, $feed)];
    foreach ($landings as $to => $land) {
        $points[] = Build::point($to);
        $cables[] = Build::cable('k', $to, $land);
    }

    return Build::house($more + ['points' => $points, 'cables' => $cables]);
}

it('protects what lies beyond LOAD, hot and neutral', function (mixed $land, array $guards, array $findings): void {
    $house = run(['d' => $land]);
    expect(guardsOf($house, 'd'))->toBe($guards)->and(guardsOf($house, 'k'))->toBe(['k'])->and(findingsAt($house, 'k'))->toBe($findings);
})->with([
    'load' => ['load', ['k'], []],
    'line' => ['line', [], []],
    'splice' => ['splice', [], []],
    'not said' => [null, [], []],
    'hot on load only' => [['hot' => 'load', 'neutral' => 'line'], [], ['split_pair']],
    'neutral on load only' => [['hot' => 'line', 'neutral' => 'load'], [], ['split_pair']],
    'line and splice are one side' => [['hot' => 'line', 'neutral' => 'splice'], [], []],
    'both said, both load' => [['hot' => 'load', 'neutral' => 'load'], ['k'], []],
]);

it('gives a reversed device no credit, not even for itself', function (): void {
    $house = run(['d' => 'load'], feed: 'load');
    expect(guardsOf($house, 'k'))->toBe([])
        ->and(guardsOf($house, 'd'))->toBe([])
        ->and(findingsAt($house, 'k'))->toBe(['reversed_line_load']);
});

it('gives a device with a split feed no credit', function (): void {
    $house = run(['d' => 'load'], feed: ['hot' => 'line', 'neutral' => 'load']);
    expect(guardsOf($house, 'k'))->toBe([])->and(guardsOf($house, 'd'))->toBe([])->and(findingsAt($house, 'k'))->toBe(['split_pair']);
});

it('takes line and load as one place at a plain receptacle', function (): void {
    $house = run(['d' => ['hot' => 'load', 'neutral' => 'line']], device: 'standard', feed: 'load');
    expect(findingsAt($house, 'k'))->toBe([]);
});

it('names the nearest first, the breaker last, and what is paid for twice', function (): void {
    $house = Build::house([
        'circuits' => [Build::circuit('c1', ['breaker' => 'dual'])],
        'points' => [Build::point('k', ['device' => 'gfci']), Build::point('d', ['device' => 'dual']), Build::point('e')],
        'cables' => [Build::cable('c1', 'k'), Build::cable('k', 'd', 'load'), Build::cable('d', 'e', 'load')],
    ]);
    expect(guardsOf($house, 'e'))->toBe(['d', 'k', 'c1'])
        ->and(guardsOf($house, 'e', Protection::Afci))->toBe(['d', 'c1'])
        ->and(findingsAt($house, 'd'))->toBe(['redundant_gfci'])
        ->and(findingsAt($house, 'k'))->toBe(['redundant_gfci'])
        ->and(findingsAt($house, 'e'))->toBe([]);
});

it('reaches through the feeder of a sub-panel, for GFCI only', function (): void {
    $house = Build::house([
        'panels' => [['id' => 'main', 'name' => 'Main'], ['id' => 'sub', 'name' => 'Sub', 'fed_from' => 'c1']],
        'circuits' => [Build::circuit('c1', ['breaker' => 'dual', 'amps' => 60]), Build::circuit('c2', ['panel' => 'sub'])],
        'points' => [Build::point('k')], 'cables' => [Build::cable('c2', 'k')],
    ]);
    expect(guardsOf($house, 'k'))->toBe(['c1'])->and(guardsOf($house, 'k', Protection::Afci))->toBe([]);
});

it('keeps the two circuits of a multiwire run apart', function (): void {
    $house = Build::house([
        'circuits' => [
            Build::circuit('c1', ['multiwire_with' => 'c2', 'breaker' => 'gfci']),
            Build::circuit('c2', ['multiwire_with' => 'c1', 'leg' => 'b']),
        ],
        'points' => [
            Build::point('k', ['device' => 'gfci', 'circuit' => 'c2']),
            Build::point('d', ['circuit' => 'c2']),
            Build::point('e', ['circuit' => 'c1']),
        ],
        'cables' => [
            ['id' => 'w', 'from' => ['circuits' => ['c1', 'c2']], 'to' => ['point' => 'k', 'land' => 'line'], 'conductors' => 3],
            Build::cable('k', 'd', 'load', 'line', ['conductors' => 3]), Build::cable('k', 'e', 'load', 'line', ['conductors' => 3]),
        ],
    ]);
    expect(guardsOf($house, 'd'))->toBe(['k'])->and(guardsOf($house, 'e'))->toBe(['c1'])->and(guardsOf($house, 'k'))->toBe(['k']);
});

it('believes a point\'s circuit until a cable says otherwise', function (): void {
    $house = Build::house([
        'circuits' => [Build::circuit('c1', ['breaker' => 'gfci']), Build::circuit('c2')],
        'points' => [Build::point('k', ['circuit' => 'c1']), Build::point('d', ['circuit' => 'c1']), Build::point('e')],
        'cables' => [Build::cable('c2', 'd'), Build::cable('k', 'e')],
    ]);
    expect(guardsOf($house, 'k'))->toBe(['c1'])->and(findingsAt($house, 'k'))->toBe(['no_feed'])
        ->and(guardsOf($house, 'd'))->toBe([])->and(findingsAt($house, 'd'))->toBe([])
        ->and(guardsOf($house, 'e'))->toBe(['c1'])->and(findingsAt($house, 'e'))->toBe([]);
});

it('does not count a capped cable as a feed', function (): void {
    $house = run(['d' => 'cap']);
    expect(findingsAt($house, 'd'))->toBe(['no_feed']);
});

it('agrees with a flood from every device down its LOAD cables', function (): void {
    $reader = new HouseReader();
    $protected = 0;
    for ($seed = 1; $seed <= 200; ++$seed) {
        mt_srand($seed);
        $data = RandomHouse::data($seed, 12);
        foreach ($data['cables'] as &$cable) {
            unset($cable['from']['circuits']);
            $cable['from'] = $cable['from'] === [] ? ['circuit' => $data['circuits'][0]['id']] : $cable['from'];
        }
        $house = $reader->fromJson(json_encode($data, JSON_THROW_ON_ERROR));
        $zones = floodedZones($data);
        foreach ($house->points as $point) {
            // By the drawing alone: what was shown beside it is another matter.
            $drawn = array_filter(
                (new FeedMap($house))->guards($point, Protection::Gfci),
                fn(Guard $guard): bool => $guard->shown === null,
            );
            $devices = array_values(array_filter(
                array_map(fn(Guard $guard): string => $guard->id(), $drawn),
                fn(string $id): bool => $house->hasPoint($id),
            ));
            sort($devices);
            $flooded = array_values(
                array_filter(array_map(strval(...), array_keys($zones)), fn(string $id): bool => in_array($point->id, $zones[$id], true)),
            );
            sort($flooded);
            expect($devices)->toBe($flooded, "seed $seed, point {$point->id}");
            $protected += count($devices);
        }
    }
    expect($protected)->toBeGreaterThan(200);
});

/**
 * From the file alone, the other way round: water poured into each sound device's LOAD, and what gets wet.
 *
 * @return array<list<string>> ids in a device's zone, by the device's id
 */
function floodedZones(array $data): array
{
    $end = fn(mixed $land): array => is_array($land) ? [$land['hot'], $land['neutral']] : [$land ?? 'line', $land ?? 'line'];
    $zones = [];
    foreach ($data['points'] as $device) {
        $made = $device['kind'] !== 'receptacle' || (($device['volts'] ?? 125) <= 125 && ($device['amps'] ?? 15) <= 20);
        if (! $made || ! in_array($device['device'], ['gfci', 'dual'], true)) {
            continue;
        }
        $live = array_filter(
            $data['cables'],
            fn(array $c): bool => $end($c['from']['land'] ?? null) !== ['cap', 'cap'] && $end($c['to']['land'] ?? null) !== ['cap', 'cap'],
        );
        $feed = array_filter($live, fn(array $c): bool => $c['to']['point'] === $device['id']);
        foreach ($feed as $cable) {
            if (array_diff($end($cable['to']['land'] ?? null), ['line', 'splice']) !== []) {
                continue 2;
            }
        }
        $wet = [$device['id']];
        do {
            $before = count($wet);
            foreach ($live as $cable) {
                $from = $cable['from']['point'] ?? null;
                $flows = $from === $device['id'] ? $end($cable['from']['land'] ?? null) === ['load', 'load'] : in_array($from, $wet, true);
                if ($flows && $from !== null && ! in_array($cable['to']['point'], $wet, true)) {
                    $wet[] = $cable['to']['point'];
                }
            }
        } while (count($wet) > $before);
        $zones[$device['id']] = $wet;
    }

    return $zones;
}
