<?php

declare(strict_types=1);

use App\Models\Crew;
use App\Models\House;
use App\Models\OutsideLink;
use App\Models\User;
use App\Persistence\Judged;
use Bouclier\Core\Diagnose\Priors;
use Bouclier\Core\House\Call;
use Bouclier\Core\House\Complaint;
use Bouclier\Core\House\SymptomKind;
use Bouclier\Core\House\SymptomWhen;
use Bouclier\Sheets\TripsSheet;
use Illuminate\Cache\Events\CacheHit;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\Event;

/** The demo house, with somebody of its crew signed in. */
function callHouse($test): House
{
    $house = $test->demoHouseOf($test->crewMember());
    $test->actingAs(User::query()->where('crew_id', $house->crew_id)->firstOrFail());

    return $house;
}

function callTold($test, House $house, array $more = [])
{
    return $test->postJson(
        "/houses/{$house->id}/call",
        $more + ['kind' => 'trips', 'at' => 'c8', 'when' => 'with_load', 'running' => ['iron'], 'words' => 'Always on ironing day'],
    );
}

function callShowed($test, House $house, array ...$tests)
{
    return $test->postJson(
        "/houses/{$house->id}/call/tests",
        ['tests' => array_map(fn(array $one): array => ['action' => $one[0], 'reading' => $one[1]], $tests)],
    );
}

const UNPLUG_IRON = [['do' => 'unplug', 'appliance' => 'iron'], ['tripped' => []]];
const IT_HELD = [['do' => 'reset', 'at' => ['circuit' => 'c8']], ['holds' => true, 'tripped' => [], 'no_power' => false]];
const IT_TRIPPED = [['do' => 'reset', 'at' => ['circuit' => 'c8']], ['holds' => false, 'tripped' => ['c8'], 'no_power' => false]];
const IRON_FOUND = [
    UNPLUG_IRON,
    IT_HELD,
    [['do' => 'plug', 'appliance' => 'iron'], ['tripped' => ['c8']]],
    [['do' => 'unplug', 'appliance' => 'washer'], ['tripped' => []]],
    IT_TRIPPED,
    [['do' => 'move', 'appliance' => 'iron', 'to' => 'k1'], ['tripped' => ['k1']]],
];

it('takes a call and says who is suspected, what goes on the van and what to ask', function (): void {
    $house = callHouse($this);
    expect($this->getJson("/houses/{$house->id}/call/sheet")->assertOk()->json('trips.call'))->toBeNull();
    $told = callTold($this, $house)->assertOk();
    expect($told->json('trips.call.place'))->toBe('Breaker 8 Wash and bath')
        ->and($told->json('trips.state.suspects.0.name'))->toBe('The steam iron leaks to ground')
        ->and($told->json('trips.state.suspects.0.point'))->toBe('u2')->and($told->json('trips.state.next.title'))->not->toBeEmpty()

            ->and($told->json('trips.state.parts.0.part'))
            ->toBe('A clamp that reads below 1 mA')
            ->and(array_column($told->json('trips.questions'), 'id'))
            ->toContain('upstream')
        ->and($told->json('house.call'))->toBe(['tests' => 0])
        ->and($told->json('trips.state.assumed'))->toBeNull()
        ->and(callTold($this, $house, ['at' => 'n1'])->json('trips.state.assumed'))->toBe('N1-03');
});

it('moves the suspects with each fact, and back when one is withdrawn', function (): void {
    $house = callHouse($this);
    $first = callTold($this, $house)->json('trips.state.suspects.0.probability');
    $after = callShowed($this, $house, UNPLUG_IRON, IT_HELD)->assertOk();
    expect($after->json('trips.state.suspects.0.id'))->toBe('leak:appliance:iron')
        ->and($after->json('trips.state.suspects.0.probability'))->toBeGreaterThan($first + 0.1)

            ->and(array_column($after->json('trips.state.facts'), 'read'))
            ->toBe(['done', 'it held'])
            ->and($after->json('trips.state.facts.1.done'))
            ->toBe('Reset breaker 8 Wash and bath')
        ->and($after->json('trips.state.facts.0.who'))->toBe('Ada Quill');
    $id = $after->json('trips.state.facts.1.id');
    $back = $this->postJson("/houses/{$house->id}/call/tests/$id/withdraw")->assertOk();
    expect($back->json('trips.state.facts'))->toHaveCount(1)
        ->and($back->json('trips.state.suspects.0.probability'))->toBeLessThan($after->json('trips.state.suspects.0.probability'));
    $this->postJson("/houses/{$house->id}/call/tests/$id/withdraw")->assertNotFound();
});

