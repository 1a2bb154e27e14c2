<?php

declare(strict_types=1);

use Bouclier\Core\Exchange\BadHouseFile;
use Bouclier\Core\Exchange\Body;
use Bouclier\Core\Practice\CaseKind;
use Bouclier\Core\Practice\Cases;
use Bouclier\Core\Practice\CausesThere;
use Bouclier\Core\Practice\DeedReader;
use Bouclier\Core\Practice\Level;
use Bouclier\Core\Practice\PracticeCase;
use Bouclier\Core\Practice\Visit;
use Bouclier\Core\Practice\Written\WrittenCases;
use Bouclier\Sheets\Practising;
use Bouclier\Sheets\VisitSheet;

function practiceAsked(array $said): Body
{
    return Body::of(json_decode(json_encode($said)));
}

/** What a phone is sent of it. */
function sheetOf(Visit $visit, string ...$but): array
{
    return array_diff_key(json_decode(json_encode(VisitSheet::of($visit)), true), array_flip($but));
}

/** @return list<PracticeCase> one of each kind, and all that were written */
function someOfEach(): array
{
    return array_map(Cases::named(...), [
        ...array_map(fn(CaseKind $kind): string => Cases::nameOf($kind, 6, 7001), CaseKind::cases()),
        ...array_map(WrittenCases::nameOf(...), WrittenCases::ALL),
    ]);
}

it('shows the same of a house before anything is read, whatever is hidden in it', function (): void {
    foreach (someOfEach() as $case) {
        expect(sheetOf(Visit::of($case)))->toBe(sheetOf(Visit::of($case->sound())), $case->name);
    }
});

it('shows the same of an open box that is dead, whatever is hidden in it', function (string $name): void {
    $case = Cases::named($name);
    $point = $case->house->points[1]->id;
    $deeds = DeedReader::read($case, practiceAsked(['deeds' => [
        ['do' => 'breaker', 'circuit' => 'c1', 'on' => false],
        ['do' => 'read_dead', 'point' => $point],
        ['do' => 'open_box', 'point' => $point],
    ]]));
    $shown = fn(PracticeCase $one): array => sheetOf(Visit::of($one, $deeds), 'steps');
    expect($shown($case))->toBe($shown($case->sound()));
})->with(['split_pair.6.41', 'reversed_line_load.5.42', 'open_neutral.6.43', 'leak_in_box.6.44', 'bootleg.6.45', 'arc.4.46']);

it('has the true cause among those that can be named, and says of none that it is it', function (): void {
    foreach (someOfEach() as $case) {
        $visit = ['case' => $case->name, 'deeds' => $case->isTraced() ? [] : [['do' => 'trace_runs']]];
        $causes = Practising::answer('causes', practiceAsked($visit));
        $ids = array_column($causes, 'id');
        expect($ids)->toContain(CausesThere::hidden($case)->id)
            ->and(count(array_unique($ids)))->toBe(count($ids))
            ->and(array_unique(array_merge(...array_map(array_keys(...), $causes))))->toBe(['id', 'name', 'place']);
    }
});

it('names no wire of a run that nobody has traced', function (): void {
    $visit = ['case' => 'written-dead-basin', 'deeds' => []];
    $places = array_column(Practising::answer('causes', practiceAsked($visit)), 'place');
    expect(array_filter($places, fn(string $place): bool => str_starts_with($place, 'On the way')))->toBe([])
        ->and(Practising::answer('advice', practiceAsked($visit)))
        ->toBe(['traced' => false, 'settled' => false, 'next' => null, 'suspects' => []])
        ->and(Practising::answer('visit', practiceAsked($visit))['runs'])->toBeNull();
});

it('advises what the application itself would do next, by what was read so far', function (): void {
    $case = 'written-no-click-in-the-garage';
    $first = Practising::answer('advice', practiceAsked(['case' => $case, 'deeds' => []]));
    $reset = ['do' => 'reset', 'at' => ['point' => Cases::named($case)->house->call->symptom?->at]];
    $then = Practising::answer('advice', practiceAsked(['case' => $case, 'deeds' => [$reset]]));
    $likely = array_column($then['suspects'], 'probability');
    $sorted = $likely;
    rsort($sorted);
    expect($first['next'])->not->toBeNull()->and($then['suspects'])->not->toBe($first['suspects'])
        ->and($likely)->toBe($sorted)->and(array_sum($likely))->toBeLessThanOrEqual(1.0 + 1e-9);
});

it('tells a level by its score, and how far another is from it', function (): void {
    $levels = [[0.0, Level::Easy], [19.9, Level::Easy], [20.0, Level::Middling], [89.0, Level::Middling], [90.0, Level::Hard]];
    foreach ($levels as [$score, $level]) {
        foreach (Level::cases() as $other) {
            $far = $other->farFrom($score);
            expect($far === 0.0)->toBe($other === $level)->and($far)->toBeGreaterThanOrEqual($other === $level ? 0.0 : 1.0);
        }
    }
    expect(Level::Easy->farFrom(300.0))->toBeGreaterThan(Level::Easy->farFrom(60.0))
        ->and(Level::Hard->farFrom(10.0))->toBeGreaterThan(Level::Hard->farFrom(100.0));
});

it('answers nothing else, and says what is wrong', function (string $what, array $said, string $message): void {
    expect(fn(): array => Practising::answer($what, practiceAsked($said)))->toThrow(BadHouseFile::class, $message);
})->with([
    ['hidden', ['case' => 'written-dead-basin'], 'nothing that is answered'],
    ['visit', ['case' => 'written-nothing', 'deeds' => []], 'no case'],
    ['draw', ['kind' => null, 'level' => 'impossible', 'outlets' => 5, 'seed' => 1], 'level'],
    ['draw', ['kind' => null, 'level' => 'easy', 'outlets' => 17, 'seed' => 1], 'outlets'],
    ['drill', ['kind' => 'juggling', 'seed' => 1], 'no drill'],
    ['afterwards', ['case' => 'written-dead-basin', 'deeds' => [], 'named' => 'gremlins'], 'no cause'],
]);
