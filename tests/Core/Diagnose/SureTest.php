<?php

declare(strict_types=1);

use Bouclier\Core\Actions\ActionList;
use Bouclier\Core\Actions\HowHard;
use Bouclier\Core\Actions\Simulation;
use Bouclier\Core\Diagnose\Circumstances;
use Bouclier\Core\Diagnose\Conclusion;
use Bouclier\Core\Diagnose\Explains;
use Bouclier\Core\Diagnose\Factor;
use Bouclier\Core\Diagnose\Foresight;
use Bouclier\Core\Diagnose\Hypothesis;
use Bouclier\Core\Diagnose\Learned;
use Bouclier\Core\Diagnose\OpenCall;
use Bouclier\Core\Diagnose\Priors;
use Bouclier\Core\Diagnose\Splits;
use Bouclier\Core\Diagnose\TripChance;
use Bouclier\Core\Diagnose\Words\CauseWords;
use Bouclier\Core\Diagnose\Words\PriorWords;
use Bouclier\Core\Exchange\CallReader;
use Bouclier\Core\Exchange\DiagnosisWriter;
use Bouclier\Core\Faults\FaultList;
use Bouclier\Core\Faults\Leak;
use Bouclier\Core\Feed\FeedMap;
use Bouclier\Core\House\Entries\Circumstance;
use Bouclier\Core\House\Entries\ClosedCall;
use Bouclier\Core\House\Entries\DeviceEvent;
use Bouclier\Core\House\House;
use Bouclier\Core\House\Places;
use Bouclier\Core\House\Spot;
use Bouclier\Core\Network\Condition;
use Bouclier\Core\Network\Draws;
use Tests\Core\Build;
use Tests\Core\Diagnose\ClosedLoop;
use Tests\Core\Diagnose\HiddenFault;
use Tests\Core\Diagnose\Stories;
use Tests\Core\Houses;

function leakyHouse(array $appliances, array $more = []): House
{
    return Build::house(Houses::called($appliances, $more));
}

function applianceOf(string $id, string $at, array $more): array
{
    return $more + ['id' => $id, 'name' => ucfirst($id), 'at' => $at, 'watts' => 100];
}

it('knows what more or less of a leakage does at every sensor and cable on its way, as the network solved anew does', function (): void {
    $leaking = fn(float $resistive, float $capacitive): House => leakyHouse([
        applianceOf('kettle', 'q', ['class' => 'water_handling', 'leakage' => [
            'resistive_ma' => $resistive, 'capacitive_ma' => $capacitive,
        ]]),
        applianceOf('lamp', 'p', ['leakage' => ['resistive_ma' => 0.3, 'capacitive_ma' => 0.4], 'measured' => true]),
    ]);
    $taken = $leaking(0.35, 0.15);
    $foresight = new Foresight($taken, new FeedMap($taken));
    $condition = Condition::of($taken);
    $grid = $foresight->build($condition);
    $really = $leaking(0.6, 0.4);
    $solved = (new Foresight($really, new FeedMap($really)))->build(Condition::of($really));
    // In phase and across, of the kettle and then of the lamp.
    $known = $foresight->leakages->before->told([0 => 1.0], 0.25, 1.0)->told([1 => 1.0], 0.25, 1.0);
    foreach (['g' => $grid->residualPhasor('g'), 'w2' => $foresight->instruments->through($grid, 'w2')['ma']] as $way => $amperes) {
        $ma = $way === 'g' ? 1000.0 * $solved->residual('g') : $foresight->instruments->clamp($solved, $way)['ma'];
        expect($foresight->leakages->supposed($way, $amperes, $grid, $condition, $known)->ma)->toEqualWithDelta($ma, 0.002, $way);
    }
    // What hangs on another way is not unsure there.
    expect($foresight->leakages->supposed('w4', [0.0, 0.0], $grid, $condition, $known)->off)->toBe(0.0);
});

