<?php

declare(strict_types=1);

use App\Models\House;
use App\Models\User;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Storage;

/** The demo house of a crew, with nothing known of its kitchen circuit. */
function untraced($test): House
{
    $house = $test->demoHouseOf($test->crewMember());
    $test->actingAs(User::query()->where('crew_id', $house->crew_id)->firstOrFail());
    $test->change(
        $house,
        0,
        array_map(fn(string $id): array => ['in' => 'cables', 'id' => $id, 'set' => null], ['w1', 'w2', 'w3']),
    )->assertOk();

    return $house;
}

function sent($test, House $house, string $path, array $body = [])
{
    return $test->postJson("/houses/{$house->id}/$path", ['revision' => $house->fresh()?->revision, ...$body]);
}

it('traces a circuit from nothing to certain and writes it into the house', function (): void {
    $house = untraced($this);
    expect($this->getJson("/houses/{$house->id}/runs")->assertOk()->json('runs.resolved'))->toBeFalse();
    $off = sent(
        $this,
        $house,
        'observations',
        ['kind' => 'off', 'circuit' => 'c5', 'dead' => ['k1', 'k2', 'k3'], 'live' => ['n3']],
    )->assertOk();
    expect($off->json('runs.facts.0'))->toMatchArray([
        'spoken' => 'With breaker 5 Kitchen left off, K1-01, K1-02 and K1-03 went dead and N1-03 stayed live',
        'who' => 'Ada Quill',
    ])

            ->and($off->json('house.lastChange.summary'))
            ->toBe('With breaker 5 Kitchen left off, K1-01, K1-02 and K1-03 went dead and N1-03 stayed live')
        ->and($off->json('rooms'))->toBeNull();
    $trip = sent(
        $this,
        $house,
        'observations',
        ['kind' => 'trip', 'at' => 'k1', 'dead' => ['k2', 'k3'], 'live' => [], 'already_dead' => [], 'back' => ['k2', 'k3']],
    )->assertOk();
    expect($trip->json('runs.keep'))->toBe([['to' => 'k1', 'spoken' => 'breaker 5 Kitchen left to K1-01']]);
    sent($this, $house, 'observations', ['kind' => 'open', 'point' => 'k2', 'pairs' => 2])->assertOk();
    sent($this, $house, 'runs/keep')->assertOk();
    $outlets = collect($this->getJson("/houses/{$house->id}/sheet")->json('rooms'))
        ->flatMap(fn(array $room): array => $room['outlets'])
        ->keyBy('id');
    expect($outlets['k3']['traced'])->toBeTrue()->and($outlets['k3']['gfci']['verdict'])->toBe('met')
        ->and($this->getJson("/houses/{$house->id}/runs")->json('runs.keep'))->toBe([]);
    sent($this, $house, 'undo')->assertOk();
    expect($this->getJson("/houses/{$house->id}/runs")->json('runs.keep'))->toHaveCount(3);
});

it('sets facts that contradict side by side, and withdraws one', function (): void {
    $house = untraced($this);
    sent($this, $house, 'observations', ['kind' => 'off', 'circuit' => 'c5', 'dead' => ['k1', 'k2'], 'live' => ['k3']])->assertOk();
    $both = sent(
        $this,
        $house,
        'observations',
        ['kind' => 'trip', 'at' => 'k1', 'dead' => ['k2', 'k3'], 'live' => [], 'already_dead' => [], 'back' => []],
    )->assertOk();
    $ids = array_column($both->json('runs.facts'), 'id');
    expect(array_column($both->json('runs.conflicts.0.facts'), 'id'))->toBe($ids)->and($both->json('runs.next'))->toBeNull();
    $left = sent($this, $house, "observations/$ids[0]/withdraw")->assertOk();
    expect($left->json('runs.conflicts'))->toBe([])->and($left->json('runs.facts'))->toHaveCount(1);
    sent($this, $house, "observations/$ids[0]/withdraw")->assertNotFound();
    // Turned back it stands where it stood, under the same id.
    sent($this, $house, 'undo')->assertOk();
    expect(array_column($this->getJson("/houses/{$house->id}/runs")->json('runs.facts'), 'id'))->toBe($ids);
});

it('takes no observation of what is not there, and stores nothing of it', function (array $seen, string $field): void {
    $house = untraced($this);
    $before = $this->stored($house);
    sent($this, $house, 'observations', $seen)->assertUnprocessable();
    expect($this->stored($house))->toBe($before);
})->with([
    [['kind' => 'off', 'circuit' => 'nowhere', 'dead' => [], 'live' => []], 'circuit'],
    [['kind' => 'trip', 'at' => 'k2', 'dead' => [], 'live' => []], 'at'],
    [['kind' => 'lift', 'point' => 'k2', 'pair' => 'a', 'dead' => [], 'live' => []], 'point'],
    [['kind' => 'open', 'point' => 'k2', 'pairs' => 0], 'pairs'],
    [['kind' => 'guess'], 'kind'],
    [['kind' => 'off', 'circuit' => 'c5', 'dead' => [1], 'live' => []], 'dead'],
]);

