<?php

declare(strict_types=1);

use Bouclier\Core\Actions\Action;
use Bouclier\Core\Actions\Breaker;
use Bouclier\Core\Actions\Clamp;
use Bouclier\Core\Actions\Indicator;
use Bouclier\Core\Actions\Inspect;
use Bouclier\Core\Actions\Insulation;
use Bouclier\Core\Actions\Lift;
use Bouclier\Core\Actions\Likelihood;
use Bouclier\Core\Actions\NonContact;
use Bouclier\Core\Actions\Outcome;
use Bouclier\Core\Actions\Plug;
use Bouclier\Core\Actions\PressTest;
use Bouclier\Core\Actions\Reset;
use Bouclier\Core\Actions\SwapDevice;
use Bouclier\Core\Actions\Tester;
use Bouclier\Core\Actions\Tighten;
use Bouclier\Core\Actions\Trial;
use Bouclier\Core\Actions\Volts;
use Bouclier\Core\Actions\Walk;
use Bouclier\Core\CommandLine\CommandLine;
use Bouclier\Core\Diagnose\Belief;
use Bouclier\Core\Diagnose\Foresight;
use Bouclier\Core\Diagnose\Hypotheses;
use Bouclier\Core\Diagnose\Priors;
use Bouclier\Core\Diagnose\Symptom;
use Bouclier\Core\Feed\FeedMap;
use Bouclier\Core\House\Between;
use Bouclier\Core\House\Conductor;
use Bouclier\Core\House\House;
use Bouclier\Core\House\Places;
use Bouclier\Core\House\Spot;
use Bouclier\Core\Network\Condition;
use Bouclier\Core\Network\Draws;
use Bouclier\Core\Network\Looks;
use Tests\Core\Build;
use Tests\Core\Diagnose\HiddenFault;

function shownHouse(): House
{
    return Build::house([
        'circuits' => [Build::circuit('c1', ['slot' => '7', 'label' => 'Workshop'])],
        'points' => [Build::point('g', ['device' => 'gfci', 'code' => 'W1-01']), Build::point('p', ['code' => 'W1-02'])],
        'cables' => [
            Build::cable('c1', 'g', more: ['id' => 'w1', 'length_ft' => 40]),
            Build::cable('g', 'p', 'load', more: ['id' => 'w2', 'length_ft' => 20]),
        ],
        'appliances' => [
            [
                'id' => 'lamp',
                'name' => 'Lamp',
                'at' => 'p',
                'watts' => 900,
                'on' => true,
                'leakage' => ['resistive_ma' => 0.8, 'capacitive_ma' => 0.3],
            ],
        ],
        'symptom' => ['kind' => 'trips', 'at' => 'g', 'when' => 'random'],
    ]);
}

it('puts what an action may show into words', function (Action $action, Outcome $shown, string $words): void {
    expect($action->spokenOutcome(new Places(shownHouse()), $shown))->toBe($words);
})->with(function (): array {
    $at = new Spot(point: 'g');
    $lamp = new Plug(new Spot(appliance: 'lamp'));
    $lift = new Lift('p', 'w2', on: false);
    $clamp = new Clamp(new Spot(cable: 'w1'));

    return [
        [new Reset($at), Outcome::holds(), 'it holds'], [
            new SwapDevice($at),
            Outcome::holds(),
            'it holds',
        ], [$lamp, Outcome::holds(), 'nothing trips'],
        [$lift, Outcome::holds(['p']), 'nothing trips'], [$lamp, Outcome::trips(['g']), 'W1-01 trips'], [
            $lamp,
            Outcome::trips(['c1', 'g']),
            'breaker 7 Workshop and W1-01 trips',
        ],
        [new PressTest($at), Outcome::trips([], ['g', 'p']), 'it trips'], [$lift, Outcome::trips(['g'], ['g', 'p']), 'W1-01 trips'],
        [new Reset($at), Outcome::named('no_power'), 'no power there'], [new Reset($at), Outcome::named('dead'), 'it will not stay in'],
        [new Walk(), Outcome::dead([]), 'all live'], [new Walk(), Outcome::dead(['g', 'p']), '2 dead'],
        [new Tester($at), Outcome::of('lamps', '110'), '"correct"'], [new Tester($at), Outcome::of('lamps', '100'), 'lit hot to neutral'],
        [
            new Volts($at, Between::HotNeutral),
            Outcome::step('volts', 30),
            'about 120 V',
        ], [$clamp, Outcome::step('ma', 0), 'about 0 mA'], [$clamp, Outcome::step('ma', 5), 'about 4.7 mA'],
        [
            new Inspect($at),
            Outcome::of('seen', 'bare_copper'),
            'bare copper',
        ], [new Inspect($at), Outcome::named('nothing'), 'nothing to see'],
        [new Indicator($at), Outcome::named('nothing'), 'nothing'], [new Indicator($at), Outcome::named('tripped'), 'tripped'],
        [new Tighten($at), Outcome::named('moved'), 'a screw moves'], [new Tighten($at), Outcome::named('firm'), 'all firm'],
        [new Trial($at, 7), Outcome::named('quiet'), 'no trip in those days'], [
            new Trial($at, 7),
            Outcome::named('every day'),
            'it trips every day',
        ],
        [new Trial($at, 7), Outcome::named('some days'), 'it trips on some days'], [
            new Insulation(new Spot(cable: 'w1')),
            Outcome::named('hot leaks'),
            'hot leaks',
        ],
        [new Reset($at), Outcome::named('other'), 'other'],
    ];
});