it('is sure of a sum that was clamped, and not of what each leaks', function (): void {
    $house = leakyHouse([applianceOf('a', 'q', ['class' => 'heating_element']), applianceOf('b', 'q', ['class' => 'heating_element'])]);
    $before = (new Foresight($house, new FeedMap($house)))->leakages->before;
    $both = [0 => 1.0, 2 => 1.0];
    $after = $before->told($both, 0.4, 0.0);
    expect($after->variance($both))->toEqualWithDelta(0.0, 1e-12)
        ->and($after->variance([0 => 1.0]))->toBeGreaterThan(0.2 * $before->variance([0 => 1.0]))
        ->and($after->more(0) + $after->more(2))->toEqualWithDelta(0.4, 1e-9);
});

it('opens a device as likely as its residual, which is not known exactly, lies above its threshold', function (): void {
    mt_srand(7);
    $normal = fn(): float => sqrt(-2.0 * log((mt_rand() + 1) / (mt_getrandmax() + 2))) * cos(2.0 * M_PI * mt_rand() / mt_getrandmax());
    foreach ([[3.5, 0.6], [4.8, 0.9], [5.5, 0.3], [6.4, 0.7]] as [$ma, $off]) {
        $opened = [];
        for ($draw = 0; $draw < 20_000; ++$draw) {
            $residual = $ma + $off * $normal();
            if ($residual > 4.0 + 2.0 * mt_rand() / mt_getrandmax()) {
                $opened[] = $residual;
            }
        }
        $chance = new TripChance($ma, $off, 4.0, 6.0);
        expect($chance->opens())->toEqualWithDelta(count($opened) / 20_000, 0.03, "$ma");
        if (count($opened) > 500) {
            expect($chance->seen(true)[0])->toEqualWithDelta(array_sum($opened) / count($opened), 0.12, "$ma");
        }
    }
});

it('takes no reading within what their classes leak for a fault, and needs none where they add up', function (): void {
    $things = array_map(
        fn(int $n): array => applianceOf("a$n", $n % 2 === 0 ? 'p' : 'q', ['class' => 'water_handling']),
        range(1, 10),
    );
    $symptom = ['kind' => 'trips', 'at' => 'g', 'when' => 'at_once'];
    $clamped = fn(string $cable, float $ma): array => [
        'action' => ['do' => 'clamp', 'cable' => $cable], 'reading' => ['ma' => $ma, 'hot_ma' => $ma, 'neutral_ma' => 0.0],
    ];
    $unplugged = array_map(
        fn(int $n): array => ['action' => ['do' => 'unplug', 'appliance' => "a$n"], 'reading' => ['tripped' => []]],
        range(3, 10),
    );
    $held = ['action' => ['do' => 'reset', 'at' => ['point' => 'g']], 'reading' => ['holds' => true, 'tripped' => [], 'no_power' => false]];
    // Two of them, 0.65 mA each, all that their class leaks.
    $causes = [];
    $house = leakyHouse($things, ['symptom' => $symptom, 'tests' => [...$unplugged, $held, $clamped('w2', 1.35)]]);
    foreach (CallReader::of($house)->diagnose()->causes as $cause) {
        $causes[$cause->hypothesis->id] = $cause->probability;
    }
    foreach (['a1', 'a2'] as $appliance) {
        expect($causes["leak:appliance:$appliance"] ?? 0.0)->toBeLessThan(0.2, $appliance);
    }
});

it('is moved by no test that is answered once more as before', function (string $kind): void {
    for ($seed = 1; ($hidden = HiddenFault::of($kind, $seed)) === null; ++$seed) {
    }
    $tests = array_slice(ClosedLoop::solve($hidden, 6)['tests'], 0, 6);
    $causes = function (array $tests) use ($hidden): array {
        $said = DiagnosisWriter::toData(CallReader::of($hidden->file($tests))->diagnose());

        return array_column($said['causes'], 'probability', 'id');
    };
    $before = $causes($tests);
    $comesAndGoes = array_sum(array_filter($before, fn(string $id): bool => str_contains($id, 'intermittent'), ARRAY_FILTER_USE_KEY));
    // Once more at once, the house standing as it did: the last that changed nothing.
    $last = $tests[count($tests) - 1];
    foreach ($causes([...$tests, $last, $last]) as $id => $chance) {
        expect(abs($chance - ($before[$id] ?? 0.0)))->toBeLessThanOrEqual(0.01 + $comesAndGoes, "$kind: $id after " . json_encode($last));
    }
})->with(['leak appliance', 'open neutral', 'swap', 'neutral_ground point', 'land', 'dead_device', 'bootleg']);

