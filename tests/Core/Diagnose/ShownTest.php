<?php

declare(strict_types=1);

use Bouclier\Core\CommandLine\CommandLine;
use Bouclier\Core\Diagnose\Foresight;
use Bouclier\Core\Diagnose\Hypotheses;
use Bouclier\Core\Diagnose\MeterReadings;
use Bouclier\Core\Diagnose\Priors;
use Bouclier\Core\Diagnose\ProposedOutcome;
use Bouclier\Core\Diagnose\Repair;
use Bouclier\Core\Diagnose\Shown;
use Bouclier\Core\Diagnose\Symptom;
use Bouclier\Core\House\Places;
use Bouclier\Core\Diagnose\Words\ShownWords;
use Bouclier\Core\Feed\FeedMap;
use Bouclier\Core\House\House;
use Bouclier\Core\Network\Action;
use Bouclier\Core\Network\ActionKind;
use Bouclier\Core\Network\Condition;
use Bouclier\Core\Network\Draws;
use Bouclier\Core\Network\Fault;
use Bouclier\Core\Network\FaultKind;
use Bouclier\Core\Network\Looks;
use Bouclier\Core\House\Spot;
use Tests\Core\Build;
use Tests\Core\Diagnose\HiddenFault;

function shownHouse(): House
{
    return Build::house([
        'circuits' => [Build::circuit('c1', ['slot' => '7', 'label' => 'Workshop'])],
        'points' => [Build::point('g', ['device' => 'gfci', 'code' => 'W1-01']), Build::point('p', ['code' => 'W1-02'])],
        'cables' => [Build::cable('c1', 'g', more: ['id' => 'w1', 'length_ft' => 40]), Build::cable('g', 'p', 'load', more: ['id' => 'w2', 'length_ft' => 20])],
        'appliances' => [['id' => 'lamp', 'name' => 'Lamp', 'at' => 'p', 'watts' => 900, 'on' => true, 'leakage' => ['resistive_ma' => 0.8, 'capacitive_ma' => 0.3]]],
        'symptom' => ['kind' => 'trips', 'at' => 'g', 'when' => 'random'],
    ]);
}

it('puts what a test may show into words', function (ActionKind $kind, string $shown, string $words): void {
    expect((new ShownWords(new Places(shownHouse())))->spoken(new Action($kind), $shown))->toBe($words);
})->with([
    [ActionKind::Reset, 'holds', 'it holds'], [ActionKind::SwapDevice, 'holds', 'it holds'], [ActionKind::Plug, 'holds', 'nothing trips'],
    [ActionKind::Lift, 'holds dead p', 'nothing trips'], [ActionKind::Plug, 'trips g', 'W1-01 trips'], [ActionKind::Plug, 'trips c1,g', 'breaker 7 Workshop and W1-01 trips'],
    [ActionKind::PressTest, 'trips dead g,p', 'it trips'], [ActionKind::Lift, 'trips g dead g,p', 'W1-01 trips'], [ActionKind::Reset, 'no_power', 'no power there'],
    [ActionKind::Reset, 'dead', 'it will not stay in'], [ActionKind::Walk, 'dead ', 'all live'], [ActionKind::Walk, 'dead g,p', '2 dead'], [ActionKind::Tester, 'lamps 110', '"correct"'],
    [ActionKind::Tester, 'lamps 100', 'another pattern'], [ActionKind::Volts, 'volts 30', 'about 120 V'], [ActionKind::Clamp, 'ma 0', 'about 0 mA'], [ActionKind::Clamp, 'ma 5', 'about 4.7 mA'],
    [ActionKind::Inspect, 'seen bare_copper', 'bare copper'], [ActionKind::Inspect, 'nothing', 'nothing to see'], [ActionKind::Indicator, 'nothing', 'nothing'], [ActionKind::Indicator, 'tripped', 'tripped'],
    [ActionKind::Tighten, 'moved', 'a screw moves'], [ActionKind::Tighten, 'firm', 'all firm'], [ActionKind::Trial, 'quiet', 'no trip in those days'],
    [ActionKind::Trial, 'every day', 'it trips every day'], [ActionKind::Trial, 'some days', 'it trips on some days'], [ActionKind::Insulation, 'hot leaks', 'hot leaks'], [ActionKind::Reset, 'other', 'other'],
]);

