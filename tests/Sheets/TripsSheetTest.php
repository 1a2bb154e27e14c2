<?php

declare(strict_types=1);

use Bouclier\Core\Diagnose\Diagnosis;
use Bouclier\Core\Diagnose\Priors;
use Bouclier\Core\Exchange\CallReader;
use Bouclier\Core\House\House;
use Bouclier\Core\Live\Asker;
use Bouclier\Sheets\TripsSheet;
use Tests\Core\Build;

const CALLED_AT = '2026-11-25T10:00:00Z';

function called(array $more = []): House
{
    return Build::house($more + [
        'circuits' => [Build::circuit('c1', ['slot' => '7', 'label' => 'Bath'])],
        'points' => [
            Build::point('g', ['device' => 'gfci', 'circuit' => 'c1']), Build::point('p', ['circuit' => 'c1']),
            Build::point('q', ['circuit' => 'c1', 'exposure' => 'wet']),
        ],
        'cables' => [Build::cable('c1', 'g'), Build::cable('g', 'p', 'load'), Build::cable('p', 'q')],
        'appliances' => [['id' => 'iron', 'name' => 'Steam iron', 'at' => 'p', 'watts' => 1500, 'class' => 'heating_element']],
        'symptom' => [
            'kind' => 'trips', 'at' => 'g', 'when' => 'with_load', 'running' => ['iron'], 'words' => 'Always on ironing day',
            'answers' => ['water' => 'Yes'], 'at_time' => CALLED_AT, 'who' => 'Ada',
        ],
    ]);
}

function tripsOf(House $house, ?Asker $by = null): array
{
    return TripsSheet::of($house, Priors::standard(), $by ?? new Asker('2026-11-25T11:00:00Z', 'Ada'));
}

/** A test of the call as the file has it. */
function done(array $action, array $reading, array $more = []): array
{
    return $more + ['action' => $action, 'reading' => (object) $reading];
}

it('names what may trip before the last step, where the call names an outlet', function (): void {
    $early = function (array $tests): array {
        $dead = ['kind' => 'dead', 'at' => 'p', 'when' => 'unknown', 'running' => []];
        $state = tripsOf(called(['symptom' => $dead, 'tests' => $tests]))['state'];

        return array_merge(...array_column(array_filter([$state['next'], ...$state['alternatives']]), 'early'));
    };
    $moved = array_filter($early([]), fn(array $one): bool => str_ends_with($one['label'], 'move the steam iron to X-g'));
    expect(array_column($moved, 'tripped', 'label'))->toBe([
        'X-g tripped at step 1: move the steam iron to X-g' => 'g',
        'Breaker 7 Bath tripped at step 1: move the steam iron to X-g' => 'c1',
    ]);
    // What is reset is what comes out again.
    $pressed = ['tripped' => ['g'], 'dead' => ['g', 'p', 'q']];
    $reset = $early([done(['do' => 'press_test', 'at' => ['point' => 'g']], $pressed)]);
    expect(array_unique(array_column($reset, 'tripped', 'label')))->toBe(['X-g tripped at step 1: reset X-g' => 'g']);
});

it('says the same of a diagnosis that was put away and taken out again', function (): void {
    $house = called();
    $diagnosis = CallReader::standing($house)?->diagnose();
    $kept = unserialize(serialize($diagnosis));
    expect($kept)->toBeInstanceOf(Diagnosis::class)
        ->and(TripsSheet::of($house, Priors::standard(), new Asker('2026-11-25T11:00:00Z', 'Ada'), $kept))->toEqual(tripsOf($house));
});

it('says the call as it was told, with what was answered to it', function (): void {
    $call = tripsOf(called())['call'];
    expect($call)->toMatchArray([
        'kind' => 'trips', 'place' => 'X-g', 'when' => 'with_load', 'running' => ['iron'], 'words' => 'Always on ironing day',
        'startedAt' => CALLED_AT, 'who' => 'Ada',
    ])->and(json_encode($call['answers']))->toBe('{"water":"Yes"}')->and($call['runningNames'][0])->toContain('team iron');
});