it('learns from calls that are closed, and says so of a hundred', function (): void {
    $ours = Priors::standard();
    $learned = $ours->learned(new Learned(['leak appliance' => 40, 'not a line' => 7]));
    $leak = new Leak(new Spot(appliance: 'kettle'), 9000.0);
    $house = leakyHouse([applianceOf('kettle', 'p', [])]);
    $total = fn(Priors $priors): float => array_sum(
        array_map($priors->ofHundred(...), array_filter(array_keys(Priors::table()), Priors::isCause(...))),
    );
    expect($total($ours))->toEqualWithDelta(100.0, 1e-9)->and($total($learned))->toEqualWithDelta(100.0, 1e-9)
        // The table counts as a hundred calls.
        ->and($learned->ofHundred('leak appliance'))->toEqualWithDelta(($ours->ofHundred('leak appliance') + 40.0) / 1.4, 1e-9)
        ->and($learned->of($leak, $house))->toBeGreaterThan(1.5 * $ours->of($leak, $house))
        ->and(PriorWords::often($learned, 'leak appliance'))->toMatch('/^\d+ of 100 calls, 40 of them your own$/')
        ->and(PriorWords::often($ours, 'swap cable'))->toMatch('/^(less than one|\d+) of 100 calls$/')
        ->and(Priors::standingFor($ours->ofHundred('overload')))->toEqualWithDelta(Priors::table()['overload'], 1e-9)
        ->and(Priors::isCause(Factor::Tingle->value))->toBeFalse();
});

it('learns how much damp, age and other hands count, from how often they held beside how often they could have', function (): void {
    $ours = Priors::standard();
    $damp = fn(bool $held, float $share): array => ['leak point', [new Circumstance('times damp or wet', $held, $share)]];
    $learned = fn(array $calls): float => $ours->learned(Learned::of($calls))->factor(Factor::DampOrWet);
    // Four times likelier, at half of the places: of five calls it should have held in four. So it stays.
    $asSaid = [...array_fill(0, 8, $damp(true, 0.5)), ...array_fill(0, 2, $damp(false, 0.5))];
    expect($learned($asSaid))->toEqualWithDelta(4.0, 1e-9)
        // In ten of ten it counts for more, in none for less, and a few calls move it a little.
        ->and($learned(array_fill(0, 10, $damp(true, 0.5))))->toEqualWithDelta(4.0 * 20.0 / 18.0, 1e-9)
        ->and($learned(array_fill(0, 10, $damp(false, 0.5))))->toEqualWithDelta(4.0 * 10.0 / 18.0, 1e-9)
        ->and($learned([$damp(true, 0.1)]))->toBeGreaterThan(4.0)->toBeLessThan(4.4)
        ->and($learned([]))->toBe(4.0);
});

it('files what held at the place of a settled cause, of what holds at some of the places', function (): void {
    $leak = fn(string $id, array $factors): Hypothesis => new Hypothesis(
        "leak:point:$id",
        Explains::Fault,
        new Spot(point: $id),
        [[new Leak(new Spot(point: $id), 9000.0)]],
        0.01,
        factors: $factors,
    );
    $found = $leak('a', [Factor::DampOrWet, Factor::Original]);
    $all = [$found, $leak('b', [Factor::Original]), $leak('c', [Factor::Original, Factor::Disturbed]), $leak('d', [Factor::Original])];
    expect(Circumstances::of($all, $found))->toEqual([
        new Circumstance('times damp or wet', true, 0.25),
        new Circumstance('times disturbed box', false, 0.25),
    ]);
});

