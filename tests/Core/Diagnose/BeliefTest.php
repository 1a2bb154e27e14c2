<?php

declare(strict_types=1);

use Bouclier\Core\Actions\Action;
use Bouclier\Core\Actions\ActionList;
use Bouclier\Core\Actions\Simulation;
use Bouclier\Core\Actions\Trial;
use Bouclier\Core\Diagnose\Belief;
use Bouclier\Core\Diagnose\Explains;
use Bouclier\Core\Diagnose\Foresight;
use Bouclier\Core\Diagnose\HowOften;
use Bouclier\Core\Diagnose\Hypotheses;
use Bouclier\Core\Diagnose\Hypothesis;
use Bouclier\Core\Diagnose\Priors;
use Bouclier\Core\Diagnose\Symptom;
use Bouclier\Core\Diagnose\SymptomFit;
use Bouclier\Core\Diagnose\Test;
use Bouclier\Core\Faults\DeadDevice;
use Bouclier\Core\Faults\Fault;
use Bouclier\Core\Faults\Leak;
use Bouclier\Core\Faults\NeutralGround;
use Bouclier\Core\Faults\SeriesArc;
use Bouclier\Core\Faults\Short;
use Bouclier\Core\Faults\StuckDevice;
use Bouclier\Core\Faults\WeakDevice;
use Bouclier\Core\Feed\FeedMap;
use Bouclier\Core\House\Call;
use Bouclier\Core\House\Complaint;
use Bouclier\Core\House\Entries\TestDone;
use Bouclier\Core\House\House;
use Bouclier\Core\House\Loose;
use Bouclier\Core\House\Spot;
use Bouclier\Core\House\SymptomKind;
use Bouclier\Core\House\SymptomWhen;
use Bouclier\Core\Network\Condition;
use Bouclier\Core\Network\Draws;
use Tests\Core\Build;
use Tests\Core\Houses;

/** A GFCI g on an AFCI breaker with p and q beyond its LOAD; a heater at p, a lamp on a cord set at q; another device r. */
function believedHouse(): House
{
    return Build::house(Houses::called([
        ['id' => 'heater', 'name' => 'Heater', 'at' => 'p', 'watts' => 900, 'on' => true],
        ['id' => 'lamp', 'name' => 'Lamp', 'at' => 'q', 'watts' => 60, 'extension' => true],
    ], [
        'circuits' => [Build::circuit('c1', ['breaker' => 'afci']), Build::circuit('c2')],
        'symptom' => ['kind' => 'reads_wrong', 'at' => 'p'],
    ]));
}

/** @param list<Fault> $faults */
function belief(array $faults, bool $comesAndGoes = false): Belief
{
    $house = believedHouse();

    return new Belief(new Foresight($house, new FeedMap($house)), $faults, $comesAndGoes, true);
}

function leakOf(float $milliamperes, Spot $at): Fault
{
    return new Leak($at, 119.2 / ($milliamperes / 1000.0));
}

function tested(array $action, array $reading): Test
{
    $wrong = [];

    return Test::read(believedHouse(), [new TestDone(...Build::loose($action, $reading))], $wrong)[0];
}

const RESET_G = ['do' => 'reset', 'at' => ['point' => 'g']];

it('gives the chance that a device opens, rising from 4 to 6 mA', function (float $milliamperes, float $chance): void {
    expect(belief([leakOf($milliamperes, new Spot(point: 'p'))])->chanceOpen(['g']))->toEqualWithDelta($chance, 0.05);
})->with([[3.5, 0.0], [4.5, 0.25], [5.0, 0.5], [5.5, 0.75], [7.0, 1.0]]);