it('settles, names repair and proof, and remembers the call as evidence', function (): void {
    $house = callHouse($this);
    callTold($this, $house);
    $end = callShowed(
        $this,
        $house,
        [['do' => 'indicator', 'at' => ['circuit' => 'c8']], ['shows' => 'tripped']],
        ...IRON_FOUND,
    )->assertOk();
    expect($end->json('trips.state.settled'))->toBeTrue()
        ->and($end->json('trips.state.closing.name'))->toBe('The steam iron leaks to ground')

            ->and($end->json('trips.state.closing.letter'))
            ->toContain('The steam iron lets current escape')
            ->and($end->json('trips.state.closing.proof'))->not
            ->toBeEmpty()
        ->and($end->json('trips.state.closing.point'))->toBeNull()->and($end->json('trips.state.next'))->toBeNull();
    $closed = $this->postJson(
        "/houses/{$house->id}/call/close",
        ['note' => 'Iron taken out of use', 'left' => 'A new iron', 'due' => '2026-12-24'],
    )->assertOk();
    expect($closed->json('trips.call'))->toBeNull()

            ->and($closed->json('trips.earlier.0'))
            ->toMatchArray([
                'cause' => 'The steam iron leaks to ground',
                'settled' => true,
                'note' => 'Iron taken out of use',
                'place' => 'breaker 8 Wash and bath',
            ]);
    $file = json_decode($this->stored($house));
    $history = $file->records->device_history;
    expect($history[count($history) - 1]->appliance)->toBe('iron')

            ->and($file->records->open_items[count($file->records->open_items) - 1])
            ->toMatchObject(['text' => 'A new iron', 'due' => '2026-12-24'])
        ->and(isset($file->symptom))->toBeFalse();
    // The next call begins where this one ended: what leaked once is likelier to leak again.
    expect(callTold($this, $house, ['running' => []])->json('trips.state.suspects.0.id'))->toBe('leak:appliance:iron');
});

it('opens no box before it is proved dead there', function (): void {
    $house = callHouse($this);
    callTold($this, $house, ['at' => 'k1', 'when' => 'at_once', 'running' => []]);
    $sheet = callShowed(
        $this,
        $house,
        [['do' => 'unplug_all', 'circuit' => 'c5'], ['tripped' => []]],
        [['do' => 'reset', 'at' => ['point' => 'k1']], ['holds' => false, 'tripped' => ['k1'], 'no_power' => false]],
    )->json('trips');
    $offered = [$sheet['state']['next'], ...$sheet['state']['alternatives']];
    $cards = array_values(array_filter($offered, fn(array $card): bool => $card['box'] !== null));
    expect($cards)->not->toBeEmpty();
    foreach ($cards as $card) {
        expect($card['ready'])->toBeFalse()->and($card['hands'])->toContain('treat');
    }
    $box = $cards[0]['box'];
    // The device has tripped: what hangs on it reads 0 with its breaker on. So the main goes off, and a lead comes from outside.
    $this->postJson("/houses/{$house->id}/breakers", ['circuit' => 'c5', 'on' => false])->assertOk();
    $this->prove($house, $box)
        ->assertUnprocessable()
        ->assertJsonPath('objections.0', fn(string $why): bool => str_starts_with($why, 'Nothing is filed that shows'));
    $this->prove($house, $box, way: 'reference')
        ->assertUnprocessable()
        ->assertJsonPath('objections.0', fn(string $why): bool => str_starts_with($why, 'It may still be on'));
    foreach (['main', 'shop'] as $panel) {
        $this->postJson("/houses/{$house->id}/mains", ['panel' => $panel, 'on' => false]);
    }
    $this->prove($house, $box, way: 'reference')->assertOk();
    $after = $this->getJson("/houses/{$house->id}/call/sheet")->json('trips');
    $offered = [$after['state']['next'], ...$after['state']['alternatives']];
    $same = array_values(array_filter($offered, fn(array $card): bool => $card['box'] === $box));
    expect($same[0]['ready'])->toBeTrue();
});

