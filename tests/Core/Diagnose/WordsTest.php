<?php

declare(strict_types=1);

use Bouclier\Core\Actions\Action;
use Bouclier\Core\Actions\Breaker;
use Bouclier\Core\Actions\Inspect;
use Bouclier\Core\Actions\Move;
use Bouclier\Core\Actions\Reset;
use Bouclier\Core\Diagnose\BoxesPowered;
use Bouclier\Core\Diagnose\Explains;
use Bouclier\Core\Diagnose\Foresight;
use Bouclier\Core\Diagnose\Hypotheses;
use Bouclier\Core\Diagnose\Hypothesis;
use Bouclier\Core\Diagnose\Pricing;
use Bouclier\Core\Diagnose\Priors;
use Bouclier\Core\Diagnose\Proposal;
use Bouclier\Core\Diagnose\Symptom;
use Bouclier\Core\Diagnose\Test;
use Bouclier\Core\Diagnose\Words\CauseWords;
use Bouclier\Core\Diagnose\Words\PriorWords;
use Bouclier\Core\Diagnose\Words\StepWords;
use Bouclier\Core\Exchange\CallReader;
use Bouclier\Core\Feed\FeedMap;
use Bouclier\Core\House\BoxState;
use Bouclier\Core\House\Cable;
use Bouclier\Core\House\House;
use Bouclier\Core\House\Places;
use Bouclier\Core\House\Spot;
use Bouclier\Core\Live\LiveState;
use Bouclier\Core\Live\OpenBoxes;
use Bouclier\Core\Network\Condition;
use Tests\Core\Build;

function spokenHouse(array $more = []): House
{
    return Build::house($more + [
        'circuits' => [
            Build::circuit('c1', ['slot' => '7', 'label' => 'Workshop', 'breaker' => 'afci']),
            Build::circuit('c2', ['slot' => '9', 'label' => 'Hall']),
        ],
        'points' => [
            Build::point('g', ['device' => 'gfci', 'code' => 'W1-01']),
            Build::point('p', ['code' => 'W1-02']),
            Build::point('r', ['device' => 'gfci', 'code' => 'H1-01']),
        ],
        'cables' => [
            Build::cable('c1', 'g', more: ['id' => 'w1', 'length_ft' => 40]),
            Build::cable('g', 'p', 'load', more: ['id' => 'w2', 'length_ft' => 20]),
            Build::cable('c2', 'r', more: ['id' => 'w3', 'length_ft' => 30]),
        ],
        'appliances' => [['id' => 'lamp', 'name' => 'Lamp', 'at' => 'p', 'watts' => 60, 'extension' => true]],
        'symptom' => ['kind' => 'trips', 'at' => 'g', 'when' => 'random'],
    ]);
}

/** @return list<Hypothesis> */
function everyCause(House $house): array
{
    $wrong = [];
    $symptom = Symptom::of($house, $wrong);
    assert($symptom !== null);

    return Hypotheses::of(new Foresight($house, new FeedMap($house)), $symptom, Priors::standard());
}

it('calls each cause by a name of its own, in codes and slots, never in ids', function (): void {
    $words = new CauseWords(new Places(spokenHouse()));
    $names = array_map($words->name(...), everyCause(spokenHouse()));
    expect(array_unique($names))->toHaveCount(count($names))

            ->and($names)
            ->toContain(
                'The lamp leaks to ground',
                'The cord set of the lamp leaks to ground, now and then',
                'Neutral touches ground in the box of W1-02',
                'Hot open at the panel, towards W1-01',
                'LINE and LOAD swapped at W1-01',
                'W1-02 uses the neutral of H1-01',
                'Breaker 7 Workshop has failed',
            );
    foreach ($names as $name) {
        expect($name)->not->toMatch('/\b(w1|w2|c1|c2)\b/');
    }
});

it('does not have a ground remade that was never there', function (): void {
    $house = spokenHouse();
    $bare = $house->with(
        cables: array_map(fn(Cable $cable): Cable => $cable->id === 'w2' ? $cable->with(ground: false) : $cable, $house->cables),
    );
    $cause = array_values(array_filter(everyCause($bare), fn(Hypothesis $cause): bool => $cause->id === 'open:w2:ground'))[0];
    expect((new CauseWords(new Places($bare)))->name($cause))->toBe('No ground in the cable to W1-02')
        ->and((new CauseWords(new Places($bare)))->repair($cause)[1])->toContain('406.4(D)(2), NEC 2023')->not->toContain('joint')
        ->and((new CauseWords(new Places($house)))->repair($cause)[1])->toContain('joint');
});