it('takes a sum of honest leakages for possible that is hardly ever too much, and then for as much as trips', function (): void {
    // Nine of one class: three milliamperes in all likelihood, and four only if each is high in it.
    $many = array_map(fn(int $at): array => applianceOf("a$at", 'p', ['class' => 'electronic']), range(1, 9));
    $house = leakyHouse($many, ['symptom' => ['kind' => 'trips', 'at' => 'g', 'when' => 'at_once']]);
    $causes = array_column(DiagnosisWriter::toData(CallReader::of($house)->diagnose())['causes'], 'probability', 'id');
    expect($causes['honest_sum'] ?? 0.0)->toBeGreaterThan(0.003)->toBeLessThan(0.4);
    // Two of them never are.
    $few = leakyHouse(array_slice($many, 0, 2), ['symptom' => ['kind' => 'trips', 'at' => 'g', 'when' => 'at_once']]);
    $ofFew = array_column(DiagnosisWriter::toData(CallReader::of($few)->diagnose())['causes'], 'probability', 'id');
    expect($ofFew['honest_sum'] ?? 0.0)->toBeLessThan(0.003);
});

it('weighs more what was found in the house before, be it elsewhere in it', function (): void {
    $house = leakyHouse([applianceOf('kettle', 'p', []), applianceOf('lamp', 'q', [])], [
        'symptom' => ['kind' => 'trips', 'at' => 'g', 'when' => 'at_once'],
    ]);
    $closed = OpenCall::closed(
        $house,
        new Conclusion(true, 'The kettle leaks', new Spot(appliance: 'kettle'), 'leak appliance'),
        'Ada Quill',
        '2026-11-25T12:00:00Z',
    );
    $of = fn(string $id, House $in): float => Priors::standard()->of(new Leak(new Spot(appliance: $id), 9000.0), $in);
    expect($of('lamp', $closed) / $of('lamp', $house))->toEqualWithDelta(Factor::SeenInHouse->standard(), 1e-9)
        ->and($of('kettle', $closed) / $of('kettle', $house))->toEqualWithDelta(Factor::SeenBefore->standard(), 1e-9);
});

it('drops a call with its tests, and opens it again with them, taking back what closing it filed', function (): void {
    $house = Build::house([
        'points' => [Build::point('g', ['device' => 'gfci'])], 'cables' => [Build::cable('c1', 'g')],
        'symptom' => ['kind' => 'trips', 'at' => 'g', 'when' => 'at_once'],
        'tests' => [[
            'action' => ['do' => 'reset', 'at' => ['point' => 'g']],
            'reading' => ['holds' => true, 'tripped' => [], 'no_power' => false],
        ]],
    ]);
    $dropped = OpenCall::dropped($house, 'Ada Quill', '2026-11-25T12:00:00Z');
    $call = $dropped->entries->all(ClosedCall::class)[0];
    expect(OpenCall::isOpen($dropped))->toBeFalse()->and(OpenCall::tests($dropped))->toBe([])->and($call->tests)->toHaveCount(1)
        ->and($call->settled)->toBeFalse();
    $again = OpenCall::reopened($dropped, (string) $call->id());
    expect(OpenCall::isOpen($again))->toBeTrue()->and(OpenCall::tests($again))->toHaveCount(1)
        ->and($again->entries->all(ClosedCall::class))->toBe([]);
    $closed = OpenCall::closed(
        $house,
        new Conclusion(true, 'g has failed', new Spot(point: 'g'), 'dead_device point'),
        'Ada Quill',
        '2026-11-25T13:00:00Z',
    );
    $id = (string) $closed->entries->all(ClosedCall::class)[0]->id();
    expect($closed->entries->all(DeviceEvent::class))->toHaveCount(1)
        ->and(OpenCall::reopened($closed, $id)->entries->all(DeviceEvent::class))->toBe([]);
});