it('writes what may be shown as the reading it would be', function (Action $action, Outcome $shown, array $reading): void {
    expect($action->asReading($shown))->toBe($reading);
})->with(function (): array {
    $at = new Spot(point: 'g');

    return [
        [new Reset($at), Outcome::holds(), ['holds' => true, 'tripped' => []]], [
            new Reset($at),
            Outcome::trips(['g']),
            ['holds' => false, 'tripped' => ['g']],
        ],
        [new Reset($at), Outcome::named('dead'), ['holds' => false, 'tripped' => []]], [
            new Reset($at),
            Outcome::named('no_power'),
            ['holds' => false, 'tripped' => [], 'no_power' => true],
        ],
        [new Breaker(new Spot(circuit: 'c1'), true), Outcome::trips(['g']), ['tripped' => ['g']]], [
            new Tester($at),
            Outcome::of('lamps', '101'),
            ['hn' => true, 'hg' => false, 'ng' => true],
        ],
        [
            new Volts($at, Between::HotNeutral),
            Outcome::step('volts', 30),
            ['volts' => 120.0],
        ], [new Clamp(new Spot(cable: 'w1')), Outcome::step('ma', 2), ['ma' => 0.78]],
        [new Inspect($at), Outcome::named('nothing'), ['seen' => []]], [new Inspect($at), Outcome::of('seen', 'wet'), ['seen' => ['wet']]],
        [new Tighten($at), Outcome::named('firm'), ['moved' => false]], [new Walk(), Outcome::dead(['g', 'p']), ['shows' => 'dead g,p']],
    ];
});

it('takes any text for an id: outcomes of different devices are never one', function (): void {
    $ids = [['g'], ['p'], ['g', 'p'], ['g,p'], ['g p'], ['g%2Cp'], ['dead'], ['%64ead'], ['g dead p'], ["\u{1F50C}", 'trips x']];
    $outcomes = [];
    foreach ($ids as $tripped) {
        foreach ([null, ...$ids] as $dead) {
            $outcomes[] = Outcome::trips($tripped, $dead);
        }
    }
    expect(array_unique(array_column($outcomes, 'key')))->toHaveCount(count($outcomes));
    foreach ($outcomes as $outcome) {
        expect($outcome->isOneOf(Outcome::trips($outcome->ids)))->toBeTrue()->and($outcome->isOneOf(Outcome::trips([])))->toBeTrue()
            ->and($outcome->isOneOf(Outcome::trips(['another'])))->toBeFalse()->and($outcome->isOneOf(Outcome::holds()))->toBeFalse();
    }
});

it('answers the same whatever its parts are called', function (string $kind): void {
    for ($seed = 1; ($hidden = HiddenFault::of($kind, $seed)) === null; ++$seed);
    $plain = Build::json($hidden->house + ['symptom' => $hidden->symptom]);
    $ids = array_merge(
        ...array_map(fn(string $part): array => array_column($hidden->house[$part], 'id'), ['circuits', 'points', 'cables', 'appliances']),
    );
    $odd = strtr(
        $plain,
        array_combine(array_map(fn(string $id): string => "\"$id\"", $ids), array_map(fn(string $id): string => "\"q9, $id\"", $ids)),
    );
    expect($odd)->not->toBe($plain);
    $answer = fn(string $json): string => (new CommandLine(fn(): string => $json))->run(['diagnose', 'house.json'])->output;
    expect(str_replace(['q9, ', 'q9%2C%20'], '', $answer($odd)))->toBe($answer($plain));
})->with(['leak appliance', 'open hot', 'neutral_ground point', 'weak_device', 'swap', 'dead_device', 'intermittent leak', 'overload']);

it('stands for what the meter shows by the steps it names', function (string $cable): void {
    $house = shownHouse();
    $foresight = new Foresight($house, new FeedMap($house));
    $belief = new Belief($foresight, [], false, true);
    $grid = $foresight->build(Condition::of($house));
    $meant = function (Action $action, Closure $of) use ($belief): float {
        $shown = $belief->outcomes($action);

        return array_sum(array_map(fn(string $key): float => $shown->of[$key] * $of($shown->outcomes[$key]), array_keys($shown->of)));
    };
    expect(
        $meant(new Clamp(new Spot(cable: $cable)), Likelihood::milliamperesOf(...)),
    )->toEqualWithDelta($foresight->instruments->clamp($grid, $cable)['ma'], 0.1);
    $at = new Spot(point: 'p');
    expect($meant(new Volts($at, Between::HotNeutral), Likelihood::voltsOf(...)))->toEqualWithDelta(
        $foresight->instruments->volts($grid, $at, Between::HotNeutral, false),
        1e-6,
    );
})->with(['w1', 'w2']);

it('offers a glow to be tapped as what it is', function (): void {
    $offers = (new NonContact(new Spot(cable: 'w1'), Conductor::Hot))->offers(new Places(shownHouse()), [], []);
    expect(array_column($offers, 'reading'))->toBe([['glows' => true], ['glows' => false]]);
});

it('mends each cause in the box where a look may show it', function (): void {
    $house = shownHouse();
    $wrong = [];
    $symptom = Symptom::of($house, $wrong);
    assert($symptom !== null);
    $looks = new Looks($house, Draws::exact());
    $seen = 0;
    foreach (Hypotheses::of(new Foresight($house, new FeedMap($house)), $symptom, Priors::standard()) as $cause) {
        foreach ($cause->variants === [[]] ? [] : ['g', 'p'] as $box) {
            $shows = array_sum($looks->chances(new Spot(point: $box), $cause->variants[0] ?? [])) > 0.0;
            $seen += $shows ? 1 : 0;
            // A neutral that was borrowed is seen at the lender's too, and given back where it was taken.
            $isLender = ($cause->variants[0][0] ?? null)?->showsAlsoAt() === $box;
            expect($shows && ! $isLender && $cause->mendedAt($house) !== "box $box")->toBeFalse($cause->id);
        }
    }
    expect($seen)->toBeGreaterThan(10);
});