it('keeps a call to what it is about though something that ran was taken out, and knows when all of it is gone', function (): void {
    $without = called(['appliances' => []]);
    $gone = Build::house(['symptom' => ['kind' => 'trips', 'at' => 'g']]);
    expect(tripsOf($without)['call']['runningNames'])->toBe(['one that was taken out since'])
        ->and(tripsOf($gone))->toMatchArray(['gone' => true, 'call' => null, 'state' => null])
        ->and(tripsOf(Build::house()))->toMatchArray(['gone' => false, 'call' => null, 'state' => null]);
});

it('names suspects once, be they there always or now and then, and all others together make up one', function (): void {
    $state = tripsOf(called())['state'];
    $sum = array_sum(array_column($state['suspects'], 'probability')) + $state['others'];
    expect(array_unique(array_column($state['suspects'], 'name')))->toHaveCount(count($state['suspects']))
        ->and($sum)->toEqualWithDelta(1.0, 1e-6)
        ->and($state['suspects'][0]['name'])->toContain('team iron')->and($state['suspects'][0]['point'])->toBe('p')
        ->and($state['settled'])->toBeFalse()->and($state['closing'])->toBeNull();
});

it('deals a next test that can be done as it stands, with an answer for each thing it may show', function (): void {
    $card = tripsOf(called())['state']['next'];
    expect($card['steps'])->not->toBe([])->and($card['actions'])->not->toBe([])->and($card['minutes'])->toBeGreaterThan(0.0)
        ->and($card['expected'])->not->toBe([])
        ->and(array_sum(array_column($card['expected'], 'chance')))->toBeLessThanOrEqual(1.0 + 1e-9)
        ->and($card['ready'])->toBe($card['hands'] === null);
    foreach ($card['choices'] as $choice) {
        expect($choice['label'])->toMatch('/^\S/')->and($choice['chance'])->toBeGreaterThanOrEqual(0.0);
    }
});

it('lets no hand into a box before it is proved dead, and says so on the card', function (): void {
    $able = ['inspect', 'breaker', 'unplug_all'];
    $cannot = array_values(array_diff(Bouclier\Core\Actions\Kinds::names(), $able));
    $state = tripsOf(called(['cannot' => $cannot]))['state'];
    $opening = array_filter([$state['next'], ...$state['alternatives']], fn(?array $card): bool => $card !== null && $card['opens']);
    expect($opening)->not->toBe([]);
    foreach ($opening as $card) {
        expect($card['ready'])->toBeFalse()->and($card['hands'])->not->toBe('')->and($card['box'])->not->toBeNull();
    }
    expect(array_column($state['cannot'], 'what'))->toBe($cannot);
});

it('counts facts that name something gone no more, and keeps the numbers of those that stand', function (): void {
    $state = tripsOf(called(['tests' => [
        done(['do' => 'unplug', 'appliance' => 'kettle'], ['tripped' => []], ['id' => 't1']),
        done(
            ['do' => 'unplug', 'appliance' => 'iron'],
            ['tripped' => []],
            ['id' => 't2', 'who' => 'Bo', 'at_time' => '2026-11-25T10:05:00Z'],
        ),
    ]]))['state'];
    expect(array_column($state['facts'], 'stands', 'id'))->toBe(['t1' => false, 't2' => true])
        ->and($state['facts'][1])->toMatchArray(['who' => 'Bo', 'at' => '2026-11-25T10:05:00Z'])
        ->and($state['facts'][1]['done'])->toContain('team iron');
});

