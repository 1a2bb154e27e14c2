<?php

declare(strict_types=1);

use Bouclier\Core\Diagnose\AssumedWiring;
use Bouclier\Core\Diagnose\Cause;
use Bouclier\Core\Diagnose\Conclusion;
use Bouclier\Core\Diagnose\Evidence;
use Bouclier\Core\Diagnose\Explains;
use Bouclier\Core\Diagnose\Fact;
use Bouclier\Core\Diagnose\Factor;
use Bouclier\Core\Diagnose\Foresight;
use Bouclier\Core\Diagnose\HouseholderAnswers;
use Bouclier\Core\Diagnose\Hypotheses;
use Bouclier\Core\Diagnose\Hypothesis;
use Bouclier\Core\Diagnose\OpenCall;
use Bouclier\Core\Diagnose\Priors;
use Bouclier\Core\Diagnose\Symptom;
use Bouclier\Core\Diagnose\Words\Questions;
use Bouclier\Core\Exchange\CallReader;
use Bouclier\Core\Exchange\HouseReader;
use Bouclier\Core\Exchange\HouseWriter;
use Bouclier\Core\Faults\Leak;
use Bouclier\Core\Faults\NeutralGround;
use Bouclier\Core\Faults\WeakDevice;
use Bouclier\Core\Feed\FeedMap;
use Bouclier\Core\House\Complaint;
use Bouclier\Core\House\Entries\TestDone;
use Bouclier\Core\House\House;
use Bouclier\Core\House\Loose;
use Bouclier\Core\House\Protection;
use Bouclier\Core\House\Spot;
use Bouclier\Core\House\SymptomKind;
use Bouclier\Core\House\SymptomWhen;
use Tests\Core\Build;

function onCall(array $more = []): House
{
    return Build::house($more + [
        'points' => [
            Build::point('g', ['device' => 'gfci', 'circuit' => 'c1']),
            Build::point('p', ['circuit' => 'c1', 'exposure' => 'wet', 'workmanship' => 'disturbed']),
            Build::point('q', ['circuit' => 'c1']),
        ],
        'appliances' => [['id' => 'kettle', 'name' => 'Kettle', 'at' => 'p']],
        'symptom' => ['kind' => 'trips', 'at' => 'g', 'when' => 'unknown', 'at_time' => '2026-11-25T10:00:00Z', 'who' => 'Ada Quill'],
    ]);
}

function ofTest(array $action, array $reading = ['tripped' => []], string $at = '2026-11-25T10:05:00Z'): TestDone
{
    return new TestDone(...[...Build::loose($action, $reading), $at]);
}

it('keeps what was tested when the call is told otherwise, and when it came in', function (): void {
    $house = onCall()->withEntry(ofTest(['do' => 'unplug', 'appliance' => 'kettle']));
    $after = OpenCall::told($house, new Complaint(SymptomKind::Dead, 'q', atTime: '2026-11-25T11:00:00Z'));
    expect(OpenCall::tests($after))->toHaveCount(1)
        ->and($after->call->symptom?->kind)->toBe(SymptomKind::Dead)
        ->and($after->call->symptom?->atTime)->toBe('2026-11-25T10:00:00Z')

            ->and(OpenCall::tests(OpenCall::withdrawn($after, OpenCall::tests($after)[0]->id)))
            ->toBe([])
            ->and(fn() => OpenCall::withdrawn($after, 'another'))
            ->toThrow(OutOfBoundsException::class)

            ->and(
                OpenCall::cannot(
                    OpenCall::cannotDo(OpenCall::cannotDo(OpenCall::cannotDo($after, 'clamp', true), 'wait', true), 'clamp', false),
                ),
            )
            ->toBe(['wait']);
});

it('closes into the records, where it makes its place likelier the next time', function (): void {
    $closed = OpenCall::closed(
        onCall(),
        new Conclusion(true, 'The kettle leaks', new Spot(appliance: 'kettle')),
        'Ada Quill',
        '2026-11-25T12:00:00Z',
    );
    $leak = new Leak(new Spot(appliance: 'kettle'), 9000.0);
    $priors = Priors::standard();
    expect(OpenCall::isOpen($closed))->toBeFalse()->and(OpenCall::earlier($closed)[0]->cause)->toBe('The kettle leaks')
        ->and($priors->of($leak, $closed) / $priors->of($leak, onCall()))->toEqualWithDelta($priors->factor(Factor::SeenBefore), 1e-9)
        // And it goes through the file and back, where each entry is given the id it had.
        ->and((new HouseReader())->fromJson(HouseWriter::toJson($closed))->entries->identified())->toEqual($closed->entries);
});

