<?php

declare(strict_types=1);

use Bouclier\Core\Actions\Action;
use Bouclier\Core\Actions\Instrument;
use Bouclier\Core\Actions\Kinds;
use Bouclier\Core\Actions\SaidOfAction;
use Bouclier\Core\Actions\Simulation;
use Bouclier\Core\House\House;
use Bouclier\Core\House\Places;
use Bouclier\Core\Network\Draws;
use Tests\Core\Build;

function kindsHouse(): House
{
    return Build::house([
        'circuits' => [Build::circuit('c1', ['slot' => '7', 'label' => 'Workshop'])],
        'points' => [Build::point('g', ['device' => 'gfci', 'code' => 'W1-01']), Build::point('p', ['code' => 'W1-02'])],
        'cables' => [Build::cable('c1', 'g', more: ['id' => 'w1']), Build::cable('g', 'p', 'load', more: ['id' => 'w2'])],
        'appliances' => [['id' => 'lamp', 'name' => 'Lamp', 'at' => 'p', 'watts' => 60, 'extension' => true]],
    ]);
}

/** @param class-string<Action> $kind */
function somewhere(string $kind, bool $on = true): Action
{
    $ids = ['point' => 'p', 'circuit' => 'c1', 'cable' => 'w2', 'appliance' => 'lamp'];
    $said = ['do' => $kind::name(), 'on' => $on, 'minutes' => 10, 'days' => 7];
    foreach ($kind::places() as $key => $allowed) {
        $said[$key] = $key === 'at' ? (object) [$allowed[0] => $ids[$allowed[0]]] : $ids[$allowed[0]];
    }

    return $kind::of(new SaidOfAction(Build::loose($said)[0]));
}

/** @return array<string, array{class-string<Action>}> */
function everyKind(): array
{
    return array_combine(Kinds::names(), array_map(fn(string $kind): array => [$kind], Kinds::ALL));
}

it('lists every kind there is, each by a name of its own', function (): void {
    $classes = [];
    foreach (glob(dirname(__DIR__, 3) . '/core/Actions/*.php') ?: [] as $file) {
        $class = 'Bouclier\\Core\\Actions\\' . basename($file, '.php');
        if (is_subclass_of($class, Action::class) && ! (new ReflectionClass($class))->isAbstract()) {
            $classes[] = $class;
        }
    }
    $listed = Kinds::ALL;
    sort($listed);
    expect($listed)->toBe($classes)->and(array_unique(Kinds::names()))->toHaveCount(count(Kinds::ALL))
        ->and(fn() => Kinds::named('juggle'))->toThrow(OutOfBoundsException::class);
});

it('reads back what it writes', function (string $kind): void {
    $action = somewhere($kind);
    $again = $kind::of(new SaidOfAction(Build::loose($action->said())[0]));
    expect($again)->toEqual($action)->and($again->text())->toBe($action->text())->and($again->isSame($action))->toBeTrue();
})->with(everyKind());

it('shows what it says it shows, and no more', function (string $kind): void {
    $reading = (new Simulation(kindsHouse(), [], Draws::exact()))->act(somewhere($kind))->toData();
    expect(array_diff(array_keys($reading), array_column($kind::reads(), 'key')))->toBe([])->and($reading)->not->toBe([]);
})->with(everyKind());

it('can be spoken of before, while and after it is done', function (string $kind): void {
    $places = new Places(kindsHouse());
    $action = somewhere($kind);
    $reading = (new Simulation(kindsHouse(), [], Draws::exact()))->act($action);
    expect($action->done($places))->toMatch('/^[A-Z]/')->not->toMatch('/\b(w2|c1)\b/')
        ->and($action->steps($places, true))->not->toBe([])
        ->and($action->spoken($places, $reading))->not->toBe('')
        ->and($action->spoken($places, new Bouclier\Core\Actions\Reading()))->toBeIn(['done', 'all live']);
    foreach ($action->offers($places, [], ['g']) as $offer) {
        expect(array_diff(array_keys($offer->reading), array_column($kind::reads(), 'key')))->toBe([]);
    }
})->with(everyKind());

it('knows what energises, so that what comes and goes is drawn anew', function (): void {
    $energising = fn(bool $on): array => array_map(
        fn(string $kind): string => $kind::name(),
        array_values(array_filter(Kinds::ALL, fn(string $kind): bool => somewhere($kind, $on)->energises())),
    );
    expect($energising(true))->toBe(
        ['breaker', 'reset', 'plug', 'switch_on', 'without_cord', 'with_cord', 'move', 'lift', 'swap_device', 'wait'],
    )
        ->and($energising(false))->toBe(['reset', 'plug', 'switch_on', 'without_cord', 'with_cord', 'move', 'lift', 'swap_device', 'wait']);
});

it('changes nothing with an instrument', function (string $kind): void {
    $house = kindsHouse();
    $simulation = new Simulation($house, [], Draws::exact());
    $before = serialize($simulation->condition);
    if (is_subclass_of($kind, Instrument::class)) {
        $simulation->act(somewhere($kind));
        expect(serialize($simulation->condition))->toBe($before)->and(somewhere($kind)->energises())->toBeFalse();
    } else {
        expect(somewhere($kind)->isLive())->toBeFalse();
    }
})->with(everyKind());