it('proves a point dead, and neither undo nor a return to an earlier state turns a breaker', function (): void {
    $house = untraced($this);
    $proof = fn(float $volts) => $this->prove($house, 'g2', $volts);
    $this->readLive($house, 'g2')->assertOk();
    $proof(0.1)->assertUnprocessable()->assertJsonPath('objections.0', 'breaker 7 Workshop is not off');
    sent($this, $house, 'breakers', ['circuit' => 'c7', 'on' => false])->assertOk();
    $proof(31.0)->assertUnprocessable();
    $dead = $proof(0.1)->assertOk();
    $workshop = fn($answer): array => collect($answer->json('live'))->firstWhere('id', 'c7');
    expect($workshop($dead)['proofs'][0])->toMatchArray(['who' => 'Ada Quill', 'codes' => ['W1-02'], 'limit' => 5]);
    $box = fn(): array => $this->getJson("/houses/{$house->id}/outlets/g2/box")->assertOk()->json();
    expect($box()['handsOn']['allowed'])->toBeTrue();
    sent($this, $house, 'breakers', ['circuit' => 'c7', 'on' => true])->assertOk();
    expect($box()['handsOn']['allowed'])->toBeFalse();
    // What undo turns back are the changes before: the reading, then the cables. The breaker stays as it is.
    sent($this, $house, 'undo')->assertOk();
    $undone = sent($this, $house, 'undo')->assertOk();
    expect($workshop($undone)['off'])->toBeFalse()->and($undone->json('house.undo'))->toBeNull();
    $restored = sent($this, $house, 'history/3/restore');
    $restored->assertOk();
    expect($workshop($this->getJson("/houses/{$house->id}/sheet"))['off'])->toBeFalse()->and($box()['handsOn']['allowed'])->toBeFalse();
});

it('finds a breaker with two phones, and files what each answer showed', function (): void {
    $house = untraced($this);
    $helper = User::query()->create([
        'crew_id' => $house->crew_id,
        'name' => 'Bo Quill',
        'email' => 'bo@crew.example',
        'password' => 'long enough words',
    ]);
    $outlet = User::query()->where('crew_id', $house->crew_id)->firstOrFail();
    $hunt = $this->postJson("/houses/{$house->id}/hunt", ['point' => 'k2'])->assertOk()->json('hunt');
    expect($hunt)->toMatchArray(['phase' => 'flip', 'code' => 'K1-02', 'byName' => 'Ada Quill']);
    for ($turns = 0; $turns < 12 && ! in_array($hunt['phase'], ['found', 'none'], true); ++$turns) {
        $this->actingAs($helper)->postJson("/houses/{$house->id}/hunt/flipped", ['step' => $hunt['step']])->assertOk();
        $hunt = $this->actingAs($outlet)->getJson("/houses/{$house->id}/pulse")->json('hunt');
        expect($hunt['phase'])->toBe('look');
        $hunt = $this->postJson(
            "/houses/{$house->id}/hunt/looked",
            ['step' => $hunt['step'], 'out' => in_array('c5', array_column($hunt['off'], 'id'), true)],
        )
            ->assertOk()
            ->json('hunt');
    }
    expect($hunt['phase'])->toBe('found')->and(array_column($hunt['found'], 'slot'))->toBe(['5'])->and($turns)->toBeLessThan(6);
    $facts = $this->getJson("/houses/{$house->id}/runs")->json('runs');
    expect($facts['outlets']['k2']['circuit'])->toBe('c5');
    $off = array_values(
        array_filter($this->getJson("/houses/{$house->id}/sheet")->json('live'), fn(array $breaker): bool => $breaker['off']),
    );
    expect(array_column($off, 'id'))->toBe(['c5']);
    // An answer that comes late says nothing.
    $this->postJson("/houses/{$house->id}/hunt/looked", ['step' => 0, 'out' => true])->assertOk()->assertJsonPath('hunt.phase', 'found');
    $this->deleteJson("/houses/{$house->id}/hunt")->assertOk()->assertJsonPath('hunt', null);
    $this->postJson("/houses/{$house->id}/hunt", ['point' => 'nowhere'])->assertNotFound();
});