it('keeps in mind what may hang where nothing is drawn, and says it as unknown', function (): void {
    $symptom = ['symptom' => ['kind' => 'trips', 'at' => 'g', 'when' => 'at_once']];
    $beyond = function (array $more) use ($symptom): array {
        $said = DiagnosisWriter::toData(CallReader::of(leakyHouse([], $more + $symptom))->diagnose());

        return array_values(array_filter($said['causes'], fn(array $cause): bool => str_starts_with($cause['id'], 'beyond')));
    };
    expect($beyond([]))->toBe([])
        ->and(array_column($beyond(['drawn' => 'part']), 'id'))
        ->toContain('beyond:g', 'beyond:p', 'beyond:q', 'beyond:p:intermittent')
        // No file can say what it would be.
        ->and(array_merge([], ...array_column($beyond(['drawn' => 'part']), 'faults')))->toBe([]);
    // Nothing drawn on its LOAD is drawn in part without saying so.
    $alone = $beyond(['cables' => [Build::cable('c1', 'g'), Build::cable('c2', 'r')], 'points' => [
        Build::point('g', ['device' => 'gfci']), Build::point('r', ['device' => 'gfci']),
    ]]);
    expect(array_column($alone, 'id'))->toBe(['beyond:g'])->and($alone[0]['explains'])->toBe('unknown')
        ->and($alone[0]['faults'])->toBe([])->and($alone[0]['at'])->toEqual((object) ['point' => 'g']);
});

it('takes what runs in a part that is not drawn for what may light a lamp, and for volts that are lost', function (): void {
    $call = ['kind' => 'reads_wrong', 'at' => 'p', 'when' => 'unknown'];
    $chances = function (array $test, array $more = []) use ($call): array {
        $causes = DiagnosisWriter::toData(
            CallReader::of(leakyHouse([], ['symptom' => $call, 'tests' => [$test]] + $more))->diagnose(),
        )['causes'];

        return array_column($causes, 'probability', 'id');
    };
    $back = ['action' => ['do' => 'tester', 'at' => ['point' => 'p']], 'reading' => ['hn' => false, 'hg' => true, 'ng' => true]];
    $open = fn(array $chances): float => array_sum(
        array_filter($chances, fn(string $id): bool => str_ends_with($id, ':neutral'), ARRAY_FILTER_USE_KEY),
    );
    // Neutral to ground is lit by what runs beyond an open neutral, and nothing drawn runs there.
    expect($open($chances($back, ['drawn' => 'part'])))->toBeGreaterThan(0.3)->and($open($chances($back)))->toBeLessThan(0.1);
    $low = ['action' => ['do' => 'volts', 'at' => ['point' => 'p'], 'between' => 'hn', 'low_z' => true], 'reading' => ['volts' => 115.0]];
    $resistive = fn(array $chances): float => array_sum(array_filter(
        $chances,
        fn(string $id): bool => str_starts_with($id, 'high_resistance') || str_starts_with($id, 'short'),
        ARRAY_FILTER_USE_KEY,
    ));
    expect($resistive($chances($low, ['drawn' => 'part'])))->toBeLessThan(0.5 * $resistive($chances($low)));
});

it('proposes nothing that tells next to nothing', function (): void {
    foreach (array_slice(Stories::all(), 0, 12) as $story) {
        foreach (Stories::diagnosed($story)->worth as $proposal) {
            $isMissing = $proposal->splits === Splits::Missing;
            expect($isMissing || $proposal->gainBits >= 0.05)->toBeTrue($proposal->text);
        }
    }
});

it('carries what is not said to be a heavy appliance in three minutes, and never moves one without a plug', function (): void {
    $of = fn(array $point, array $thing): array => array_column(array_filter(
        array_map(fn($proposal): array => [$proposal->text, $proposal->allMinutes()], CallReader::of(Build::house([
            'points' => [Build::point('g', ['device' => 'gfci']), Build::point('p', $point), Build::point('r', ['device' => 'gfci'])],
            'cables' => [Build::cable('c1', 'g'), Build::cable('g', 'p', 'load'), Build::cable('c2', 'r')],
            'appliances' => [applianceOf('thing', 'p', $thing)],
            'symptom' => ['kind' => 'trips', 'at' => 'g', 'when' => 'random'],
        ]))->diagnose()->worth),
        fn(array $one): bool => str_starts_with($one[0], 'move'),
    ), 1);
    expect($of([], []))->toContain(3.0)->and($of(['serves' => 'refrigerator'], []))->toContain(15.0)->not->toContain(3.0)
        ->and($of(['kind' => 'hardwired', 'device' => 'none'], []))->toBe([]);
});