it('has a word for every line of the table of how often causes are met', function (): void {
    $words = array_map(PriorWords::of(...), array_keys(Priors::table()));
    expect(array_unique($words))->toHaveCount(count($words))->and(implode(' ', $words))->not->toContain('_');
});

it('has a repair, a proof and a letter for every cause, and sends no householder into a box', function (): void {
    $words = new CauseWords(new Places(spokenHouse()));
    foreach (everyCause(spokenHouse()) as $cause) {
        expect($words->repair($cause))->not->toBeEmpty($cause->id)->and($words->proof($cause))->not->toBeEmpty($cause->id)
            ->and($words->letter($cause))->not->toMatch('/screw|open the|terminal|breaker off/i');
        if (
            $cause->explains === Explains::Fault
            && ! in_array($cause->at->appliance ?? $cause->at->cord, ['lamp'], true)
            && $cause->at->circuit === null
        ) {
            expect(implode(' ', $words->repair($cause)))->toContain('dead');
        }
    }
});

it('says how every test is done: proved dead before hands go in, and what to wear where it is live', function (): void {
    $house = spokenHouse();
    $wrong = [];
    $symptom = Symptom::of($house, $wrong);
    assert($symptom !== null);
    $foresight = new Foresight($house, new FeedMap($house));
    $places = new Places($house);
    $steps = new StepWords($places, new BoxesPowered($house, new LiveState($house, new FeedMap($house))));
    $proposals = Pricing::of($foresight, $symptom, Condition::of($house))->proposals();
    expect(count($proposals))->toBeGreaterThan(40);
    $moves = [];
    // Two that differ read differently, in their title and in their steps.
    expect(array_unique(array_map($steps->title(...), $proposals)))->toHaveCount(count($proposals))

            ->and(array_unique(array_map(fn(Proposal $one): string => implode(' ', $steps->steps($one)), $proposals)))
            ->toHaveCount(count($proposals));
    foreach ($proposals as $proposal) {
        $said = implode(' ', $steps->steps($proposal));
        expect($steps->title($proposal))->not->toBe('')->and($steps->live($proposal) !== null)->toBe($proposal->isLive);
        if (
            in_array($proposal->last()::name(), ['inspect', 'tighten', 'lift', 'insulation', 'swap_device'], true)
            && $proposal->last()->at->appliance === null
        ) {
            expect($said)->toMatch('/prove.*dead/i');
        }
        foreach ($proposal->last() instanceof Move ? [$proposal->last()] : [] as $move) {
            // Whether the other outlet hangs on the same device is said as it is.
            expect($steps->why($proposal))->toContain($move->to() === 'r' ? 'is on another device' : 'is on the same device');
            $moves[$move->to()] = true;
        }
        if ($proposal->isLive) {
            expect($steps->live($proposal))->toContain('gloves');
        }
    }
    expect(array_keys($moves))->toContain('r', 'g');
});

it('puts what was read into words', function (array $action, array $reading, string $said): void {
    $house = spokenHouse(['tests' => [['action' => $action, 'reading' => (object) $reading]]]);
    $wrong = [];
    $test = Test::of($house, $wrong)[0];
    expect($wrong)->toBe([])->and($test->spoken(new Places($house)))->toBe($said);
})->with([
    [['do' => 'reset', 'at' => ['point' => 'g']], ['holds' => false, 'tripped' => ['g']], 'Reset W1-01: W1-01 tripped'],
    [['do' => 'reset', 'at' => ['point' => 'g']], ['holds' => false, 'tripped' => [], 'no_power' => true], 'Reset W1-01: no power'],
    [['do' => 'reset', 'at' => ['point' => 'g']], ['holds' => false, 'tripped' => []], 'Reset W1-01: it would not stay in'],
    [['do' => 'tester', 'at' => ['point' => 'p']], ['hn' => true, 'hg' => true, 'ng' => false], 'Tester in W1-02: "correct"'],
    [
        ['do' => 'tester', 'at' => ['point' => 'p']],
        ['hn' => true, 'hg' => false, 'ng' => true],
        'Tester in W1-02: lit hot to neutral and neutral to ground',
    ],
    [
        ['do' => 'insulation', 'cable' => 'w2'],
        ['hg_ohms' => 12000, 'ng_ohms' => null],
        'Measure the insulation of the cable to W1-02: hot to ground 12 kohm',
    ],
    [
        ['do' => 'insulation', 'cable' => 'w2'],
        ['hg_ohms' => null, 'ng_ohms' => null],
        'Measure the insulation of the cable to W1-02: over range, sound',
    ],
    [
        ['do' => 'inspect', 'at' => ['point' => 'p']],
        ['seen' => ['wet', 'ground_on_neutral']],
        'Look into the box of W1-02: wet, ground on a neutral',
    ],
    [['do' => 'walk'], ['dead' => ['p'], 'live' => ['g']], 'Walk round: what is dead: W1-02 dead'],
    [['do' => 'trial', 'at' => ['point' => 'g'], 'days' => 7], ['trips' => 1], 'Leave it in use for 7 days: it tripped 1 time'],
    [['do' => 'move', 'appliance' => 'lamp', 'to' => 'r'], ['tripped' => ['r']], 'Move the lamp to H1-01: H1-01 tripped'],
    [['do' => 'breaker', 'circuit' => 'c1', 'on' => false], ['tripped' => []], 'Turn breaker 7 Workshop off: done'],
]);