it('shows a box with what happens downstream, its checks and its backs', function (): void {
    $house = untraced($this);
    $box = $this->getJson("/houses/{$house->id}/outlets/g2/box")->assertOk()->json();
    $past = collect($box['pairs'])->firstWhere('tag', 'TO W1-04, W1-05, W1-06');
    expect(collect($past['cable']['if'])->firstWhere('land', 'load')['gains'])->toBe(['W1-04', 'W1-05', 'W1-06'])
        ->and($box['volume'])->toBe(['has' => 20.3, 'needs' => 22.5]);
    $checked = sent($this, $house, 'outlets/g2/checks', ['check' => 'torque', 'ok' => true])->assertOk()->json('box.checks');
    expect(collect($checked)->firstWhere('id', 'torque'))->toMatchArray(['ok' => true, 'who' => 'Ada Quill']);
    sent($this, $house, 'outlets/g2/checks', ['check' => 'luck', 'ok' => true])->assertUnprocessable();
    sent($this, $house, 'observations', ['kind' => 'open', 'point' => 'g2', 'pairs' => 3])->assertOk();
    sent($this, $house, 'outlets/g2/backs', ['back' => 'new', 'line_at' => 'bottom', 'leads' => false])->assertOk();
    $sat = ['pair' => 'a', 'back' => 'old', 'hot' => 'load'];
    $backs = sent($this, $house, 'outlets/g2/wires', $sat)->assertOk()->json('box.backs');
    expect($backs)->toMatchArray(['old' => null, 'new' => ['lineAt' => 'bottom', 'leads' => false]])
        ->and($backs['moves'][0]['oldHot']['text'])->toBe('LOAD, brass, hot')
        ->and($backs['moves'][0]['changesEnd'])->toBeFalse();
    sent($this, $house, 'outlets/g2/wires', ['pair' => 'a', 'back' => 'old'])->assertUnprocessable();
    sent($this, $house, 'outlets/g2/wires', ['pair' => 'a', 'back' => 'old', 'hot' => 'side'])->assertUnprocessable();
    $seen = ['awg' => 12, 'length_ft' => 9.5, 'colours' => ['hot' => 'red'], 'mark' => 'tape'];
    $of = fn(array $set) => collect(
        sent($this, $house, 'outlets/g2/pairs', ['pair' => 'c', 'set' => $set])->assertOk()->json('box.pairs'),
    )->firstWhere('name', 'c')['seen'];
    expect($of($seen))->toMatchArray(['awg' => 12, 'ft' => 9.5, 'hot' => 'red', 'neutral' => null, 'mark' => 'tape'])
        ->and($of(['mark' => null, 'method' => 'nm']))->toMatchArray(['awg' => 12, 'hot' => 'red', 'method' => 'nm', 'mark' => null]);
    foreach ([[], ['awg' => 11], ['awg' => 'thick'], ['length_ft' => -1], ['method' => 'string']] as $wrong) {
        sent($this, $house, 'outlets/g2/pairs', ['pair' => 'c', 'set' => $wrong])->assertUnprocessable();
    }
    $this->getJson("/houses/{$house->id}/outlets/nowhere/box")->assertNotFound();
});

it('notes what was wired otherwise, and forgets it with the change', function (): void {
    $house = untraced($this);
    $wired = fn(): array => array_column(
        array_filter(
            $this->get("/houses/{$house->id}/file")->assertOk()->json('records.device_history') ?? [],
            fn(array $event): bool => $event['event'] === 'wired',
        ),
        'point',
    );
    $before = $wired();
    $pairs = $this->getJson("/houses/{$house->id}/outlets/g2/box")->assertOk()->json('pairs');
    $cable = collect($pairs)->pluck('cable')->filter()->firstWhere('end', 'from')['id'];
    $capped = ['in' => 'cables', 'id' => $cable, 'set' => ['from' => ['land' => 'cap']]];
    sent($this, $house, 'changes', ['changes' => [$capped]])->assertOk();
    expect(array_diff($wired(), $before))->toContain('g2');
    sent($this, $house, 'undo')->assertOk();
    expect($wired())->toBe($before);
});

function photographed($test, House $house, UploadedFile $file)
{
    return $test->post("/houses/{$house->id}/outlets/g2/photos", ['photo' => $file], ['Accept' => 'application/json']);
}