it('has every box proved dead before it is opened, live work and all', function (array $able, bool $isLive): void {
    $house = $this->demoHouseOf($this->crewMember());
    $core = app(App\Persistence\HouseStore::class)->load($house);
    $cannot = array_values(array_diff(Bouclier\Core\Actions\Kinds::names(), [...$able, 'breaker', 'unplug_all']));
    $core = $core->with(call: new Call(new Complaint(SymptomKind::Trips, 'k1', SymptomWhen::AtOnce), $cannot));
    $sheet = TripsSheet::of($core, Priors::standard(), new Bouclier\Core\Live\Asker('2026-03-02T10:00:00Z'));
    $offered = [...array_filter([$sheet['state']['next']]), ...$sheet['state']['alternatives']];
    $opening = array_filter($offered, fn(array $card): bool => $card['opens']);
    expect($opening)->not->toBe([]);
    foreach ($opening as $card) {
        expect($card['live'] !== null)->toBe($isLive)
            ->and($card['box'])->not->toBeNull()
            ->and($card['ready'])->toBeFalse()
            ->and($card['hands'])->not->toBeEmpty();
    }
})->with([
    'a look' => [['inspect'], false],
    'a pair lifted' => [['lift', 'reset'], false],
    'a clamp: the box is opened dead, then it is live' => [['clamp'], true],
]);

it('notes a breaker turned for a test in the live bar, and takes no for an answer', function (): void {
    $house = callHouse($this);
    callTold($this, $house);
    callShowed($this, $house, [['do' => 'breaker', 'circuit' => 'c8', 'on' => false], ['tripped' => []]])->assertOk();
    expect(collect($this->getJson("/houses/{$house->id}/sheet")->json('live'))->firstWhere('id', 'c8')['off'])->toBeTrue();
    $cannot = $this->postJson("/houses/{$house->id}/call/cannot", ['what' => 'clamp', 'cannot' => true])->assertOk();
    expect($cannot->json('trips.state.cannot'))->toBe([['what' => 'clamp', 'spoken' => 'clamp']]);
    $can = $this->postJson("/houses/{$house->id}/call/cannot", ['what' => 'clamp', 'cannot' => false]);
    expect($can->json('trips.state.cannot'))->toBe([]);
});

it('counts what was read elsewhere in the app since the call', function (): void {
    $house = callHouse($this);
    callTold($this, $house, ['kind' => 'reads_wrong', 'at' => 'k2', 'when' => 'unknown', 'running' => []]);
    $this->postJson(
        "/houses/{$house->id}/readings",
        [
            'revision' => $house->fresh()?->revision,
            'point' => 'k2',
            'half' => null,
            'lamps' => ['hn' => true, 'hg' => false, 'ng' => true],
            'volts' => null,
            'instrument' => null,
        ],
    )->assertOk();
    $sheet = $this->getJson("/houses/{$house->id}/call/sheet")->assertOk()->json('trips');
    expect($sheet['state']['facts'])->toHaveCount(1)
        ->and($sheet['state']['facts'][0]['id'])->toBeNull()
        ->and($sheet['state']['suspects'][0]['id'])->toContain('swap:w');
});

it('refuses what makes no sense, and keeps nothing of it', function (array $body, string $path): void {
    $house = callHouse($this);
    callTold($this, $house);
    $before = $this->stored($house);
    $this->postJson("/houses/{$house->id}/$path", $body)->assertUnprocessable();
    expect($this->stored($house))->toBe($before);
})->with([
    'no such place' => [['kind' => 'trips', 'at' => 'nowhere', 'when' => 'unknown', 'running' => []], 'call'],
    'no such kind' => [['kind' => 'hums', 'at' => 'c8', 'when' => 'unknown', 'running' => []], 'call'],
    'no such appliance' => [
        ['tests' => [['action' => ['do' => 'plug', 'appliance' => 'oven'], 'reading' => ['tripped' => []]]]],
        'call/tests',
    ],
    'no such action' => [['tests' => [['action' => ['do' => 'kick'], 'reading' => ['tripped' => []]]]], 'call/tests'],
    'the x-ray of the lessons' => [
        ['tests' => [['action' => ['do' => 'residual', 'at' => ['point' => 'k1']], 'reading' => ['ma' => 3]]]],
        'call/tests',
    ],
    'an open item with no date' => [['left' => 'x', 'due' => 'soon'], 'call/close'],
]);

