<?php

declare(strict_types=1);

use Bouclier\Core\Exchange\Body;
use Bouclier\Core\House\BoxState;
use Bouclier\Core\Practice\Cases;
use Bouclier\Core\Practice\DeedReader;
use Bouclier\Core\Practice\Done;
use Bouclier\Core\Practice\NotPossible;
use Bouclier\Core\Practice\Visit;
use Tests\Core\Practice\Walk;

const DEEDS = 120;

/** What of a house somebody has changed so far. */
function stands(Visit $visit): string
{
    $now = $visit->simulation->condition;

    return serialize([
        $now->off, $now->open, $now->plugged, $now->running, $now->withoutCord, $now->lifted, $visit->opened(), $visit->minutes(),
    ]);
}

it('lets no hands on what is live, whatever else is done before', function (string $name): void {
    $walk = new Walk(Visit::of(Cases::named($name)), "$name at a box");
    $touched = $stopped = 0;
    for ($n = 0; $n < DEEDS || ($n < 5 * DEEDS && $touched < 4); ++$n) {
        $deed = $walk->next();
        $volts = array_map(fn(string $box): float => Walk::voltsIn($walk->visit, $box), $deed->touches() ? $deed->boxes($walk->visit) : []);
        $before = stands($walk->visit);
        try {
            $done = $walk->visit->do($deed);
        } catch (NotPossible) {
            expect(stands($walk->visit))->toBe($before);
            continue;
        }
        if ($done->danger !== null) {
            ++$stopped;
            expect(stands($walk->visit))->toBe($before)->and($done->minutes)->toBe(0.0);
        } elseif ($deed->touches()) {
            ++$touched;
            expect(max($volts))->toBeLessThan(10.0, json_encode($deed->said()));
        }
        foreach ($walk->visit->opened() as $box) {
            // Where conductors hang free, every breaker of the box is off by hand.
            expect($walk->visit->boxAt($box) === BoxState::Capped || $walk->visit->notOff($box) === [])->toBeTrue($box);
        }
    }
    expect($touched)->toBeGreaterThan(3)->and($stopped)->toBeGreaterThan(3);
})->with([
    'written-dead-basin', 'written-bang-and-dark', 'borrowed_neutral.4.11', 'shared_neutral.5.12', 'swapped_wires.4.14',
    'reversed_line_load.6.15',
]);

it('comes to the same by the deeds as they were sent, and each costs its minutes', function (string $name): void {
    $case = Cases::named($name);
    $walk = new Walk(Visit::of($case), "$name again");
    for ($n = 0; $n < DEEDS; ++$n) {
        try {
            $walk->visit->do($walk->next());
        } catch (NotPossible) {
        }
    }
    $steps = $walk->visit->steps();
    $said = array_map(fn(Done $one): array => $one->deed->said(), $steps);
    $again = Visit::of($case, DeedReader::read($case, Body::of(json_decode(json_encode(['deeds' => $said])))));
    $of = fn(Done $one): array => [$one->read, $one->at, $one->open, $one->danger?->rule];
    $shown = fn(Visit $visit): array => array_map($of, $visit->steps());
    expect($shown($again))->toBe($shown($walk->visit))->and(stands($again))->toBe(stands($walk->visit))
        ->and(array_sum(array_map(fn(Done $one): float => $one->minutes, $steps)))->toEqualWithDelta($walk->visit->minutes(), 1e-6)
        ->and(count($walk->visit->tests()))->toBeLessThanOrEqual(count($steps));
})->with(['written-the-orange-cord', 'arc.5.22']);