it('takes readings, tests and breakers turned since the call for evidence, in their order', function (): void {
    $house = onCall(['records' => [
        'readings' => [
            ['point' => 'p', 'at_time' => '2026-11-20T10:00:00Z', 'lamps' => ['hn' => true, 'hg' => true, 'ng' => false]],
            ['point' => 'p', 'at_time' => '2026-11-25T10:10:00Z', 'lamps' => ['hn' => true, 'hg' => false, 'ng' => false]],
            ['point' => 'q', 'at_time' => '2026-11-25T10:02:00Z', 'volts' => 119.0, 'between' => 'hg'],
        ],
        'device_tests' => [['point' => 'g', 'by' => 'device_button', 'tripped' => true, 'at_time' => '2026-11-25T10:20:00Z']],
        'switched' => [
            ['circuit' => 'c1', 'on' => false, 'at_time' => '2026-11-25T10:30:00Z'],
            ['circuit' => 'c1', 'on' => true, 'at_time' => '2026-11-25T10:40:01Z'],
        ],
    ]])->withEntry(
        ofTest(['do' => 'unplug', 'appliance' => 'kettle']),
        ofTest(['do' => 'breaker', 'circuit' => 'c1', 'on' => true], at: '2026-11-25T10:40:00Z'),
    );
    $evidence = Evidence::of($house);
    expect(
        array_map(fn(Fact $fact): ?string => $fact->done->action->text('do'), $evidence),
    )->toBe(['volts', 'unplug', 'tester', 'press_test', 'breaker', 'breaker'])

            ->and(array_map(fn(Fact $fact): ?string => $fact->isOfCall ? $fact->done->id : null, $evidence))
            ->toBe([null, OpenCall::tests($house)[0]->id, null, null, null, OpenCall::tests($house)[1]->id])
        ->and($evidence[3]->done->reading->listed('tripped'))->toBe(['g'])->and($evidence[4]->done->reading->said())->toBe([]);
});

it('takes untraced outlets to hang on the device of their circuit, and writes nothing of it', function (): void {
    $assumed = AssumedWiring::of(onCall());
    $feeds = new FeedMap($assumed->house);
    $guards = fn(string $id): array => array_map(
        fn($guard): string => $guard->id(),
        $feeds->guards($assumed->house->point($id), Protection::Gfci),
    );
    expect(array_column($assumed->points, 'id'))->toBe(['g', 'p', 'q'])
        ->and($guards('p'))->toBe(['g'])
        ->and($guards('q'))->toBe(['g'])
        ->and($feeds->feed($assumed->house->point('g'))->origins)->toBe(['c1'])
        ->and(onCall()->cables)->toBe([]);
    $traced = onCall(['cables' => [Build::cable('c1', 'g'), Build::cable('g', 'p', 'load'), Build::cable('p', 'q')]]);
    expect(AssumedWiring::of($traced)->points)->toBe([])->and(AssumedWiring::of($traced)->house)->toBe($traced);
});

it('weighs a cause by water, handwork and wear, by what ran, and by the crew\'s own numbers', function (): void {
    $house = onCall();
    $priors = Priors::standard();
    $leak = fn(string $at): float => $priors->of(new Leak(new Spot(point: $at), 9000.0), $house);
    $ground = fn(string $at): float => $priors->of(new NeutralGround(new Spot(point: $at), 1.0), $house);
    expect($leak('p') / $leak('q'))->toEqualWithDelta($priors->factor(Factor::DampOrWet), 1e-9)
        ->and($ground('p') / $ground('q'))->toEqualWithDelta($priors->factor(Factor::Disturbed), 1e-9)
        ->and($priors->with(['leak point' => 0.5, 'gremlins' => 9.0])->of(new Leak(new Spot(point: 'q'), 9000.0), $house))->toBe(0.5)
        ->and($priors->with(['overload' => -1.0])->ofNoFault(Explains::Overload))->toBe(Priors::table()['overload']);
    $old = Build::house(['points' => [Build::point('d', ['device' => 'gfci', 'made_between' => ['2009', '2010'], 'self_test' => false])]]);
    $weak = new WeakDevice(new Spot(point: 'd'), 1.0);
    expect(
        $priors->with([], '2026-11-25')->of($weak, $old) / $priors->of($weak, $old),
    )->toEqualWithDelta($priors->factor(Factor::OverTenYears), 1e-9);
});

