<?php

declare(strict_types=1);

use Bouclier\Core\Practice\CalledAbout;
use Bouclier\Core\Practice\CaseKind;
use Bouclier\Core\Practice\Cases;
use Bouclier\Core\Practice\CausesThere;
use Bouclier\Core\Practice\Level;
use Bouclier\Core\Practice\PracticeCase;
use Bouclier\Core\Practice\Road;
use Bouclier\Core\Practice\Written\WrittenCases;

/** @return list<string> */
function writtenNames(): array
{
    return array_map(WrittenCases::nameOf(...), WrittenCases::ALL);
}

/** What a case is, whoever drew it. */
function wholeCase(?PracticeCase $case): string
{
    $hidden = array_map(fn($fault): array => $fault->said(), $case->hidden ?? []);

    return (string) json_encode([$case?->name, $case?->kind, $case?->house, $case?->asItIs, $hidden]);
}

it('has a written case for each theme that is asked for, each with a call of its own', function (): void {
    $cases = array_map(Cases::named(...), writtenNames());
    $themes = array_unique(array_map(fn(PracticeCase $case): string => $case->kind->value, $cases));
    $calls = array_unique(array_map(fn(PracticeCase $case): ?string => $case->house->call->symptom?->words, $cases));
    expect(count($cases))->toBeGreaterThanOrEqual(24)->and($calls)->toHaveCount(count($cases))
        ->and(count($themes))->toBeGreaterThanOrEqual(20)
        ->and($themes)->toContain(
            'upstream_tripped',
            'reversed_line_load',
            'split_pair',
            'neutral_ground',
            'borrowed_neutral',
            'shared_neutral',
            'bootleg',
            'honest_sum',
            'leaking_cord',
            'long_cable',
            'weak_device',
            'dead_device',
            'open_hot',
            'open_ground',
            'overload',
            'arc',
            'comes_and_goes',
        );
});

it('calls about what the house really does', function (string $name): void {
    $case = Cases::named($name);
    $told = $case->house->call->symptom;
    $would = (new CalledAbout($case))->complaint();
    expect($would?->kind)->toBe($told?->kind);
})->with(writtenNames());

it('hides what can be named, and nothing else is right', function (string $name): void {
    $case = Cases::named($name);
    $right = array_filter(CausesThere::in($case), $case->isNamedBy(...));
    $mended = array_unique(array_map(fn($cause): string => $cause->mendedAt($case->house), $right));
    expect($mended)->toHaveCount(1)
        ->and($case->isNamedBy(CausesThere::hidden($case)))->toBeTrue();
})->with([...writtenNames(), ...array_map(fn(CaseKind $kind): string => Cases::nameOf($kind, 6, 11), CaseKind::cases())]);

it('draws the same case for the same name, and another for another', function (CaseKind $kind): void {
    $name = Cases::nameOf($kind, 5, 3);
    expect(wholeCase(Cases::find($name)))->toBe(wholeCase(Cases::find($name)))
        ->and(wholeCase(Cases::find($name)))->not->toBe(wholeCase(Cases::find(Cases::nameOf($kind, 5, 4))));
})->with(CaseKind::cases());

it('draws houses of the size asked for, and some kind where none is told', function (): void {
    expect(count(array_filter(Cases::named('open_hot.9.1')->house->points, fn($point): bool => $point->id[0] === 'k')))->toBe(9);
    $kinds = array_map(fn(int $seed): string => Cases::named("any.5.$seed")->kind->value, range(1, 12));
    expect(count(array_unique($kinds)))->toBeGreaterThan(5)->and(Cases::named('any.5.1')->name)->toBe('any.5.1');
});

it('knows no case by another name', function (string $name): void {
    expect(Cases::find($name))->toBeNull();
})->with(['written-nothing', 'open_hot.2.1', 'open_hot.17.1', 'open_hot.5', 'nothing.5.1', 'open_hot.5.1234567890', '', "open_hot.5.1\n"]);

it('says the same once more in another house', function (string $name): void {
    $case = Cases::named($name);
    $again = Cases::named(Cases::again($case));
    expect($again->kind)->toBe($case->kind)->and($again->name)->not->toBe($case->name);
})->with(['written-dead-basin', 'open_hot.5.1']);

it('shows the learner nothing of what is hidden: no fault, and no leakage nobody measured', function (string $name): void {
    $case = Cases::named($name);
    expect($case->house->faults)->toBeNull();
    foreach ($case->house->appliances as $appliance) {
        expect($appliance->leakage === null || $appliance->measured === true)->toBeTrue();
    }
})->with(writtenNames());

it('is settled rightly by the road of the best next tests, with every box proved dead on it', function (string $name): void {
    $road = Road::best(Cases::named($name));
    expect($road->isRight())->toBeTrue();
    foreach ($road->steps as $step) {
        expect($step->done->danger)->toBeNull();
    }
})->with(writtenNames());

it('draws one as hard as it was asked for', function (): void {
    $name = Cases::drawnAt(CaseKind::OpenGround, 4, 5, Level::Easy) ?? '';
    expect($name)->toStartWith('open_ground.4.')->and(Level::Easy->farFrom(Level::of(1.0) === Level::Easy ? 1.0 : 0.0))->toBe(0.0)
        ->and(Level::Easy->farFrom(400.0))->toBeGreaterThan(Level::Easy->farFrom(100.0))
        ->and(Level::Hard->farFrom(10.0))->toBeGreaterThan(Level::Hard->farFrom(100.0))
        ->and(Level::Middling->farFrom(1000.0))->toBeGreaterThan(Level::Middling->farFrom(200.0));
});