it('keeps a photograph of a box, and refuses what is no photograph or too large', function (): void {
    Storage::fake('local');
    $house = untraced($this);
    $send = fn(UploadedFile $file) => photographed($this, $house, $file);
    $photos = $send(UploadedFile::fake()->image('box.jpg', 40, 30))->assertOk()->json('box.photos');
    expect($photos)->toHaveCount(1)->and($photos[0])->toMatchArray(['who' => 'Ada Quill']);
    $this->get("/houses/{$house->id}/photos/{$photos[0]['file']}")->assertOk()->assertHeader('Content-Type', 'image/jpeg');
    $this->get("/houses/{$house->id}/photos/" . str_repeat('0', 64) . '.jpg')->assertNotFound();
    $send(UploadedFile::fake()->create('notes.txt', 3, 'text/plain'))->assertUnprocessable();
    $send(UploadedFile::fake()->image('wide.png')->size(9000))
        ->assertUnprocessable()
        ->assertJsonPath('message', 'A photograph has 8 MB at most.');
    expect(Storage::disk('local')->allFiles())->toHaveCount(1);
});

it('takes no more photographs than the crew has room for, and says so', function (): void {
    Storage::fake('local');
    $house = untraced($this);
    $send = fn(UploadedFile $file) => photographed($this, $house, $file);
    $send($box = UploadedFile::fake()->image('box.png', 40, 30))->assertOk();
    $bytes = Storage::size(Storage::files("photos/{$house->id}")[0]);
    expect($this->get('/people')->viewData('page')['props']['room'])->toBe(['used' => $bytes, 'most' => 2_000_000_000]);
    config(['crews.photo_mb' => 0]);
    $send(UploadedFile::fake()->image('other.png', 50, 30))
        ->assertUnprocessable()
        ->assertJsonPath('message', "The crew's room for photographs is full, 0 MB. Who runs the server can give it more.");
    // Sent twice it is kept once, and takes no more room.
    $send($box)->assertOk();
    expect(Storage::files("photos/{$house->id}"))->toHaveCount(1)->and($house->fresh()?->photo_bytes)->toBe($bytes);
});

it('never sends a file that a house file merely names', function (): void {
    $user = $this->crewMember();
    $house = $this->demoHouseOf($user);
    $this->actingAs($user);
    foreach (['../../../settings', '..%2F..%2Fsettings', 'settings.png', str_repeat('a', 64) . '.php'] as $file) {
        $this->get("/houses/{$house->id}/photos/$file")->assertNotFound();
    }
});

it('keeps notes of a box, and how the crew marks the feed', function (): void {
    $house = untraced($this);
    $notes = sent($this, $house, 'outlets/g2/notes', ['text' => 'Paired by test: hot 1 with neutral 2.'])->assertOk()->json('box.notes');
    expect(end($notes))->toMatchArray(['text' => 'Paired by test: hot 1 with neutral 2.', 'who' => 'Ada Quill']);
    sent($this, $house, 'outlets/g2/notes', ['text' => ' '])->assertUnprocessable();
    sent($this, $house, 'outlets/nowhere/notes', ['text' => 'x'])->assertNotFound();
    $this->put('/crew', ['feed_mark' => 'hot and neutral twisted'])->assertRedirect();
    $this->get('/instruments')->assertInertia(
        fn($page) => $page->where('feedMark', 'hot and neutral twisted')->where('user.feedMark', 'hot and neutral twisted'),
    );
});

it('knows a crew by its choice of devices, and offers what it noted of one in another house', function (): void {
    $house = untraced($this);
    $this->put('/crew', ['device_amps' => 20])->assertRedirect();
    $this->put('/crew', ['device_amps' => 30])->assertSessionHasErrors('device_amps');
    // The mark is said by itself, and stays.
    $this->put('/crew', ['feed_mark' => 'twisted'])->assertRedirect();
    $this->get('/instruments')->assertInertia(fn($page) => $page->where('deviceAmps', 20)->where('user.deviceAmps', 20));
    $manners = ['light' => 'power', 'reset_by' => 'test_then_reset'];
    sent($this, $house, 'changes', ['changes' => [['in' => 'points', 'id' => 'g2', 'set' => $manners]]])->assertOk();
    // Of its own house the sheet says so; the other one is told.
    $this->get("/houses/{$house->id}")->assertInertia(fn($page) => $page->where('manners', []));
    $other = $this->demoHouseOf(User::query()->where('crew_id', $house->crew_id)->firstOrFail());
    $this->get("/houses/{$other->id}")->assertInertia(fn($page) => $page->where('manners.0.at', $house->name)
        ->where('manners.0.kind', 'gfci 20 A')->where('manners.0.set.light', 'power')->where('manners.0.set.reset_by', 'test_then_reset'));
    // Another crew knows nothing of it.
    $stranger = $this->crewMember('Bo Other');
    $theirs = $this->demoHouseOf($stranger);
    $this->actingAs($stranger)->get("/houses/{$theirs->id}")->assertInertia(fn($page) => $page->where('manners', []));
});
