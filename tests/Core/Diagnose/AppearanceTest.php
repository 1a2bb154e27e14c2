<?php

declare(strict_types=1);

use Bouclier\Core\Actions\ActionList;
use Bouclier\Core\Actions\Simulation;
use Bouclier\Core\Diagnose\Appearance;
use Bouclier\Core\Diagnose\Belief;
use Bouclier\Core\Diagnose\Foresight;
use Bouclier\Core\Diagnose\NeedsTraced;
use Bouclier\Core\Faults\FaultList;
use Bouclier\Core\Feed\FeedMap;
use Bouclier\Core\Feed\Observed\Observations;
use Bouclier\Core\Feed\Trace\Next;
use Bouclier\Core\Feed\Trace\Tracer;
use Bouclier\Core\House\House;
use Bouclier\Core\Network\Draws;
use Tests\Core\Build;

/** A GFCI at the panel and three receptacles behind it, a kettle in the last. */
function lookedAt(array $faults = [], array $more = []): House
{
    return Build::house($more + [
        'points' => [Build::point('g', ['device' => 'gfci']), Build::point('p'), Build::point('q'), Build::point('r')],
        'cables' => [
            Build::cable('c1', 'g', more: ['id' => 'w1', 'length_ft' => 20]),
            Build::cable('g', 'p', 'load', more: ['id' => 'w2', 'length_ft' => 20]),
            Build::cable('p', 'q', 'load', more: ['id' => 'w3', 'length_ft' => 20]),
            Build::cable('q', 'r', 'load', more: ['id' => 'w4', 'length_ft' => 20]),
        ],
        'appliances' => [['id' => 'kettle', 'name' => 'Kettle', 'at' => 'r', 'watts' => 1200, 'on' => false]],
        'faults' => $faults,
    ]);
}

function appearanceOf(array $fault, array $running = []): Appearance
{
    $house = lookedAt([$fault]);

    return (new Belief(new Foresight($house, new FeedMap($house)), FaultList::of($house)->all, false, true))->appearance($running);
}

it('reads at every outlet what the simulation of the same house reads there', function (array $fault): void {
    $looks = appearanceOf($fault);
    foreach (['g', 'p', 'q', 'r'] as $at) {
        $house = lookedAt([$fault], ['actions' => [['do' => 'tester', 'at' => ['point' => $at]]]]);
        $lamps = (new Simulation($house, FaultList::of($house)->all, Draws::exact()))->act(ActionList::of($house)->all[0])->toData();
        $shown = $looks->lampsAt($at);
        expect([$shown->hn, $shown->hg, $shown->ng])->toBe([$lamps['hn'], $lamps['hg'], $lamps['ng']], $at);
    }
})->with([
    'an open hot' => [['kind' => 'open', 'at' => ['cable' => 'w3'], 'conductor' => 'hot']],
    'an open neutral' => [['kind' => 'open', 'at' => ['cable' => 'w3'], 'conductor' => 'neutral']],
    'an open ground' => [['kind' => 'open', 'at' => ['cable' => 'w2'], 'conductor' => 'ground']],
    'a swap' => [['kind' => 'swap', 'at' => ['point' => 'q']]],
]);

it('marks the outlets that would read otherwise, and those that tell one cause from another', function (): void {
    $far = appearanceOf(['kind' => 'open', 'at' => ['cable' => 'w4'], 'conductor' => 'hot']);
    $near = appearanceOf(['kind' => 'open', 'at' => ['cable' => 'w3'], 'conductor' => 'hot']);
    expect(array_map($far->isOtherAt(...), ['g', 'p', 'q', 'r']))->toBe([false, false, false, true])
        ->and(array_map($near->isOtherAt(...), ['g', 'p', 'q', 'r']))->toBe([false, false, true, true])
        // Behind both it is dark either way: only between them is the difference.
        ->and(array_map(fn(string $at): bool => $near->tellsFrom($far, $at), ['g', 'p', 'q', 'r']))->toBe([false, false, true, false])
        ->and($near->voltsAt('q')['hn'])->not->toEqualWithDelta(120.0, 5.0)
        ->and($near->open)->toBe([])->and($near->clampOn('w3'))->toBeNull();
});

it('says what a leak would have made a clamp read on the way to it as it was told, and what opened', function (): void {
    $leak = appearanceOf(['kind' => 'leak', 'at' => ['appliance' => 'kettle'], 'ohms' => 12000.0], ['kettle']);
    [$ma, $sound] = $leak->clampOn('w4') ?? [0.0, 0.0];
    expect($ma - $sound)->toEqualWithDelta(10.0, 0.7)->and($leak->clampOn('w1'))->not->toBeNull()
        ->and($leak->sees['g'][0])->toBeGreaterThan(9.0)->and($leak->opened)->toBe(['g'])
        ->and($leak->clampTellsFrom(appearanceOf(['kind' => 'leak', 'at' => ['point' => 'p'], 'ohms' => 12000.0]), 'w4'))->toBeTrue();
});

/** What hangs on the GFCI of the call is not drawn, and there is another circuit where nothing is. */
function tracedInPart(array $symptom): House
{
    return Build::house($symptom + [
        'circuits' => [Build::circuit('c1'), Build::circuit('c2')],
        'points' => [
            Build::point('g', ['device' => 'gfci']), Build::point('p', ['circuit' => 'c1']),
            Build::point('h', ['device' => 'gfci', 'circuit' => 'c2']), Build::point('x', ['circuit' => 'c2']),
            Build::point('y', ['circuit' => 'c2']), Build::point('z', ['circuit' => 'c2']),
        ],
        'cables' => [Build::cable('c1', 'g')],
    ]);
}

it('asks in the trace first for what the open call rests on', function (): void {
    $next = function (House $house): ?Next {
        return (new Tracer($house, Observations::of($house)->seen, NeedsTraced::of($house)))->trace()->next;
    };
    $plain = $next(tracedInPart([]));
    $called = $next(tracedInPart(['symptom' => ['kind' => 'trips', 'at' => 'g', 'when' => 'at_once']]));
    expect($plain?->isForCall)->toBeFalse()->and($called?->isForCall)->toBeTrue()
        ->and(NeedsTraced::of(tracedInPart([])))->toBe([])
        ->and(NeedsTraced::of(tracedInPart(['symptom' => ['kind' => 'trips', 'at' => 'g']])))->toBe(['p'])
        // It is about the one outlet that is not known to hang there, and none of the other circuit.
        ->and($called?->why)->toContain('p')
        ->and($next(tracedInPart(['symptom' => ['kind' => 'trips', 'at' => 'c2', 'when' => 'at_once']]))?->isForCall)->toBeTrue();
});