it('takes what is told to come in the wet for a word about what is wet', function (string $when, string $exposure, array $factors): void {
    $house = Build::house([
        'points' => [Build::point('d', ['circuit' => 'c1', 'exposure' => $exposure])],
        'symptom' => ['kind' => 'trips', 'at' => 'c1', 'when' => $when],
    ]);
    $wrong = [];
    $leak = new Leak(new Spot(point: 'd'), 20e3);
    expect(Priors::standard()->factors($leak, $house, Symptom::of($house, $wrong)))->toBe($factors);
})->with([
    ['wet', 'wet', [Factor::DampOrWet, Factor::WasWet]],
    ['wet', 'dry', []],
    ['random', 'wet', [Factor::DampOrWet]],
]);

it('weighs a cause by what was answered on the phone, and says so', function (): void {
    $house = fn(array $answers): House => Build::house([
        'points' => [
            Build::point('d', ['device' => 'gfci', 'circuit' => 'c1', 'exposure' => 'damp']),
            Build::point('p', ['circuit' => 'c1', 'workmanship' => 'original']),
        ],
        'cables' => [
            Build::cable('c1', 'd'),
            Build::cable('d', 'p', 'load'),
        ], 'appliances' => [['id' => 'kettle', 'name' => 'Kettle', 'at' => 'p']],
        'symptom' => [
            'kind' => 'dead',
            'at' => 'p',
            'when' => 'unknown',
            'running' => [],
        ] + ($answers === [] ? [] : ['answers' => $answers]),
    ]);
    $causes = function (array $answers) use ($house): array {
        $wrong = [];
        $symptom = Symptom::of($house($answers), $wrong);
        assert($symptom !== null);

        return array_column(
            Hypotheses::of(new Foresight($house($answers), new FeedMap($house($answers))), $symptom, Priors::standard()),
            null,
            'id',
        );
    };
    $plain = $causes([]);
    $times = function (array $answers) use ($causes, $plain): array {
        $told = array_map(fn(Hypothesis $one): float => round($one->prior / $plain[$one->id]->prior, 6), $causes($answers));

        return array_filter($told, fn(float $times): bool => $times !== 1.0);
    };
    $always = fn(array $times): array => array_filter(
        $times,
        fn(string $id): bool => ! str_ends_with($id, Hypothesis::NOW_AND_THEN),
        ARRAY_FILTER_USE_KEY,
    );
    expect($always($times(['age' => 'Over 10 years'])))->toBe(['dead_device:d' => 2.0, 'stuck_device:d' => 2.0, 'weak_device:d' => 2.0])

            ->and(
                $times([
                    'age' => 'Under 5 years',
                    'worker' => 'No',
                    'water' => 'No',
                    'running' => 'the kettle',
                    'upstream' => 'I cannot find one',
                ]),
            )
            ->toBe([])
        // A box that is known not to have been opened stays so.
        ->and($times(['worker' => 'Yes']))->toHaveKey('bootleg:d', 3.0)->not->toHaveKey('bootleg:p')
        ->and($always($times(['water' => 'Yes'])))->toBe(['leak:point:d' => 2.0, 'leak:cable:c1-d' => 2.0])

            ->and($always($times(['tingle' => 'Yes'])))
            ->toHaveKey('leak:appliance:kettle', 4.0)
            ->toHaveKey('swap_hot_ground:d-p', 4.0)->not
            ->toHaveKey('leak:point:d')
        ->and($times(['upstream' => 'One had popped, now it works']))->toBe(['upstream_tripped:d' => 8.0, 'upstream_tripped:c1' => 8.0])
        ->and($times(['upstream' => 'None has popped']))->toBe(['upstream_tripped:d' => 0.3, 'upstream_tripped:c1' => 0.3]);
    $said = array_column(
        array_map(
            fn(Cause $one): array => ['id' => $one->hypothesis->id, 'for' => $one->for, 'against' => $one->against],
            CallReader::of($house(['age' => 'Over 10 years']))->diagnose()->causes,
        ),
        null,
        'id',
    );
    expect($said['dead_device:d']['for'])->toContain('The device is over ten years old')
        ->and($said['open:d-p:hot']['against'])->toContain('Nobody has been in the box');
});

