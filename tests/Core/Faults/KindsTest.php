<?php

declare(strict_types=1);

use Bouclier\Core\Faults\Arc;
use Bouclier\Core\Faults\Fault;
use Bouclier\Core\Faults\FaultList;
use Bouclier\Core\Faults\HighResistance;
use Bouclier\Core\Faults\Intermittent;
use Bouclier\Core\Faults\Kinds;
use Bouclier\Core\Faults\Leak;
use Bouclier\Core\Faults\NeutralGround;
use Bouclier\Core\Faults\Open;
use Bouclier\Core\Faults\SeriesArc;
use Bouclier\Core\Faults\SplitPair;
use Bouclier\Core\Faults\Surroundings;
use Bouclier\Core\Faults\Swap;
use Bouclier\Core\Feed\FeedMap;
use Bouclier\Core\House\Conductor;
use Bouclier\Core\House\House;
use Bouclier\Core\House\Land;
use Bouclier\Core\House\Landing;
use Bouclier\Core\House\Places;
use Bouclier\Core\House\Spot;
use Tests\Core\Build;

function faultyHouse(array $faults = []): House
{
    return Build::house([
        'circuits' => [Build::circuit('c1', ['breaker' => 'gfci', 'slot' => '7', 'label' => 'Workshop']), Build::circuit('c2')],
        'points' => [Build::point('g', ['device' => 'gfci']), Build::point('p'), Build::point('r', ['device' => 'gfci'])],
        'cables' => [
            Build::cable('c1', 'g', more: ['id' => 'w1']),
            Build::cable('g', 'p', 'load', more: ['id' => 'w2']),
            Build::cable('c2', 'r', more: ['id' => 'w3']),
        ],
        'appliances' => [['id' => 'lamp', 'name' => 'Lamp', 'at' => 'p', 'extension' => true]],
        'faults' => $faults,
    ]);
}

/** @return list<Fault> of every severity of every kind at every place */
function everyFault(House $house): array
{
    $spots = [
        new Spot(point: 'g'), new Spot(point: 'p'), new Spot(circuit: 'c1'), new Spot(cable: 'w1'), new Spot(cable: 'w2'),
        new Spot(appliance: 'lamp'), new Spot(cord: 'lamp'),
    ];
    $faults = [];
    foreach (Kinds::ALL as $kind) {
        foreach ($spots as $at) {
            $around = new Surroundings($house, new FeedMap($house), $at, ['c2 ' => $house->point('r')]);
            foreach (in_array($at->kind(), $kind::places(), true) ? $kind::possibleAt($around) : [] as $possible) {
                array_push($faults, ...$possible->severities);
            }
        }
    }

    return [...$faults, new Intermittent([$faults[0]], 0.5)];
}

it('lists every kind there is, each by a name of its own', function (): void {
    $classes = [];
    foreach (glob(dirname(__DIR__, 3) . '/core/Faults/*.php') ?: [] as $file) {
        $class = 'Bouclier\\Core\\Faults\\' . basename($file, '.php');
        if (is_subclass_of($class, Fault::class) && ! (new ReflectionClass($class))->isAbstract()) {
            $classes[] = $class;
        }
    }
    $listed = Kinds::ALL;
    sort($listed);
    expect($listed)->toBe($classes)->and(array_unique(Kinds::names()))->toHaveCount(count(Kinds::ALL))
        ->and(fn() => Kinds::named('gremlin'))->toThrow(OutOfBoundsException::class);
});

it('may be the cause wherever its file allows it, and reads back what it writes', function (): void {
    $faults = everyFault(faultyHouse());
    expect(
        array_values(array_unique(array_map(fn(Fault $fault): string => $fault::name(), $faults))),
    )->toEqualCanonicalizing(Kinds::names());
    $read = FaultList::of(faultyHouse(array_map(fn(Fault $fault): array => $fault->said(), $faults)));
    expect($read->wrong)->toBe([])->and($read->all)->toEqual($faults);
});

it('says how often it is met at just the places it may be at', function (string $kind): void {
    $places = array_column($kind::frequencies(), 'place');
    expect(array_unique($places))->toBe($places)->and(array_diff($places, $kind::places()))->toBe([]);
    foreach ($kind::frequencies() as $frequency) {
        expect($frequency->often)->toBeGreaterThan(0.0)->toBeLessThan(1.0)->and($frequency->words)->toMatch('/^[A-Z]/');
    }
})->with(array_map(fn(string $kind): array => [$kind], Kinds::ALL));

it('can be spoken of, mended and proved gone, and sends no householder into a box', function (): void {
    $places = new Places(faultyHouse());
    foreach (everyFault(faultyHouse()) as $fault) {
        expect($fault->spoken($places))->not->toBe('')->not->toMatch('/\b(w1|w2|c1)\b/')
            ->and($fault->repair($places))->not->toBe([])->and($fault->proof($places))->toMatch('/^[A-Z]/')
            ->and($fault->letter($places))->not->toMatch('/screw|open the|terminal|breaker off/i');
    }
});

it('is found at the end of its cable where it is', function (Fault $fault, bool $isNear): void {
    expect($fault->isAtNearEnd())->toBe($isNear);
})->with(function (): array {
    $at = new Spot(cable: 'w2');
    $split = new Landing(Land::Load, Land::Line);

    return [
        [new Open($at, Conductor::Hot), true], [new HighResistance($at, Conductor::Hot, 2.0), true], [
            new SplitPair(new Spot(cable: 'w2', atFrom: true), $split),
            true,
        ],
        [new SplitPair($at, $split), false], [new Leak($at, 9000.0), false], [
            new NeutralGround($at, 1.0),
            false,
        ], [new Swap($at), false], [new SeriesArc($at), false],
    ];
});

it('names everything that is wrong with what a file says', function (array $fault, array $wrong): void {
    $faults = FaultList::of(faultyHouse([$fault]));
    expect(array_map(strval(...), $faults->wrong))->toBe($wrong);
})->with([
    [
        ['kind' => 'leak', 'at' => ['point' => 'gone']],
        ['/faults/0/at/point: there is no point "gone"', '/faults/0/ohms: resistance has to be said'],
    ],
    [
        ['kind' => 'open', 'at' => ['point' => 'p'], 'conductor' => 'hot'],
        ['/faults/0/conductor: at a point only the ground pigtail can be open'],
    ],
    [['kind' => 'high_resistance', 'at' => ['cable' => 'w2'], 'ohms' => 2], ['/faults/0/conductor: which conductor has to be said']],
    [['kind' => 'land', 'at' => ['cable' => 'w2']], ['/faults/0: where hot and neutral land has to be said']],
    [['kind' => 'weak_device', 'at' => ['point' => 'g']], ['/faults/0/trip_ma: the current it trips at has to be said']],
    [
        ['kind' => 'borrowed_neutral', 'at' => ['point' => 'p'], 'lender' => ['cable' => 'w1']],
        ['/faults/0/lender/cable: this is at point, not at a cable'],
    ],
    [['kind' => 'intermittent'], ['/faults/0/of: what comes and goes has to be said']],
    [
        ['kind' => 'intermittent', 'of' => ['kind' => 'short', 'at' => ['cable' => 'no'], 'ohms' => 1]],
        ['/faults/0/of/at/cable: there is no cable "no"'],
    ],
]);

it('arcs where it says so, and nowhere else', function (): void {
    foreach (everyFault(faultyHouse()) as $fault) {
        expect($fault->arcsFromAmps() !== null)->toBe($fault instanceof Arc);
    }
});