it('learns the threshold of a device from what it held and what it opened on', function (): void {
    $belief = belief([leakOf(5.0, new Spot(appliance: 'heater'))]);
    $holds = ['holds' => true, 'tripped' => [], 'no_power' => false];
    $belief->take(tested(['do' => 'unplug', 'appliance' => 'heater'], ['tripped' => []]));
    $belief->take(tested(RESET_G, $holds));
    $first = $belief->take(tested(['do' => 'plug', 'appliance' => 'heater'], ['tripped' => ['g']]));
    $belief->take(tested(['do' => 'unplug', 'appliance' => 'heater'], ['tripped' => []]));
    $belief->take(tested(RESET_G, $holds));
    $again = $belief->take(tested(['do' => 'plug', 'appliance' => 'heater'], ['tripped' => ['g']]));
    // What opened once on 5 mA opens on them again: the second time is no news.
    expect(exp($first))->toBeGreaterThan(0.3)->toBeLessThan(0.7)->and(exp($again))->toBeGreaterThan(0.95);
});

/** How likely a device stands open before anything is done, by what is told. */
function openAsTold(Complaint $told, string $device, Hypothesis $cause, ?House $house = null): float
{
    $house = ($house ?? believedHouse())->with(call: new Call($told));
    $wrong = [];
    $symptom = Symptom::of($house, $wrong);
    assert($symptom !== null);
    $foresight = new Foresight($house, new FeedMap($house));
    $belief = Belief::of($foresight, $cause, 0);
    (new SymptomFit($foresight, $symptom))->toldTo($cause, $belief);

    return $belief->chanceOpen([$device]);
}

it('takes what is said to trip at once to have a threshold below what its device sees', function (string $when, float $chance): void {
    $leak = new Hypothesis('leak', Explains::Fault, new Spot(point: 'p'), [[leakOf(4.5, new Spot(point: 'p'))]], 1.0);
    expect(openAsTold(new Complaint(SymptomKind::Trips, 'g', SymptomWhen::from($when)), 'g', $leak))->toEqualWithDelta($chance, 0.05);
})->with([['at_once', 0.25 / (0.25 + 0.75 * 0.1)], ['random', 0.25]]);

it('takes the device of what comes and goes to stand open where an outlet is told to be dead', function (): void {
    $leak = new Hypothesis('leak', Explains::Fault, new Spot(point: 'p'), [[leakOf(8.0, new Spot(point: 'p'))]], 1.0, comesAndGoes: true);
    // It shows in two draws of five; an outlet told to be dead is live one time in four.
    expect(openAsTold(new Complaint(SymptomKind::Trips, 'g', SymptomWhen::Random), 'g', $leak))->toEqualWithDelta(0.4, 0.01)
        ->and(openAsTold(new Complaint(SymptomKind::Dead, 'q'), 'g', $leak))->toEqualWithDelta(0.4 / (0.4 + 0.6 * 0.25), 0.01);
});

it('takes an overload to have opened its breaker where an outlet is told to be dead', function (): void {
    $overload = new Hypothesis('overload', Explains::Overload, new Spot(), [[]], 1.0);
    $dead = new Complaint(SymptomKind::Dead, 'q');
    $heaters = Houses::called(
        array_map(fn(int $watts): array => ['id' => "h$watts", 'name' => 'Heater', 'at' => 'p', 'watts' => $watts], [1450, 1500]),
    );
    expect(openAsTold($dead, 'c1', $overload))->toBe(0.0)
        ->and(openAsTold($dead, 'c1', $overload, Build::house($heaters)))->toBe(1.0)
        ->and(openAsTold($dead, 'g', $overload, Build::house($heaters)))->toBe(0.0);
});

it('lets the severity of a cause, which is not known, move only what the cause adds to a reading', function (): void {
    $house = believedHouse();
    $leak = leakOf(2.0, new Spot(point: 'p'));
    $read = function (bool $isKnown, string $cable, float $ma) use ($house, $leak): float {
        return (new Belief(new Foresight($house, new FeedMap($house)), [$leak], false, $isKnown))->take(
            tested(['do' => 'clamp', 'cable' => $cable], ['ma' => $ma]),
        );
    };
    $there = (new Foresight($house, new FeedMap($house)));
    $condition = Condition::of($house);
    $condition->faults = [$leak];
    $ma = fn(string $cable): float => $there->instruments->clamp($there->build($condition), $cable)['ma'];
    // Beyond the leak a clamp reads the same at any severity; at the leak half of it again is still near.
    expect($read(false, 'w3', $ma('w3')))->toEqualWithDelta($read(true, 'w3', $ma('w3')), 1e-3)
        ->and($read(false, 'w2', 1.5 * $ma('w2')))->toBeGreaterThan($read(true, 'w2', 1.5 * $ma('w2')) + 0.5);
});