it('says which devices trip', function (string $shown, array $tripped): void {
    expect((new ProposedOutcome($shown, 1.0, null, 0.0))->tripped())->toBe($tripped);
})->with([['trips g', ['g']], ['trips g,c1', ['g', 'c1']], ['trips g dead p', ['g']], ['trips dead p', []], ['trips', []], ['holds', []], ['dead g', []], ['trips deadbolt', ['deadbolt']]]);

it('takes any text for an id', function (array $ids): void {
    expect(Shown::tripped(Shown::trips($ids)))->toBe($ids)->and(Shown::tripped(Shown::trips($ids) . ' ' . Shown::dead($ids)))->toBe($ids);
})->with([[['g 1', 'c,1']], [['dead']], [['%20', 'a%2Cb', '100%']], [['dead g', '']], [["\u{1F50C}", 'trips x']]]);

it('answers the same whatever its parts are called', function (string $kind): void {
    for ($seed = 1; ($hidden = HiddenFault::of($kind, $seed)) === null; ++$seed);
    $plain = Build::json($hidden->house + ['symptom' => $hidden->symptom]);
    $ids = array_merge(...array_map(fn(string $part): array => array_column($hidden->house[$part], 'id'), ['circuits', 'points', 'cables', 'appliances']));
    $odd = strtr($plain, array_combine(array_map(fn(string $id): string => "\"$id\"", $ids), array_map(fn(string $id): string => "\"q9, $id\"", $ids)));
    expect($odd)->not->toBe($plain);
    $answer = fn(string $json): string => (new CommandLine(fn(): string => $json))->run(['diagnose', 'house.json'])->output;
    expect(str_replace(['q9, ', 'q9%2C%20'], '', $answer($odd)))->toBe($answer($plain));
})->with(['leak appliance', 'open hot', 'neutral_ground point', 'weak_device', 'swap', 'dead_device', 'intermittent leak', 'overload']);

it('stands for what the meter shows by the steps it names', function (string $cable): void {
    $house = shownHouse();
    $foresight = new Foresight($house, new FeedMap($house));
    $grid = $foresight->build(Condition::of($house));
    $action = new Action(ActionKind::Clamp, new Spot(cable: $cable));
    $meant = 0.0;
    foreach ((new MeterReadings($foresight))->shows($grid, $action, []) as $shown => $chance) {
        $meant += $chance * MeterReadings::milliamperesShown((int) Shown::parts($shown)[1]);
    }
    expect($meant)->toEqualWithDelta($foresight->instruments->clamp($grid, $cable)['ma'], 0.1);
    $volts = new Action(ActionKind::Volts, new Spot(point: 'p'), between: 'hn');
    $meant = 0.0;
    foreach ((new MeterReadings($foresight))->shows($grid, $volts, []) as $shown => $chance) {
        $meant += $chance * MeterReadings::voltsShown((int) Shown::parts($shown)[1]);
    }
    expect($meant)->toEqualWithDelta($foresight->instruments->volts($grid, $volts), 1e-6);
})->with(['w1', 'w2']);

it('knows what energises, so that what comes and goes is drawn anew', function (): void {
    $energising = fn(bool $on): array => array_map(fn(ActionKind $kind): string => $kind->value, array_values(array_filter(ActionKind::cases(), fn(ActionKind $kind): bool => (new Action($kind, on: $on))->energises())));
    expect($energising(true))->toBe(['breaker', 'reset', 'plug', 'switch_on', 'without_cord', 'move', 'lift', 'swap_device', 'wait'])
        ->and($energising(false))->toBe(['reset', 'plug', 'switch_on', 'without_cord', 'move', 'lift', 'swap_device', 'wait']);
});

it('finds a fault at the end of its cable where it is', function (FaultKind $kind, bool $atFrom, bool $isNear): void {
    expect((new Fault($kind, new Spot(cable: 'w2', atFrom: $atFrom)))->isAtNearEnd())->toBe($isNear);
})->with([
    [FaultKind::Open, false, true], [FaultKind::HighResistance, false, true], [FaultKind::Land, true, true], [FaultKind::Land, false, false],
    [FaultKind::Leak, false, false], [FaultKind::NeutralGround, false, false], [FaultKind::Swap, false, false], [FaultKind::SeriesArc, false, false],
]);

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
            expect($shows && Repair::of($cause, $house) !== "box $box")->toBeFalse($cause->id);
        }
    }
    expect($seen)->toBeGreaterThan(10);
});