it('takes answers on the phone, one by one, and moves the suspects with each', function (): void {
    $house = callHouse($this);
    $chance = fn($answer): float => array_column($answer->json('trips.state.suspects'), 'probability', 'id')['upstream_tripped:k1'] ?? 0.0;
    $before = callTold($this, $house, ['kind' => 'dead', 'at' => 'k2', 'when' => 'unknown', 'running' => []]);
    $say = fn(array $answers) => $this->postJson("/houses/{$house->id}/call/answers", ['answers' => $answers]);
    $none = $say(['upstream' => 'None has popped'])->assertOk();
    expect($chance($none))->toBeLessThan($chance($before))->and($none->json('trips.call.answers'))->toBe(['upstream' => 'None has popped']);
    $found = $say(['upstream' => 'One had popped, now it works', 'worker' => 'No'])->assertOk();
    expect($chance($found))->toBeGreaterThan($chance($before))
        ->and($found->json('trips.call.answers'))->toBe(['upstream' => 'One had popped, now it works', 'worker' => 'No']);
    callTold($this, $house, ['at' => 'k1', 'running' => []]);
    $out = $say(['unplugged' => 'No, it pops again'])->assertOk();
    expect($out->json('trips.call.answers.worker'))->toBe('No')
        ->and(array_column($out->json('trips.state.facts'), 'who'))->toBe(['the householder', 'the householder']);
    $say(['shoe size' => '44'])->assertUnprocessable();
    $say(['worker' => str_repeat('x', 1001)])->assertUnprocessable();
    expect($this->getJson("/houses/{$house->id}/call/sheet")->json('trips.call.answers'))->toBe($out->json('trips.call.answers'));
});

it('asks the householder without a sign-in, and takes the answers over', function (): void {
    $house = callHouse($this);
    callTold($this, $house, ['when' => 'unknown', 'running' => []]);
    $asked = $this->postJson("/houses/{$house->id}/call/questions")->assertOk();
    $token = OutsideLink::query()->sole()->token;
    expect($asked->json('trips.pages.0.url'))->toEndWith("/for-you/$token");
    $this->app['auth']->forgetGuards();
    $page = $this->get("/for-you/$token")
        ->assertOk()
        ->assertInertia(fn($inertia) => $inertia->component('Householder')->where('kind', 'questions')->missing('house'));
    expect($page->getContent())->not->toContain('Plover');
    $this->get('/for-you/' . str_repeat('x', 40))->assertNotFound();
    $this->post(
        "/for-you/$token",
        ['answers' => ['when' => 'When something is switched on', 'unplugged' => 'Yes, it stays in', 'made up!' => 'x']],
    )->assertRedirect();
    $this->actingAs(User::query()->where('crew_id', $house->crew_id)->firstOrFail());
    $taken = $this->postJson("/houses/{$house->id}/call/pages/" . OutsideLink::query()->sole()->id . '/take')->assertOk();
    expect($taken->json('trips.call.when'))->toBe('with_load')
        ->and(array_column($taken->json('trips.state.facts'), 'read'))->toBe(['done', 'it held'])

            ->and($taken->json('trips.call.answers'))
            ->toBe(['when' => 'When something is switched on', 'unplugged' => 'Yes, it stays in'])
            ->and($taken->json('trips.pages.0.taken'))
            ->toBeTrue();
    $this->post("/for-you/$token", ['answers' => ['when' => 'Now and then']])->assertGone();
});