it('knows what wears in a device, what grounds a neutral, and what arcs', function (): void {
    $at = new Spot(point: 'g');
    expect(belief([])->chanceOpen(['g', 'c1']))->toBe(0.0)
        ->and(belief([leakOf(2.0, new Spot(point: 'p')), new WeakDevice($at, 0.5)])->chanceOpen(['g']))->toBe(1.0)
        ->and(belief([leakOf(20.0, new Spot(point: 'p')), new StuckDevice($at)])->chanceOpen(['g']))->toBe(0.0)
        ->and(belief([new DeadDevice($at)])->chanceOpen(['g']))->toBe(1.0)
        ->and(belief([new NeutralGround(new Spot(point: 'q'), 1.0)])->chanceOpen(['g', 'c1']))->toBe(1.0)
        ->and(belief([new SeriesArc(new Spot(cable: 'w2'))])->chanceOpen(['c1']))->toBe(1.0)
        ->and(belief([new Short(new Spot(point: 'p'), 0.1)])->chanceOpen(['c1']))->toBe(1.0);
});

it('keeps what nobody saw as worlds of their own: what comes and goes may show, or not', function (): void {
    $belief = belief([leakOf(12.0, new Spot(point: 'p'))], true);
    expect($belief->worlds)->toHaveCount(2)->and($belief->chanceOpen(['g']))->toEqualWithDelta(0.4, 0.01);
    $belief->take(tested(['do' => 'indicator', 'at' => ['point' => 'g']], ['shows' => 'tripped']));
    expect($belief->chanceOpen(['g']))->toBeGreaterThan(0.9);
    $belief->take(tested(RESET_G, ['holds' => true, 'tripped' => [], 'no_power' => false]));
    expect($belief->chanceOpen(['g']))->toBe(0.0);
});

it('finds what comes and goes in a cable by itself as it stood when power was on last', function (): void {
    $off = [
        tested(['do' => 'breaker', 'circuit' => 'c1', 'on' => false], ['tripped' => []]),
        tested(['do' => 'unplug_all', 'circuit' => 'c1'], ['tripped' => []]),
    ];
    $sound = tested(['do' => 'insulation', 'cable' => 'w3'], ['hg_ohms' => null, 'ng_ohms' => null]);
    $after = function (array $tests) use ($off, $sound): float {
        $belief = belief([leakOf(12.0, new Spot(cable: 'w3'))], true);
        array_map($belief->take(...), [...$tests, ...$off]);

        return exp($belief->take($sound));
    };
    $reset = fn(bool $holds): Test => tested(RESET_G, ['holds' => $holds, 'tripped' => $holds ? [] : ['g'], 'no_power' => false]);
    expect($after([$reset(false)]))->toBeLessThan(0.01)->and($after([$reset(false), $reset(true)]))->toBeGreaterThan(0.95);
});

it('foresees a trial by how often it has shown', function (): void {
    $often = belief([leakOf(12.0, new Spot(point: 'p'))], true);
    $trial = new Trial(new Spot(point: 'g'), 7);
    $quiet = $often->outcomes($trial)->of['quiet'];
    foreach (range(1, 4) as $once) {
        $often->take(tested(['do' => 'switch_on', 'appliance' => 'lamp'], ['tripped' => []]));
    }
    expect($quiet)->toBeGreaterThan(0.05)->and($often->outcomes($trial)->of['quiet'])->toBeGreaterThan($quiet)
        ->and(belief([leakOf(12.0, new Spot(point: 'p'))])->outcomes($trial)->of['every day'])->toBeGreaterThan(0.85);
});