it('keeps the last answer to each question, and what was told to have been done with it', function (): void {
    $house = onCall(['cables' => [Build::cable('c1', 'g'), Build::cable('g', 'p', 'load')]]);
    $own = $house->withEntry(ofTest(['do' => 'walk'], ['dead' => []]));
    $first = HouseholderAnswers::ofQuestions($own, ['unplugged' => 'Yes, it stays in', 'worker' => 'Yes'], '2026-11-25T11:00:00Z');
    $same = HouseholderAnswers::ofQuestions($first, ['unplugged' => 'Yes, it stays in'], '2026-11-25T11:05:00Z');
    $other = HouseholderAnswers::ofQuestions($same, ['unplugged' => 'No, it pops again'], '2026-11-25T11:06:00Z');
    $none = HouseholderAnswers::ofQuestions($other, ['unplugged' => 'I did not try'], '2026-11-25T11:07:00Z');
    $does = fn(House $one): array => array_map(fn(TestDone $test): ?string => $test->action->text('do'), OpenCall::tests($one));
    expect($does($first))->toBe(['walk', 'unplug_all', 'reset'])
        ->and($does($same))->toBe($does($first))
        ->and($does($other))->toBe($does($first))
        ->and($does($none))->toBe(['walk'])
        ->and(OpenCall::tests($same)[2]->reading->flag('holds'))->toBeTrue()
        ->and(OpenCall::tests($other)[2]->reading->flag('holds'))->toBeFalse()
        ->and($none->call->symptom?->answers)->toBe(['unplugged' => 'I did not try', 'worker' => 'Yes'])
        // Told otherwise by the crew, the answers stand.
        ->and(OpenCall::told($none, new Complaint(SymptomKind::Dead, 'q'))->call->symptom->answers['worker'] ?? null)->toBe('Yes');
});

it('asks a householder nothing that needs a screwdriver, and understands the answers', function (): void {
    foreach (Questions::of(null) as $question) {
        expect($question['ask'])->not->toMatch('/open the|unscrew|take off|panel/i');
    }
    $asked = function (array $told): array {
        $wrong = [];

        return array_column(Questions::of(Symptom::of(onCall(['symptom' => $told + ['kind' => 'trips', 'at' => 'g']]), $wrong)), 'id');
    };
    // What is told already is not asked; what was answered can be answered otherwise.
    expect($asked([]))->toContain('when', 'running')
        ->and($asked(['when' => 'random', 'running' => ['kettle']]))->not->toContain('when')->not->toContain('running')
        ->and($asked(['when' => 'random', 'answers' => ['when' => 'Now and then']]))->toContain('when');
    $house = onCall(['cables' => [Build::cable('c1', 'g'), Build::cable('g', 'p', 'load')]]);
    $after = HouseholderAnswers::ofQuestions(
        $house,
        ['when' => 'When it is wet', 'unplugged' => 'No, it pops again', 'age' => 'Over 10 years'],
        '2026-11-25T11:00:00Z',
    );
    expect($after->call->symptom?->when)->toBe(SymptomWhen::Wet)
        ->and(array_map(fn(TestDone $one): ?string => $one->action->text('do'), OpenCall::tests($after)))->toBe(['unplug_all', 'reset'])
        ->and(OpenCall::tests($after)[1]->reading->listed('tripped'))->toBe(['g']);
    $quiet = HouseholderAnswers::ofTrial(
        $house,
        Build::loose(['do' => 'trial', 'at' => ['point' => 'g'], 'days' => 10])[0],
        ['2026-11-01' => 'no', '2026-11-02' => 'yes', '2026-11-03' => 'no'],
        'Ada Quill',
        '2026-11-25T11:00:00Z',
    );
    expect(OpenCall::tests($quiet)[0]->action->said()['days'])->toBe(3)->and(OpenCall::tests($quiet)[0]->reading->said()['trips'])->toBe(1)
        ->and(HouseholderAnswers::ofTrial($house, new Loose(), [], 'Ada Quill', ''))->toBe($house);
});