it('leaves a trial with a rule, and moves the suspects by what was noted', function (): void {
    $house = callHouse($this);
    callTold($this, $house, ['at' => 'k1', 'when' => 'random', 'running' => []]);
    $left = $this->postJson("/houses/{$house->id}/call/trial", [
        'tests' => [
            ['action' => ['do' => 'unplug', 'appliance' => 'kettle'], 'reading' => ['tripped' => []]],
            ['action' => ['do' => 'trial', 'at' => ['point' => 'k1'], 'days' => 10], 'reading' => ['trips' => 0]],
        ],
        'rule' => [['shown' => 'no trip in those days', 'means' => 'The kettle, 80 %']],
    ])->assertOk();
    expect($left->json('trips.state.facts'))->toHaveCount(1)
        ->and($left->json('trips.pages.0.asked.rule.0.means'))->toBe('The kettle, 80 %');
    $page = OutsideLink::query()->sole();
    $this->postJson("/houses/{$house->id}/call/pages/{$page->id}/take")->assertUnprocessable();
    foreach (range(1, 9) as $day) {
        $this->post("/for-you/{$page->token}", ['answers' => ["2026-11-0$day" => 'no']])->assertRedirect();
    }
    $before = collect($left->json('trips.state.suspects'))->firstWhere('id', 'leak:appliance:kettle')['probability'] ?? 0.0;
    $taken = $this->postJson("/houses/{$house->id}/call/pages/{$page->id}/take")->assertOk();
    expect($taken->json('trips.state.facts.1'))->toMatchArray(['done' => 'Leave it in use for 9 days', 'read' => 'it never tripped'])

            ->and(
                collect($taken->json('trips.state.suspects'))->firstWhere('id', 'leak:appliance:kettle:intermittent')['probability']
                    ?? collect($taken->json('trips.state.suspects'))->firstWhere('id', 'leak:appliance:kettle')['probability'],
            )
            ->toBeGreaterThan($before);
});

it('keeps a trial among what is open, with its day, until it has come back or is ended', function (bool $comesBack): void {
    $this->travelTo('2026-11-02 10:00:00');
    $house = callHouse($this);
    callTold($this, $house, ['at' => 'k1', 'when' => 'random', 'running' => []]);
    $trial = ['action' => ['do' => 'trial', 'at' => ['point' => 'k1'], 'days' => 10], 'reading' => ['trips' => 0]];
    $told = ['tests' => [$trial], 'rule' => [['shown' => 'no trip', 'means' => '']]];
    $this->postJson("/houses/{$house->id}/call/trial", $told)->assertOk();
    $item = fn(): array => collect($this->getJson("/houses/{$house->id}/file")->json('records.open_items'))->last();
    expect($item())->toMatchArray([
        'text' => 'A trial is with the householder, 10 days at K1-01: how often did it trip?',
        'point' => 'k1', 'due' => '2026-11-12', 'who' => 'Ada Quill',
    ])->not->toHaveKey('closed_at');
    expect(collect($this->getJson("/houses/{$house->id}/kept")->json('items'))->last())
        ->toMatchArray(['due' => '2026-11-12', 'code' => 'K1-01', 'overdue' => false]);
    $page = OutsideLink::query()->sole();
    if ($comesBack) {
        $this->post("/for-you/{$page->token}", ['answers' => ['2026-11-03' => 'yes', '2026-11-04' => 'no']])->assertRedirect();
    }
    $this->postJson("/houses/{$house->id}/call/pages/{$page->id}/" . ($comesBack ? 'take' : 'withdraw'))->assertOk();
    expect($item())->toMatchArray([
        'closed_by' => 'Ada Quill', 'evidence' => $comesBack ? 'It tripped on 1 of 2 days noted.' : 'Ended before it was over.',
    ]);
})->with(['it comes back' => true, 'it is ended' => false]);

it('lets a crew put its own numbers into the table of how often causes are met', function (): void {
    $house = callHouse($this);
    $before = callTold($this, $house, ['running' => []])->json('trips.state.suspects');
    $this->put('/priors', ['name' => 'weak_device circuit', 'value' => 80])->assertRedirect();
    $after = $this->getJson("/houses/{$house->id}/call/sheet")->json('trips.state.suspects');
    expect($before[0]['id'])->not->toBe('weak_device:c8')->and($after[0]['id'])->toBe('weak_device:c8');
    $this->put('/priors', ['name' => 'gremlins', 'value' => 1])->assertSessionHasErrors('name');
    $this->put('/priors', ['name' => 'weak_device circuit', 'value' => -1])->assertSessionHasErrors('value');
    $this->put('/priors', ['name' => 'weak_device circuit', 'value' => null])->assertRedirect();
    expect(Crew::query()->firstOrFail()->priors)->toBe([]);
    $this->get('/priors')->assertInertia(
        fn($page) => $page
            ->component('Priors')
            // Of a hundred calls.
            ->where('lines.0.label', 'An appliance leaks to ground')->where('lines.0.own', null)->where('lines.0.calls', 0)
            ->where('lines.0.counted', fn(float $counted): bool => $counted > 4.0 && $counted < 12.0)
            ->where('lines.0.ours', fn(float $ours): bool => $ours > 4.0 && $ours < 12.0),
    );
});

