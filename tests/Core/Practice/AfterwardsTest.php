<?php

declare(strict_types=1);

use Bouclier\Core\Exchange\Body;
use Bouclier\Core\Practice\Beliefs\WrongBelief;
use Bouclier\Core\Practice\Cases;
use Bouclier\Core\Practice\CausesThere;
use Bouclier\Core\Practice\DeedReader;
use Bouclier\Core\Practice\Difficulty;
use Bouclier\Core\Practice\Ended;
use Bouclier\Core\Practice\Parting;
use Bouclier\Core\Practice\Road;
use Bouclier\Core\Practice\RoadStep;
use Bouclier\Core\Practice\Visit;
use Tests\Core\Practice\Strategy;

const RESET_K1 = ['do' => 'reset', 'at' => ['point' => 'k1']];
const OFF_C1 = ['do' => 'breaker', 'circuit' => 'c1', 'on' => false];
const UNPLUG_C1 = ['do' => 'unplug_all', 'circuit' => 'c1'];

function ended(string $name, array $said, ?string $named = null): Ended
{
    $case = Cases::named($name);
    $deeds = DeedReader::read($case, Body::of(json_decode(json_encode(['deeds' => $said]))));

    return new Ended(Visit::of($case, $deeds), CausesThere::named($case, $named));
}

/** @return list<string> the first words of each belief that showed */
function believed(string $name, array $said, ?string $named = null): array
{
    $first = fn(string $one): string => implode(' ', array_slice(explode(' ', $one), 0, 4));

    return array_map($first, WrongBelief::in(ended($name, $said, $named)));
}

it('takes the best road for no worse than itself', function (string $name): void {
    $best = Road::best(Cases::named($name));
    $again = Road::gone($best->visit);
    expect(Parting::of($again))->toBeNull()->and($again->minutes())->toBe($best->minutes())
        ->and(Road::bits($again->end()))->toBe(Road::bits($best->end()));
})->with(['written-no-click-at-the-basin', 'written-the-orange-cord']);

it('names the first step that was not the best, what that could have told, and what would have told more', function (): void {
    $gone = Road::gone(ended('written-no-click-in-the-garage', [
        ['do' => 'switch_on', 'appliance' => 'a1'], ['do' => 'wiggle', 'at' => ['appliance' => 'a1']],
    ])->visit);
    $parting = Parting::of($gone);
    expect($parting?->step)->toBe(0)->and($parting->couldTell())->toBeLessThan($parting->better->gainBits)
        ->and(count($parting->known->causes))->toBeGreaterThan(1);
});

it('counts what a step told in bits, and nothing for what is no test', function (): void {
    $road = Road::gone(ended('written-correct-everywhere', [
        RESET_K1, ['do' => 'breaker', 'circuit' => 'c1', 'on' => false], ['do' => 'read_dead', 'point' => 'k4'],
        ['do' => 'open_box', 'point' => 'k4'], ['do' => 'inspect', 'at' => ['point' => 'k4']],
    ])->visit);
    expect($road->steps[2]->bits)->toBeNull()->and($road->steps[3]->bits)->toBeNull()
        ->and($road->steps[4]->bits)->toBeGreaterThan(0.5)
        ->and($road->boxes())->toBe(['k4'])
        ->and(array_sum(array_map(fn(RoadStep $step): float => $step->bits ?? 0.0, $road->steps)))
        ->toEqualWithDelta(Road::bits($road->known[0]) - Road::bits($road->end()), 1e-9);
});