it('counts days like draws from an urn that is filled as they come', function (): void {
    $often = new HowOften();
    $sum = array_sum(array_map(fn(int $some): float => $often->days(5, $some), range(0, 5)));
    expect($sum)->toEqualWithDelta(1.0, 1e-9)->and($often->never(1))->toEqualWithDelta(0.6, 1e-9)
        // The published beta-binomial with alpha 1.2, beta 1.8: (1.2 x 1.8 / (3 x 4)) x 2 for one of two.
        ->and($often->days(2, 1))->toEqualWithDelta(2.0 * 1.2 * 1.8 / 12.0, 1e-9)
        ->and(HowOften::daysAt(0.5, 2, 1))->toEqualWithDelta(0.5, 1e-12);
});

it('finds what the model shows likely under the cause that is there, and seldom under one that is not', function (): void {
    $house = believedHouse();
    $actions = Build::loose(
        [
            'do' => 'indicator',
            'at' => ['point' => 'g'],
        ],
        ['do' => 'tester', 'at' => ['point' => 'q']],
        ['do' => 'unplug', 'appliance' => 'heater'],
        RESET_G,
        [
            'do' => 'volts',
            'at' => ['point' => 'p'],
            'between' => 'hn',
        ],
        ['do' => 'tester', 'at' => ['point' => 'p']],
        ['do' => 'plug', 'appliance' => 'heater'],
        ['do' => 'move', 'appliance' => 'lamp', 'to' => 'r'],
        RESET_G,
        ['do' => 'lift', 'point' => 'p', 'pair' => 'w3', 'on' => false],
        RESET_G,
        ['do' => 'walk'],
        [
            'do' => 'breaker',
            'circuit' => 'c1',
            'on' => false,
        ],
        ['do' => 'unplug_all', 'circuit' => 'c1'],
        ['do' => 'insulation', 'cable' => 'w2'],
    );
    $wrong = [];
    $symptom = Symptom::of($house, $wrong);
    assert($symptom !== null);
    $foresight = new Foresight($house, new FeedMap($house));
    $steady = array_values(
        array_filter(
            Hypotheses::of($foresight, $symptom, Priors::standard()),
            fn(Hypothesis $one): bool => $one->variants[0] !== [] && ! $one->comesAndGoes,
        ),
    );
    $logs = function (Hypothesis $hypothesis, array $tests) use ($foresight): array {
        $belief = Belief::of($foresight, $hypothesis, 0);
        array_map($belief->take(...), $tests);

        return $belief->each;
    };
    $better = $pairs = 0;
    foreach ($steady as $number => $true) {
        $simulation = new Simulation($house, $true->variants[0], Draws::exact());
        $tests = array_map(
            fn(Action $action, Loose $said): TestDone => new TestDone($said, new Loose($simulation->act($action)->toData())),
            ActionList::of($house->with(actions: $actions))->all,
            $actions,
        );
        $read = Test::read($house, $tests, $wrong);
        $mine = $logs($true, $read);
        // Each reading by itself is one the cause allows: none is down at the level of a slip, or of a meter that may read anything; what
        // floats may read anything below 90 V.
        foreach ($mine as $at => $log) {
            expect($log)->toBeGreaterThan(
                log(match (true) {
                    ! $tests[$at]->reading->has('volts') => 0.011,
                    $read[$at]->reading->number('volts') < 90.0 => 0.001,
                    default => 0.0055,
                }),
                "{$true->id}: " . json_encode($tests[$at]),
            );
        }
        $other = $steady[($number * 7 + 11) % count($steady)];
        $pairs += $other === $true ? 0 : 1;
        $better += array_sum($mine) >= array_sum($logs($other, $read)) - 1e-9 ? 1 : 0;
    }
    expect($wrong)->toBe([])->and(count($steady))->toBeGreaterThan(60)->and($better / $pairs)->toBeGreaterThan(0.9);
});