it('takes what was read elsewhere since the call for a fact that is not its own', function (): void {
    $state = tripsOf(called(['records' => ['readings' => [
        ['id' => 'r', 'point' => 'q', 'at_time' => '2026-11-25T10:30:00Z', 'lamps' => ['hn' => false, 'hg' => false, 'ng' => false]],
    ]]]))['state'];
    expect($state['facts'])->toHaveCount(1)->and($state['facts'][0]['id'])->toBeNull();
});

it('comes nearer to the one that trips it where another does not', function (): void {
    $reset = done(['do' => 'reset', 'at' => ['point' => 'g']], ['holds' => true, 'tripped' => [], 'no_power' => false]);
    $steps = [
        done(['do' => 'unplug_all', 'circuit' => 'c1'], ['tripped' => []]), $reset,
        done(['do' => 'plug', 'appliance' => 'lamp'], ['tripped' => []]),
        done(['do' => 'switch_on', 'appliance' => 'lamp'], ['tripped' => []]),
        done(['do' => 'plug', 'appliance' => 'iron'], ['tripped' => []]),
        done(['do' => 'switch_on', 'appliance' => 'iron'], ['tripped' => ['g']]),
    ];
    $iron = ['id' => 'iron', 'name' => 'Steam iron', 'at' => 'p', 'watts' => 1500, 'class' => 'heating_element'];
    $both = ['appliances' => [$iron, ['id' => 'lamp', 'name' => 'Lamp', 'at' => 'q', 'watts' => 300]]];
    $chance = fn(array $tests): float => tripsOf(called([...$both, 'tests' => $tests]))['state']['suspects'][0]['probability'];
    $suspect = tripsOf(called([...$both, 'tests' => $steps]))['state']['suspects'][0];
    expect($suspect['name'])->toContain('team iron')->and($suspect['for'])->not->toBe([])
        ->and($chance($steps))->toBeGreaterThan($chance([]));
});

it('says that wiring is assumed, and of which outlets', function (): void {
    expect(tripsOf(called(['cables' => []]))['state']['assumed'])->toBe('X-g, X-p, X-q')
        ->and(tripsOf(called())['state']['assumed'])->toBeNull();
});

it('lists the calls of before, the last one first', function (): void {
    $closed = fn(string $at, ?string $cause): array => [
        'symptom' => ['kind' => 'dead', 'at' => 'p'], 'at_time' => $at, 'settled' => $cause !== null, 'text' => 'Paid',
        ...($cause === null ? [] : ['cause' => $cause]),
    ];
    $earlier = tripsOf(called(['records' => ['calls' => [
        $closed('2025-01-01T10:00:00Z', null), $closed('2025-06-01T10:00:00Z', 'A loose neutral'),
    ]]]))['earlier'];
    expect($earlier[0])->toMatchArray(['symptom' => 'dead', 'cause' => 'A loose neutral', 'settled' => true, 'note' => 'Paid'])
        ->and($earlier[1])->toMatchArray(['cause' => null, 'settled' => false]);
});

it('asks on the phone what is not told yet', function (): void {
    expect(array_column(tripsOf(called())['questions'], 'id'))->not->toContain('running')
        ->and(array_column(tripsOf(Build::house())['questions'], 'id'))->toContain('running', 'when');
});

it('speaks of runs that are assumed by their outlets, and takes an outlet nobody has put on a breaker to be fed', function (): void {
    $house = Build::house([
        'circuits' => [Build::circuit('c1', ['label' => 'Hall'])],
        'points' => [Build::point('g', ['device' => 'gfci']), Build::point('p')],
        'symptom' => ['kind' => 'dead', 'at' => 'p', 'when' => 'unknown'],
    ]);
    $state = TripsSheet::of($house, Priors::standard(), new Asker('2026-03-02T10:00:00Z', 'Ada'))['state'];
    $names = array_column($state['suspects'], 'name');
    expect($names[0])->toContain('is tripped')
        ->and(implode(' ', $names))->not->toContain('assumed')
        ->and($state['assumed'])->toContain('X-p');
});