it('says every thing a test does, in its order, with the boxes to be made up between', function (): void {
    $house = spokenHouse();
    $places = new Places($house);
    $say = fn(House $house): StepWords => new StepWords(
        new Places($house),
        new BoxesPowered($house, new LiveState($house, new FeedMap($house))),
    );
    $powered = fn(House $house): BoxesPowered => new BoxesPowered($house, new LiveState($house, new FeedMap($house)));
    $on = new Breaker(new Spot(circuit: 'c1'), true);
    $reset = new Reset(new Spot(point: 'g'));
    $off = new Breaker(new Spot(circuit: 'c1'), false);
    $proposal = fn(Action ...$actions): Proposal => new Proposal(
        $actions,
        array_fill(0, count($actions), 1.0),
        3.0,
        0.0,
        false,
        array_fill(0, count($actions), false),
    );
    expect($say($house)->title($proposal($on, $reset, $off)))->toBe('Turn breaker 7 Workshop on, reset W1-01, turn breaker 7 Workshop off')

            ->and($say($house)->steps($proposal($on, $reset, $off)))
            ->toBe(['Turn breaker 7 Workshop on.', 'Reset W1-01.', 'Turn breaker 7 Workshop off.'])
        ->and($say($house)->live($proposal($on, $reset)))->toBeNull();
    $box = fn(BoxState $state): House => OpenBoxes::noted($house, $house->point('p'), $state, 'Ada', '2026-03-02T09:40:00Z');
    expect(
        $say($box(BoxState::Opened))->steps($proposal($on, $reset)),
    )->toBe(['Make up the box of W1-02 first: every conductor landed or capped, folded in.', 'Turn breaker 7 Workshop on.', 'Reset W1-01.'])
        ->and($powered($box(BoxState::Opened))->barredBy($proposal($on)))->toBeNull()
        ->and($powered($box(BoxState::Apart))->barredBy($proposal($on, $reset))?->point->id)->toBe('p')
        ->and($powered($box(BoxState::Apart))->barredBy($proposal($off)))->toBeNull()

            ->and($say($box(BoxState::Capped))->steps($proposal($on))[0])
            ->toBe('The box of W1-02 is open, every conductor capped: keep hands out of it.')
        ->and($say($box(BoxState::Capped))->live($proposal($on)))->toContain('Power comes to a box that is open')
        ->and($say($box(BoxState::MadeUp))->live($proposal($on)))->toBeNull()
        // A box on another breaker is none of its business.
        ->and($powered($box(BoxState::Apart))->barredBy($proposal(new Breaker(new Spot(circuit: 'c2'), true))))->toBeNull();
    // One that is opened within the test itself is made up before the next reset.
    $look = new Inspect(new Spot(point: 'p'));
    expect(implode(' ', $say($house)->steps($proposal($look, $reset))))->toContain('Make up the box of W1-02 first');
});

it('corrects a belief where it arises: a tester that says correct, a device that will not reset', function (): void {
    $diagnosis = CallReader::of($house = spokenHouse(['symptom' => ['kind' => 'trips', 'at' => 'g', 'when' => 'at_once'], 'tests' => [
        ['action' => ['do' => 'tester', 'at' => ['point' => 'p']], 'reading' => ['hn' => true, 'hg' => true, 'ng' => false]],
        ['action' => ['do' => 'reset', 'at' => ['point' => 'g']], 'reading' => ['holds' => false, 'tripped' => ['g']]],
    ]]))->diagnose();
    $wrong = [];
    $symptom = Symptom::of($house, $wrong);
    assert($symptom !== null);
    $said = implode(' ', Bouclier\Core\Diagnose\Words\Corrections::of($symptom, Test::of($house, $wrong), $diagnosis->causes));
    expect($said)->toContain('The tester says "correct", and that is no proof')->toContain('that is not yet a bad device');
});