it('counts a call that is settled and closed among the crew\'s own, and not one that is open again', function (): void {
    $house = callHouse($this);
    callTold($this, $house, ['running' => ['iron']]);
    callShowed($this, $house, ...IRON_FOUND)->assertOk();
    $closed = $this->postJson("/houses/{$house->id}/call/close", ['note' => 'Done'])->assertOk();
    $calls = fn(): int => Judged::learned($house->crew_id)->calls['leak appliance'] ?? 0;
    expect($calls())->toBe(1)
        // It ran as it happened, and not everything else did: that is learnt, too.
        ->and(Judged::learned($house->crew_id)->with['times was running'] ?? null)->toMatchArray(['held' => 1, 'of' => 1]);
    $this->get('/priors')->assertInertia(
        fn($page) => $page->where('lines', function ($lines): bool {
            $running = collect($lines)->firstWhere('name', 'times was running');

            return $running['isCause'] === false && $running['calls'] === 1 && $running['counted'] > $running['ours'];
        }),
    );
    $call = $closed->json('trips.earlier.0.id');
    $again = $this->postJson("/houses/{$house->id}/calls/$call/reopen")->assertOk();
    expect($calls())->toBe(0)->and($again->json('trips.call.at'))->toBe('c8')->and($again->json('trips.state.facts'))->toHaveCount(6);
    $this->postJson("/houses/{$house->id}/call/drop")->assertOk()->assertJsonPath('trips.call', null);
    expect($calls())->toBe(0);
});

it('shows what every outlet would read if a suspect were it, next to what was read there', function (): void {
    $house = callHouse($this);
    $told = callTold($this, $house, ['kind' => 'dead', 'at' => 'k6', 'when' => 'unknown', 'running' => []])->assertOk();
    $looksOf = fn($page, string $id): ?array => collect($page->json('trips.state.suspects'))->firstWhere('id', $id)['looks'] ?? null;
    $open = collect($told->json('trips.state.suspects'))->first(fn(array $one): bool => str_starts_with($one['id'], 'open:'));
    $at = fn(?array $looks): ?array => collect($looks['at'] ?? [])->firstWhere('point', 'k6');
    $dark = ['hn' => false, 'hg' => false, 'ng' => false];
    expect($at($open['looks']))->toMatchArray(['lamps' => $dark, 'spoken' => 'dark', 'isOther' => true])
        ->and($open['looks']['rival'])->not->toBe($open['name'])->not->toBeNull();
    // What was read stands beside it, and speaks for it or against it.
    $read = callShowed($this, $house, [['do' => 'tester', 'at' => ['point' => 'k6']], ['hn' => false, 'hg' => false, 'ng' => false]]);
    $same = $at($looksOf($read->assertOk(), $open['id']));
    expect($same['read'][0]['spoken'] ?? '')->toContain('no lamp lit')->and($same['read'][0]['for'] ?? null)->not->toBeFalse();
});

it('takes it that something tripped before the last step of a test', function (): void {
    $house = callHouse($this);
    callTold($this, $house, ['kind' => 'dead', 'at' => 'k2', 'when' => 'unknown', 'running' => []])->assertOk();
    $pressed = [['do' => 'press_test', 'at' => ['point' => 'k1']], ['tripped' => ['k1'], 'dead' => ['k1', 'k2', 'k3']]];
    $state = callShowed($this, $house, $pressed)->assertOk()->json('trips.state');
    $card = collect([$state['next'], ...$state['alternatives']])->first(fn(?array $card): bool => ($card['early'] ?? []) !== []);
    $early = $card['early'][0];
    expect($early)->toMatchArray(['steps' => 1, 'tripped' => 'k1'])->and($early['label'])->toStartWith('K1-01 tripped at step 1: ');
    $tripped = [$card['actions'][0]['action'], ['tripped' => [$early['tripped']]]];
    $facts = callShowed($this, $house, $tripped)->assertOk()->json('trips.state.facts');
    expect(json_encode($facts))->toContain('K1-01 tripped');
});

