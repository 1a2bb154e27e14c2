<?php

declare(strict_types=1);

use Bouclier\Core\Actions\Action;
use Bouclier\Core\Actions\Lift;
use Bouclier\Core\Actions\Move;
use Bouclier\Core\Actions\Plug;
use Bouclier\Core\Actions\Trial;
use Bouclier\Core\Actions\Unplug;
use Bouclier\Core\Actions\UnplugAll;
use Bouclier\Core\Actions\WithoutCord;
use Bouclier\Core\Diagnose\HouseholderAnswers;
use Bouclier\Core\Diagnose\Words\TrialWords;
use Bouclier\Core\House\House;
use Bouclier\Core\House\Spot;
use Tests\Core\Build;

function trialHouse(): House
{
    return Build::house([
        'circuits' => [Build::circuit('c1', ['breaker' => 'gfci']), Build::circuit('c2')],
        'points' => [
            Build::point('g', ['device' => 'gfci', 'name' => 'Window counter']), Build::point(
                'p',
                ['serves' => 'refrigerator', 'name' => 'Tall niche'],
            ),
            Build::point('s', ['serves' => 'sump_pump', 'name' => 'Pit']), Build::point('r', ['device' => 'gfci', 'name' => 'Far wall']),
        ],
        'cables' => [Build::cable('c1', 'g'), Build::cable('g', 'p', 'load'), Build::cable('p', 's'), Build::cable('c2', 'r')],
        'appliances' => [
            ['id' => 'fridge', 'name' => 'Refrigerator', 'at' => 'p', 'critical' => true], [
                'id' => 'kettle',
                'name' => 'Water kettle',
                'at' => 'g',
                'extension' => true,
            ],
            ['id' => 'pump', 'name' => 'Sump pump', 'at' => 's'], ['id' => 'lamp', 'name' => 'Lamp', 'at' => 'r', 'critical' => true],
        ],
    ]);
}

/** @param list<Action> $before */
function trialOf(array $before, array $done = [], string $at = 'g'): TrialWords
{
    $where = $at[0] === 'c' ? new Spot(circuit: $at) : new Spot(point: $at);

    return new TrialWords(trialHouse(), $done, [...$before, new Trial($where, 5)]);
}

/** @param class-string<Action> $kind */
function doing(string $kind, string $appliance, string ...$to): Action
{
    return new $kind(new Spot(appliance: $appliance), ...$to);
}

it('says what to leave how, by its name, and what not to do', function (array $before, array $done, array $asks, string $not): void {
    $page = trialOf($before, $done)->page();
    expect($page['asks'])->toBe($asks)->and(implode(' ', $page['not']))->toContain($not)->and($page['days'])->toBe(5)
        ->and($page['where'])->toContain('room a, “Window counter”')->and($page['reset'])->toBeTrue()
        ->and(implode(' ', [...$page['asks'], ...$page['not'], ...$page['stakes']]))->not->toMatch('/\b(open the|panel|screw|box)\b/i');
})->with([
    'as it is' => [[], [], ['Use everything as you always do.'], 'Do not press TEST'],
    'one thing out' => [
        [doing(Unplug::class, 'fridge')],
        [],
        ['Leave unplugged: the refrigerator.', 'Use everything else as you always do.'],
        'Do not plug the refrigerator in again on those outlets',
    ],
    'out since before' => [
        [],
        [doing(Unplug::class, 'fridge')],
        ['Leave unplugged: the refrigerator.', 'Use everything else as you always do.'],
        'Do not plug the refrigerator in again',
    ],
    'out, and in again' => [
        [],
        [doing(Unplug::class, 'fridge'), doing(Plug::class, 'fridge')],
        ['Use everything as you always do.'],
        'Do not press TEST',
    ],
    'everything out' => [
        [new UnplugAll(new Spot(circuit: 'c1'))],
        [],
        ['Leave unplugged: the refrigerator, the water kettle, the sump pump.', 'Use everything else as you always do.'],
        'the refrigerator or the water kettle or the sump pump',
    ],
    'moved' => [
        [doing(Move::class, 'kettle', 'r')],
        [],
        ['Leave the water kettle plugged in at room a, “Far wall”. Use it there as always.', 'Use everything else as you always do.'],
        'Do not plug back what was moved.',
    ],
    'without its cord set' => [
        [doing(WithoutCord::class, 'kettle')],
        [],
        ['Leave the water kettle plugged straight into the wall, without the extension cord.', 'Use everything else as you always do.'],
        'Do not press TEST',
    ],
    'wiring changed' => [
        [new Lift('p', 'w', false)],
        [],
        ['Some outlets have no power meanwhile: the electrician showed you which.', 'Use everything else as you always do.'],
        'Do not press TEST',
    ],
]);

it('says what spoils or floods, and moves only what is out for the trial', function (): void {
    $as = trialOf([])->stakes();
    expect(array_column($as, 'appliance'))->toBe(['fridge', 'pump'])
        ->and($as[0]['text'])->toStartWith('When it trips, the refrigerator is off too')
        ->and($as[0]['move'])->toBeNull()
        ->and($as[1]['text'])->toContain('the pit fills');
    $out = trialOf([doing(Unplug::class, 'fridge')])->stakes();
    expect($out[0]['text'])->toStartWith('The refrigerator is off all that time. Food keeps for some hours')
        ->and($out[0]['move'])->toBe(['point' => 'r', 'spoken' => 'room a, “Far wall”']);
    expect(array_column(trialOf([doing(Move::class, 'fridge', 'r')])->stakes(), 'appliance'))->toBe(['pump']);
});

it('asks nobody to reset a breaker', function (): void {
    expect(trialOf([], at: 'c1')->page())->toMatchArray(['reset' => false, 'where' => 'the breaker the electrician showed you']);
});

it('says what a trial is worth before its end', function (int $noted, int $trips, string $worth): void {
    expect(HouseholderAnswers::worth(10, $noted, $trips))->toContain($worth);
})->with([
    [0, 0, 'worth nothing so far'],
    [
        3,
        0,
        '3 of 10 days noted, no trip. Taken in now it counts as that many days: what comes and goes stays hidden that long in about '
            . '32 of 100 houses.',
    ],
    [10, 0, '10 of 10 days noted, no trip. What comes and goes'],
    [4, 1, '4 of 10 days noted, 1 with a trip. A trip says what it says'],
]);