it('finds what was believed and is not so', function (string $name, array $said, ?string $named, array $believed): void {
    expect(believed($name, $said, $named))->toBe($believed);
})->with([
    'the device first' => [
        'written-behind-the-sink',
        [
            UNPLUG_C1, OFF_C1, ['do' => 'read_dead', 'point' => 'k1'], ['do' => 'open_box', 'point' => 'k1'],
            ['do' => 'swap_device', 'at' => ['point' => 'k1']],
        ],
        'weak_device:k1', ['Replaced the device first.'],
    ],
    'it held' => ['written-only-when-it-rains', [['do' => 'reset', 'at' => ['circuit' => 'c1']]], null, []],
    'correct' => [
        'written-the-other-tester', [['do' => 'tester', 'at' => ['point' => 'p1']]], 'stuck_device:l1', ['A tester read "correct",'],
    ],
    'the neighbour' => [
        'written-behind-the-sink', [['do' => 'move', 'appliance' => 'a1', 'to' => 'k3']], 'leak:point:k3', ['An appliance was tried'],
    ],
    'boxes first' => [
        'written-behind-the-sink',
        [
            OFF_C1, ['do' => 'read_dead', 'point' => 'k3'], ['do' => 'open_box', 'point' => 'k3'],
        ],
        'leak:point:k3', ['A box was opened'],
    ],
    'again and again' => ['written-behind-the-sink', [RESET_K1, RESET_K1, RESET_K1], 'leak:point:k3', ['The same device was']],
    'nothing wrong' => ['written-behind-the-sink', [RESET_K1, ['do' => 'unplug_all', 'circuit' => 'c1'], RESET_K1], 'leak:point:k3', []],
]);

it('says so where it held once and that was taken for the end', function (): void {
    for ($try = 1; $try < 9; ++$try) {
        $said = array_fill(0, $try, ['do' => 'breaker', 'circuit' => 'c1', 'on' => true]);
        $visit = ended('written-only-when-it-rains', [...$said, ['do' => 'reset', 'at' => ['circuit' => 'c1']]], 'overload');
        $last = $visit->tests[count($visit->tests) - 1];
        $said = implode(' ', WrongBelief::in($visit));
        expect(str_contains($said, 'It reset and held'))
            ->toBe($last->reading->flag('holds') === true);
    }
});

it('is right only for what is hidden, and never for giving up', function (): void {
    expect(ended('written-behind-the-sink', [], 'leak:point:k3')->isRight())->toBeTrue()
        ->and(ended('written-behind-the-sink', [], 'leak:point:k2')->isRight())->toBeFalse()
        ->and(ended('written-behind-the-sink', [])->isRight())->toBeFalse();
});

it('counts the dangers that stopped it', function (): void {
    expect(ended('written-behind-the-sink', [['do' => 'open_box', 'point' => 'k1'], ['do' => 'open_box', 'point' => 'k2']])->dangers())
        ->toBe(['HandsNotProved', 'HandsNotProved']);
});

it('is harder the longer the cheapest road is, and the more looks alike', function (): void {
    $easy = Difficulty::of(Road::best(Cases::named('written-no-click-in-the-garage')));
    $hard = Difficulty::of(Road::best(Cases::named('written-behind-the-sink')));
    expect($easy->score())->toBeLessThan($hard->score())
        ->and($hard->lookAlikes)->toBeGreaterThan(1.0)
        ->and($easy->level()->value)->toBe('easy');
});

it('beats fixed ways of looking', function (string $name): void {
    $minutes = $best = 0.0;
    foreach (['open_ground.5.2', 'dead_device.5.1'] as $case) {
        $case = Cases::named($case);
        $minutes += Road::following($case, Strategy::named($name, $case))->minutes();
        $best += Road::best($case)->minutes();
    }
    expect($best)->toBeLessThanOrEqual(1.15 * $minutes);
})->with(Strategy::NAMES);

it('opens no box for an outlet that is live again, whatever may have tripped its device', function (string $name): void {
    $road = Road::best(Cases::named($name));
    expect($road->isRight())->toBeTrue()->and($road->boxes())->toBe([])->and($road->minutes())->toBeLessThan(10.0)
        // What may have tripped it counts with it, and is named beside it.
        ->and($road->end()->sure)->toBeGreaterThan(1.5 * $road->end()->causes[0]->probability);
})->with(['upstream_tripped.3.701', 'upstream_tripped.8.702', 'upstream_tripped.6.703', 'upstream_tripped.5.704']);