it('asks why it tripped as a call of its own, once it was only found tripped', function (): void {
    $house = callHouse($this);
    $dead = [['do' => 'tester', 'at' => ['point' => 'k2']], ['hn' => false, 'hg' => false, 'ng' => false]];
    $lit = [['do' => 'tester', 'at' => ['point' => 'k2']], ['hn' => true, 'hg' => true, 'ng' => false]];
    $reset = [['do' => 'reset', 'at' => ['point' => 'k1']], ['holds' => true, 'tripped' => [], 'no_power' => false]];
    callTold($this, $house, ['kind' => 'dead', 'at' => 'k2', 'when' => 'unknown', 'running' => []])->assertOk();
    $this->postJson("/houses/{$house->id}/call/answers", ['answers' => ['upstream' => 'One had popped, now it works']])->assertOk();
    $end = callShowed($this, $house, $dead, $reset, $lit)->assertOk();
    expect($end->json('trips.state.settled'))->toBeTrue()->and($end->json('trips.state.closing.why.at'))->toBe('k1')
        ->and($end->json('trips.state.closing.point'))->toBeNull();
    $why = $this->postJson("/houses/{$house->id}/call/close", ['note' => 'It is on again', 'why' => 'k1'])->assertOk();
    expect($why->json('trips.call'))->toMatchArray(['kind' => 'trips', 'at' => 'k1', 'when' => 'random'])
        ->and($why->json('trips.call.words'))->toContain('why did it trip')->and($why->json('trips.earlier.0.settled'))->toBeTrue()
        ->and($why->json('trips.state.facts'))->toBe([]);
    // Of what is not there nothing is asked, and nothing is closed.
    $before = $this->stored($house);
    $this->postJson("/houses/{$house->id}/call/close", ['note' => 'x', 'why' => 'nowhere'])->assertStatus(422);
    expect($this->stored($house))->toBe($before);
});

it('lists the boxes that stand open, with what it takes to make each up', function (): void {
    $house = callHouse($this);
    callTold($this, $house)->assertOk()->assertJsonPath('trips.state.boxes', []);
    $this->postJson("/houses/{$house->id}/outlets/u2/box", ['state' => 'apart'])->assertOk();
    $boxes = $this->getJson("/houses/{$house->id}/call/sheet")->json('trips.state.boxes');
    expect($boxes)->toBe([[
        'point' => 'u2', 'code' => 'U1-02', 'state' => 'apart', 'label' => 'Pairs apart, not capped', 'minutes' => 3,
    ]]);
});

it('has the next test thought through before the answer to this one comes, and the same one', function (): void {
    config(['calls.think_ahead' => true]);
    $house = callHouse($this);
    $next = callTold($this, $house)->assertOk()->json('trips.state.next');
    $known = [];
    Event::listen(CacheHit::class, function (CacheHit $hit) use (&$known): void {
        $known[] = explode(' ', $hit->key)[0];
    });
    $likely = collect($next['choices'])->sortByDesc('chance')->first();
    $last = count($next['actions']) - 1;
    $tests = array_map(
        fn(array $one, int $number): array => [$one['action'], $number === $last ? $likely['reading'] : $one['passed']],
        $next['actions'],
        array_keys($next['actions']),
    );
    $answered = callShowed($this, $house, ...$tests)->assertOk()->json('trips.state');
    expect($known)->toContain('diagnosis');
    // Worked out from nothing, it comes to the same.
    Cache::flush();
    expect($this->getJson("/houses/{$house->id}/call/sheet")->assertOk()->json('trips.state'))->toBe($answered);
});

it('takes nothing that was thought through for another house, other tests or another answer', function (): void {
    config(['calls.think_ahead' => true]);
    $house = callHouse($this);
    callTold($this, $house)->assertOk();
    $held = callShowed($this, $house, UNPLUG_IRON, IT_HELD)->assertOk()->json('trips.state.suspects');
    $other = $this->demoHouseOf($house->crew->users()->firstOrFail());
    callTold($this, $other)->assertOk();
    $tripped = callShowed($this, $other, UNPLUG_IRON, IT_TRIPPED)->assertOk()->json('trips.state.suspects');
    expect($tripped)->not->toBe($held);
    Cache::flush();
    expect($this->getJson("/houses/{$other->id}/call/sheet")->json('trips.state.suspects'))->toBe($tripped);
});