it('says what to move where leakages add up, and the margin it leaves is that of the house with it moved', function (): void {
    $at = fn(int $n): string => $n % 2 === 0 ? 'p' : 'q';
    $things = fn(array $moved): array => array_map(fn(int $n): array => applianceOf("a$n", $moved["a$n"] ?? $at($n), [
        'leakage' => ['resistive_ma' => 0.5 + 0.02 * $n, 'capacitive_ma' => 0.1], 'measured' => true,
    ]), range(1, 8));
    $house = leakyHouse($things([]), ['symptom' => ['kind' => 'trips', 'at' => 'g', 'when' => 'at_once']]);
    $diagnosis = CallReader::of($house)->diagnose();
    $relief = $diagnosis->relief;
    expect($diagnosis->causes[0]->hypothesis->isOfLeakage())->toBeTrue()->and($relief)->not->toBeNull();
    $moved = [];
    foreach ($relief->moves ?? [] as [$appliance, $to]) {
        $moved[$appliance->id] = $to->id;
    }
    $after = leakyHouse($things($moved));
    $grid = (new Foresight($after, new FeedMap($after)))->build(Condition::of($after));
    expect(1000.0 * $grid->residual('g'))->toEqualWithDelta($relief->afterMa ?? 0.0, 0.01)->toBeLessThan($relief->beforeMa ?? 0.0)
        // What takes them in holds as well.
        ->and(1000.0 * $grid->residual('r'))->toBeLessThanOrEqual(2.5)
        ->and((new CauseWords(new Places($house)))->relief($relief))->toContain('Move ', ' to ', 'below where it may trip');
});

it('finds the place of a short between two severities it knows by volts along the run, however often each is read', function (): void {
    $house = ['symptom' => ['kind' => 'dead', 'at' => 'p4', 'when' => 'unknown'], 'points' => array_map(
        fn(int $at): array => Build::point("p$at"),
        range(1, 5),
    ), 'cables' => array_map(
        fn(int $at): array => Build::cable(
            $at === 1 ? 'c1' : 'p' . ($at - 1),
            "p$at",
            'splice',
            'line',
            ['id' => "w$at", 'length_ft' => 30],
        ),
        range(1, 5),
    )];
    $volts = [];
    foreach (range(1, 5) as $at) {
        $read = ['do' => 'volts', 'at' => ['point' => "p$at"], 'between' => 'hn', 'low_z' => true];
        $hidden = Build::house(
            $house + ['faults' => [['kind' => 'short', 'at' => ['point' => 'p3'], 'ohms' => 0.4]], 'actions' => [$read]],
        );
        $shown = (new Simulation($hidden, FaultList::of($hidden)->all, Draws::exact()))->act(ActionList::of($hidden)->all[0])->toData();
        $volts[] = ['action' => $read, 'reading' => $shown];
    }
    $at3 = function (array $tests) use ($house): float {
        $causes = array_column(
            DiagnosisWriter::toData(CallReader::of(Build::house(['tests' => $tests] + $house))->diagnose())['causes'],
            'probability',
            'id',
        );

        return ($causes['short:point:p3'] ?? 0.0) + ($causes['short:cable:w3'] ?? 0.0);
    };
    // What else could be is a poor joint there; nothing upstream or downstream of it is.
    expect($at3($volts))->toBeGreaterThan(0.9)->and($at3([...$volts, ...$volts, ...$volts]))->toBeGreaterThan(0.9);
});

it('takes how hard a cause is from the first reading to the next', function (): void {
    $howHard = new HowHard();
    expect($howHard->of(50.0, 120.0))->toBe(50.0)->and($howHard->spread(50.0, 120.0))->toBeGreaterThan(17.0);
    // It adds a fifth more than it was taken to: the next reading is as much more, and that is nearly sure.
    $told = $howHard->told(36.0, 50.0, 120.0, 1.0);
    expect($told->of(50.0, 120.0))->toEqualWithDelta(36.2, 0.3)->and($told->of(85.0, 120.0))->toEqualWithDelta(78.1, 0.3)
        ->and($told->spread(50.0, 120.0))->toBeLessThan(4.0)
        // What it adds nothing to says nothing of it, and neither does a slip.
        ->and($howHard->told(118.0, 120.0, 120.0, 1.0))->toBe($howHard)->and($howHard->told(500.0, 50.0, 120.0, 1.0))->toBe($howHard);
});
